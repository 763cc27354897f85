import { type html, Parser, Token, type Tokenizer } from "parse5";
import { type Offsets, OffsetTokenizer } from "./tokenizer.ts";

/** An element of the tree that the HTML standard's parser builds, with its place in the source. */
export interface ElementNode {
  type: "element";
  tag: string;
  namespace: string;
  attributes: Token.Attribute[];
  parent: ParentNode | null;
  children: TreeNode[];
  /** The content of a `template` element, which is no part of the document. */
  content: FragmentNode | null;
  /** Offset of the start tag in UTF-16 code units; -1 where the source holds none (implied, or made anew by the parser). */
  start: number;
  /** Offset behind the start tag. */
  startEnd: number;
  /** Offset of the end tag; -1 where the source holds none. */
  endStart: number;
  /** Offset behind the element. */
  end: number;
}

export interface TextNode {
  type: "text";
  text: string;
  parent: ParentNode | null;
  start: number;
  end: number;
}

export interface CommentNode {
  type: "comment";
  text: string;
  parent: ParentNode | null;
  start: number;
  end: number;
}

export interface DoctypeNode {
  type: "doctype";
  name: string;
  publicId: string;
  systemId: string;
  parent: ParentNode | null;
  start: number;
  end: number;
}

export interface FragmentNode {
  type: "fragment" | "document";
  children: TreeNode[];
  parent: null;
  mode: html.DOCUMENT_MODE;
}

export type ParentNode = ElementNode | FragmentNode;
export type TreeNode = ElementNode | TextNode | CommentNode | DoctypeNode;

/** Why a source could not be read to its end. */
export type ParseFault = "too-many-nodes" | "too-deep";

/** Open elements at one time. Browsers flatten what lies deeper than 512 (from memory); a worker's stack is not much deeper. */
export const MAX_DEPTH = 512;

/**
 * Nodes a source may become. A node that the source spells takes at least one character, so only sources that make the
 * parser repeat elements come near it.
 */
export function maxNodes(sourceLength: number): number {
  return Math.min(400_000, 1_000 + sourceLength);
}

class ParseStopped extends Error {
  constructor(readonly fault: ParseFault) {
    super(fault);
  }
}

// parse5 declares these members private; a subclass cannot be typed against them without saying so.
const HiddenTokenizer = OffsetTokenizer as unknown as typeof Tokenizer;

interface InsertionPlace {
  parent: ParentNode;
  beforeElement: ElementNode | null;
}

interface ParserInternals {
  document: FragmentNode;
  tokenizer: Tokenizer;
  openElements: { stackTop: number; currentTmplContentOrNode: ParentNode };
  _shouldFosterParentOnInsertion(): boolean;
  _findFosterParentingLocation(): InsertionPlace;
}

const HEADING_TAG = /^h[1-6]$/;

type Tree = html.DOCUMENT_MODE;

class OffsetParser extends (Parser as unknown as new (options: object) => object) {
  constructor(options: object) {
    super(options);
    const self = this as unknown as ParserInternals & { options: never };
    self.tokenizer = new HiddenTokenizer(self.options, self as never);
  }

  onItemPush(node: ElementNode, id: number, isTop: boolean): void {
    if ((this as unknown as ParserInternals).openElements.stackTop > MAX_DEPTH) throw new ParseStopped("too-deep");
    (Parser.prototype as unknown as { onItemPush: (...a: unknown[]) => void }).onItemPush.call(this, node, id, isTop);
  }

  _attachElementToTree(element: ElementNode, location: Offsets | null, place: InsertionPlace): void {
    if (location) {
      element.start = location.startOffset;
      element.startEnd = location.endOffset;
      element.end = location.endOffset;
    }
    if (place.beforeElement) insertBefore(place.parent, element, place.beforeElement);
    else append(place.parent, element);
  }

