import { type DefaultTreeAdapterMap, parse } from "parse5";
import { type FragmentNode, parseSource, type TreeNode } from "./parse.ts";

const WHOLE: ReadonlySet<string> = new Set(["html", "body", "frameset"]);

type Theirs = DefaultTreeAdapterMap["childNode"] | DefaultTreeAdapterMap["document"];

/**
 * What parse5 says of a node, with its offsets; `ofOurs` says the same of ours. The ends of html, body and frameset are left
 * out, since nothing uses them. Headings may differ: ours end with any heading's end tag (HTML 13.2.6.4.7).
 */
function ofParse5(node: Theirs): unknown {
  if (node.nodeName === "#document") return (node as DefaultTreeAdapterMap["document"]).childNodes.map(ofParse5);
  const at = (node as DefaultTreeAdapterMap["element"]).sourceCodeLocation;
  const start = at?.startOffset ?? -1;
  if ("tagName" in node) {
    const attributes = node.attrs.map(({ name, value, prefix }) => [name, value, prefix ?? ""]);
    const content = "content" in node ? (node.content as DefaultTreeAdapterMap["documentFragment"]).childNodes : [];
    const tags = at?.startTag ? [at.startTag.endOffset, at.endTag?.startOffset ?? -1] : [at ? at.endOffset : -1, -1];
    const isWhole = WHOLE.has(node.tagName);
    const end = isWhole ? "" : [at?.endOffset ?? -1, ...tags];
    const name = `${node.tagName} ${node.namespaceURI}`;
    return [name, attributes, start, end, node.childNodes.map(ofParse5), content.map(ofParse5)];
  }
  if ("value" in node) return ["text", node.value, start, at?.endOffset ?? -1];
  if ("data" in node) return ["comment", node.data, start, at?.endOffset ?? -1];
  const { name, publicId, systemId } = node as DefaultTreeAdapterMap["documentType"];
  return ["doctype", name, publicId, systemId, start, at?.endOffset ?? -1];
}

function ofOurs(node: TreeNode | FragmentNode): unknown {
  if ("mode" in node) return node.children.map(ofOurs);
  if (node.type === "element") {
    const attributes = node.attributes.map(({ name, value, prefix }) => [name, value, prefix ?? ""]);
    const isWhole = WHOLE.has(node.tag);
    const end = isWhole ? "" : [node.end, node.startEnd, node.endStart];
    const content = node.content?.children ?? [];
    return [
      `${node.tag} ${node.namespace}`,
      attributes,
      node.start,
      end,
      node.children.map(ofOurs),
      content.map(ofOurs),
    ];
  }
  if (node.type === "text") return ["text", node.text, node.start, node.end];
  if (node.type === "comment") return ["comment", node.text, node.start, node.end];
  return ["doctype", node.name, node.publicId, node.systemId, node.start, node.end];
}

/** Where our tree of a source first differs from parse5's own, with its offsets; null if they are the same, or reading stopped. */
export function differenceFromParse5(source: string): string | null {
  const { document, fault } = parseSource(source);
  if (fault !== null) return null;
  const ours = JSON.stringify(ofOurs(document));
  const theirs = JSON.stringify(ofParse5(parse(source, { sourceCodeLocationInfo: true })));
  if (ours === theirs) return null;
  let at = 0;
  while (ours[at] === theirs[at]) at++;
  return `ours …${ours.slice(Math.max(0, at - 80), at + 80)}…\nparse5 …${theirs.slice(Math.max(0, at - 80), at + 80)}…`;
}
