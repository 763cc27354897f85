import type { Patch } from "./patch.ts";

/** A character as it is read, and where it is written; a run of white space is one character in one or several places. */
export interface PlacedCharacter {
  text: string;
  places: { start: number; end: number }[];
  parent: InlineElement;
  /** Made by a line break or another atom. */
  atom?: true;
}

/** Running text within one element, character by character. */
export interface InlineText {
  kind: "text";
  characters: { text: string; start: number; end: number }[];
}

/** Something without words of its own that stands among words: a picture, a line break, a comment, a field to fill in. */
export interface InlineAtom {
  kind: "atom";
  start: number;
  end: number;
  /** What a reader makes of it: nothing, or a gap between words. */
  text: "" | " ";
  /** Whether it does something by itself; an icon made of an empty element, or a comment, does not. */
  counts: boolean;
}

/** Markup around words. */
export interface InlineElement {
  kind: "element";
  /** How an editor is told of it: “link”, “b”. */
  name: string;
  start: number;
  /** Behind the start tag, and where the end tag begins. */
  startEnd: number;
  endStart: number;
  end: number;
  children: InlineNode[];
  /**
   * What is done with it when all its words are gone: it goes with them, it stays for what it does without words (with
   * `patches`, for instance as an anchor that is no link), or it is pressed by somebody, so that it needs words.
   */
  wordless: { stays: false } | { stays: true; patches: Patch[] } | { stays: true; refusal: string };
}

export type InlineNode = InlineText | InlineAtom | InlineElement;

const isSpace = (text: string) => /^[\t\n\f\r ]$/.test(text);

/** The characters of a tree as they are read: white space collapsed, none at the beginning or the end. */
export function readCharacters(root: InlineElement): PlacedCharacter[] {
  const read: PlacedCharacter[] = [];
  const add = (text: string, place: { start: number; end: number }, parent: InlineElement, atom = false) => {
    const last = read.at(-1);
    if (!isSpace(text)) read.push({ text, places: [place], parent });
    else if (last?.text === " ") last.places.push(place);
    else if (last) read.push({ text: " ", places: [place], parent });
    const now = read.at(-1);
    if (atom && now) now.atom = true;
  };
  const walk = (parent: InlineElement) => {
    for (const node of parent.children) {
      if (node.kind === "element") walk(node);
      else if (node.kind === "text")
        for (const { text, start, end } of node.characters) add(text, { start, end }, parent);
      else if (node.text !== "") add(node.text, { start: node.start, end: node.end }, parent, true);
    }
  };
  walk(root);
  if (read.at(-1)?.text === " ") read.pop();
  return read;
}

/** The elements around something, outermost first, itself last. */
export function pathsIn(root: InlineElement): ReadonlyMap<InlineElement, readonly InlineElement[]> {
  const paths = new Map<InlineElement, readonly InlineElement[]>([[root, [root]]]);
  const walk = (parent: InlineElement) => {
    for (const child of parent.children) {
      if (child.kind !== "element") continue;
      paths.set(child, [...(paths.get(parent) ?? []), child]);
      walk(child);
    }
  };
  walk(root);
  return paths;
}

export function* atomsIn(parent: InlineElement): Generator<InlineAtom> {
  for (const child of parent.children) {
    if (child.kind === "atom") yield child;
    else if (child.kind === "element") yield* atomsIn(child);
  }
}