  _insertCharacters(token: { chars: string; location: Offsets }): void {
    const self = this as unknown as ParserInternals;
    if (self._shouldFosterParentOnInsertion()) {
      const { parent, beforeElement } = self._findFosterParentingLocation();
      const at = beforeElement ? parent.children.lastIndexOf(beforeElement) : parent.children.length;
      insertText(parent, at, token);
    } else {
      const parent = self.openElements.currentTmplContentOrNode;
      insertText(parent, parent.children.length, token);
    }
  }

  _setEndLocation(element: ElementNode, closing: { type: number; tagName?: string; location: Offsets | null }): void {
    if (element.start < 0 || !closing.location) return;
    // Any heading's end tag closes the open heading (HTML 13.2.6.4.7).
    const closes =
      closing.type === Token.TokenType.END_TAG &&
      closing.tagName !== undefined &&
      (closing.tagName === element.tag || (HEADING_TAG.test(element.tag) && HEADING_TAG.test(closing.tagName)));
    if (closes) {
      element.endStart = closing.location.startOffset;
      element.end = closing.location.endOffset;
    } else {
      element.end = closing.location.startOffset;
    }
  }
}

function append(parent: ParentNode, node: TreeNode): void {
  parent.children.push(node);
  node.parent = parent;
}

function insertBefore(parent: ParentNode, node: TreeNode, before: TreeNode): void {
  // It is mostly the last one: a table that text or links are moved out of.
  parent.children.splice(parent.children.lastIndexOf(before), 0, node);
  node.parent = parent;
}

function insertText(parent: ParentNode, at: number, token: { chars: string; location: Offsets }): void {
  const previous = parent.children[at - 1];
  if (previous?.type === "text") {
    previous.text += token.chars;
    previous.end = token.location.endOffset;
    return;
  }
  const { startOffset: start, endOffset: end } = token.location;
  const node: TextNode = { type: "text", text: token.chars, parent, start, end };
  if (at === parent.children.length) parent.children.push(node);
  else parent.children.splice(at, 0, node);
}

/** The tree adapter that parse5 builds through; counts nodes and stops at `limit`. */
class OffsetAdapter {
  private nodes = 0;
  /** Names of attributes of elements that take more from further start tags: html and body. */
  private readonly adopted = new Map<ElementNode, Set<string>>();

  constructor(private readonly limit: number) {}

  private count<T>(node: T): T {
    if (++this.nodes > this.limit) throw new ParseStopped("too-many-nodes");
    return node;
  }

  createDocument(): FragmentNode {
    return { type: "document", children: [], parent: null, mode: "no-quirks" as Tree };
  }

  createDocumentFragment(): FragmentNode {
    return { type: "fragment", children: [], parent: null, mode: "no-quirks" as Tree };
  }

  createElement(tag: string, namespace: string, attributes: Token.Attribute[]): ElementNode {
    return this.count({
      type: "element",
      tag,
      namespace,
      attributes,
      parent: null,
      children: [],
      content: null,
      start: -1,
      startEnd: -1,
      endStart: -1,
      end: -1,
    });
  }

  createCommentNode(text: string): CommentNode {
    return this.count({ type: "comment", text, parent: null, start: -1, end: -1 });
  }

  createTextNode(text: string): TextNode {
    return this.count({ type: "text", text, parent: null, start: -1, end: -1 });
  }

  appendChild(parent: ParentNode, node: TreeNode): void {
    append(parent, node);
  }

  insertBefore(parent: ParentNode, node: TreeNode, before: TreeNode): void {
    insertBefore(parent, node, before);
  }

  setTemplateContent(template: ElementNode, content: FragmentNode): void {
    template.content = content;
  }

  getTemplateContent(template: ElementNode): FragmentNode | null {
    return template.content;
  }

  setDocumentType(document: FragmentNode, name: string, publicId: string, systemId: string): void {
    append(document, { type: "doctype", name, publicId, systemId, parent: document, start: -1, end: -1 });
  }

  setDocumentMode(document: FragmentNode, mode: Tree): void {
    document.mode = mode;
  }

