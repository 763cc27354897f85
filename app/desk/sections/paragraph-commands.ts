import { toggleMark } from "prosemirror-commands";
import type { Slice } from "prosemirror-model";
import type { Command, EditorState, Transaction } from "prosemirror-state";
import { schema } from "./paragraph-schema";

const { link, emphasis, strong, code } = schema.marks;
const KINDS = { link, emphasis, strong, code };

/** Markup that selected words are given, or lose where some of them have it, whichever element of the page it is. */
export const TOGGLES = {
  emphasis: toggleMark(emphasis),
  strong: toggleMark(strong),
  code: toggleMark(code),
} as const;

export const breakLine: Command = (state, dispatch) => {
  dispatch?.(state.tr.replaceSelectionWith(schema.nodes.break.create()).scrollIntoView());
  return true;
};

/** Whether what is selected, or what would be typed, has markup of a kind. */
export function hasMark(state: EditorState, name: keyof typeof KINDS): boolean {
  const { from, to, empty, $from } = state.selection;
  const type = KINDS[name];
  return empty
    ? type.isInSet(state.storedMarks ?? $from.marks()) !== undefined
    : state.doc.rangeHasMark(from, to, type);
}

/** The words that a link has or would have, and where it leads; "" where there is none. */
export interface Linked {
  from: number;
  to: number;
  href: string;
}

/** All words of the link in which the cursor or the selection stands; else those that are selected. */
export function linkAt(state: EditorState): Linked {
  const { from, to, $from } = state.selection;
  const mark = ($from.nodeAfter && link.isInSet($from.nodeAfter.marks)) || link.isInSet($from.marks());
  if (!mark) return { from, to, href: "" };
  let [start, end] = [from, to];
  state.doc.forEach((node, at) => {
    if (!mark.isInSet(node.marks)) return;
    start = Math.min(start, at);
    end = Math.max(end, at + node.nodeSize);
  });
  return { from: start, to: end, href: String(mark.attrs.href) };
}

/** Words as a link that leads somewhere, or as none. Of a link that leads elsewhere all else stays. */
export function withLink(state: EditorState, href: string | null): Transaction {
  const { from, to } = linkAt(state);
  const before = state.doc.nodeAt(from)?.marks.find(({ type }) => type === link);
  const tr = state.tr.removeMark(from, to, link);
  return href === null ? tr : tr.addMark(from, to, link.create({ of: before?.attrs.of ?? null, href }));
}

/** What is copied as others see it: words, a line break as the end of a line. */
export const textOf = ({ content }: Slice): string => content.textBetween(0, content.size, "\n");

/**
 * What comes from the clipboard. What was copied here comes with its markup and its pictures; words of another program come
 * as words alone: what it writes around them is none of this page's.
 */
export function pasted(state: EditorState, text: string, copied: Slice | null): Transaction {
  const own = copied && textOf(copied) === text.replaceAll("\r\n", "\n");
  if (own) return state.tr.replaceSelection(copied);
  return text === "" ? state.tr : state.tr.insertText(text.replace(/\s*\n\s*/g, " "));
}
