import { type Mark, type Node, Schema } from "prosemirror-model";
import { isText, type Piece, type Mark as PieceMark } from "#core/rewrite/content";

const of = { of: { default: null } };
const tag = (name: string) => ({ attrs: of, excludes: "", toDOM: () => [name, 0] as const });

/** What may stand in a text: words, line breaks and things among them, with markup around. Its document is one text. */
export const schema = new Schema({
  nodes: {
    doc: { content: "inline*", marks: "_" },
    text: { group: "inline" },
    break: { group: "inline", inline: true, selectable: false, attrs: of, toDOM: () => ["br"], leafText: () => "\n" },
    thing: {
      group: "inline",
      inline: true,
      atom: true,
      attrs: { ...of, name: {}, label: {} },
      toDOM: ({ attrs }) => [
        "span",
        { class: "rounded-xs border border-hairline px-1 font-sans text-12 text-graphite" },
        attrs.label || attrs.name,
      ],
    },
  },
  marks: {
    link: {
      attrs: { ...of, href: {} },
      inclusive: false,
      toDOM: ({ attrs }) => ["span", { class: "underline underline-offset-2", title: attrs.href }, 0],
    },
    emphasis: tag("em"),
    strong: tag("strong"),
    code: tag("code"),
    /** Any other markup, kept as it is. */
    other: { attrs: { ...of, name: {} }, excludes: "", toDOM: ({ attrs }) => ["span", { title: attrs.name }, 0] },
  },
});

const MARKS = new Set(["emphasis", "strong", "code"]);

function markOf({ of, name, href }: PieceMark): Mark {
  if (href !== null) return schema.mark("link", { of, href });
  return MARKS.has(name) ? schema.mark(name, { of }) : schema.mark("other", { of, name });
}

const pieceMark = ({ type, attrs }: Mark): PieceMark => ({
  of: attrs.of,
  name: type.name === "other" ? attrs.name : type.name,
  href: attrs.href ?? null,
});

/** Pieces as a document for the editor. */
export const docOf = (pieces: readonly Piece[]): Node =>
  schema.node(
    "doc",
    null,
    pieces.map((piece) => {
      const marks = piece.marks.map(markOf);
      if (isText(piece)) return schema.text(piece.text, marks);
      return piece.name === "break"
        ? schema.node("break", { of: piece.of }, [], marks)
        : schema.node("thing", { of: piece.of, name: piece.name, label: piece.label }, [], marks);
    }),
  );

/** What an editor's document holds, as pieces. */
export function piecesOf(doc: Node): Piece[] {
  const pieces: Piece[] = [];
  doc.forEach((node) => {
    const marks = node.marks.map(pieceMark);
    if (node.isText) pieces.push({ text: node.text ?? "", marks });
    else pieces.push({ of: node.attrs.of, name: node.attrs.name ?? "break", label: node.attrs.label ?? "", marks });
  });
  return pieces;
}