  getDocumentMode(document: FragmentNode): Tree {
    return document.mode;
  }

  detachNode(node: TreeNode): void {
    if (!node.parent) return;
    const at = node.parent.children.lastIndexOf(node);
    if (at >= 0) node.parent.children.splice(at, 1);
    node.parent = null;
  }

  insertText(parent: ParentNode, chars: string): void {
    insertText(parent, parent.children.length, { chars, location: NOWHERE });
  }

  insertTextBefore(parent: ParentNode, chars: string, before: TreeNode): void {
    insertText(parent, parent.children.lastIndexOf(before), { chars, location: NOWHERE });
  }

  adoptAttributes(element: ElementNode, attributes: Token.Attribute[]): void {
    const names = this.adopted.get(element) ?? new Set(element.attributes.map(({ name }) => name));
    this.adopted.set(element, names);
    for (const attribute of attributes) {
      if (names.has(attribute.name)) continue;
      names.add(attribute.name);
      element.attributes.push(attribute);
    }
  }

  getFirstChild(node: ParentNode): TreeNode | undefined {
    return node.children[0];
  }

  getChildNodes(node: ParentNode): TreeNode[] {
    return node.children;
  }

  getParentNode(node: TreeNode): ParentNode | null {
    return node.parent;
  }

  getAttrList(element: ElementNode): Token.Attribute[] {
    return element.attributes;
  }

  getTagName(element: ElementNode): string {
    return element.tag;
  }

  getNamespaceURI(element: ElementNode): string {
    return element.namespace;
  }

  getTextNodeContent(node: TextNode): string {
    return node.text;
  }

  getCommentNodeContent(node: CommentNode): string {
    return node.text;
  }

  getDocumentTypeNodeName(node: DoctypeNode): string {
    return node.name;
  }

  getDocumentTypeNodePublicId(node: DoctypeNode): string {
    return node.publicId;
  }

  getDocumentTypeNodeSystemId(node: DoctypeNode): string {
    return node.systemId;
  }

  isTextNode(node: TreeNode): boolean {
    return node.type === "text";
  }

  isCommentNode(node: TreeNode): boolean {
    return node.type === "comment";
  }

  isDocumentTypeNode(node: TreeNode): boolean {
    return node.type === "doctype";
  }

  isElementNode(node: TreeNode): boolean {
    return node.type === "element";
  }

  /** Elements and text get their offsets above; this is called for comments and the doctype. */
  setNodeSourceCodeLocation(node: TreeNode | FragmentNode, location: Offsets | null): void {
    if (!location || (node.type !== "comment" && node.type !== "doctype")) return;
    node.start = location.startOffset;
    node.end = location.endOffset;
  }

  getNodeSourceCodeLocation(): null {
    return null;
  }

  updateNodeSourceCodeLocation(): void {}
}

const NOWHERE: Offsets = { startOffset: -1, endOffset: -1 };

export interface ParsedSource {
  document: FragmentNode;
  fault: ParseFault | null;
}

/**
 * Parses HTML as the standard does (parse5). Never throws: a source that would make more nodes or a deeper tree than
 * `maxNodes` and `MAX_DEPTH` allow comes back with what was read so far and a named fault.
 */
export function parseSource(source: string): ParsedSource {
  const treeAdapter = new OffsetAdapter(maxNodes(source.length));
  const parser = new OffsetParser({ treeAdapter, sourceCodeLocationInfo: true }) as unknown as ParserInternals & {
    tokenizer: Tokenizer;
  };
  try {
    parser.tokenizer.write(source, true);
    return { document: parser.document, fault: null };
  } catch (error) {
    if (error instanceof ParseStopped) return { document: parser.document, fault: error.fault };
    throw error;
  }
}

/** The value of an attribute, or null where the element has none of that name. */
export function attribute(element: ElementNode, name: string): string | null {
  for (const a of element.attributes) if (a.name === name) return a.value;
  return null;
}
