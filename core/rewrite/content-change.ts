import type fc from "fast-check";
import { isText, type Mark, type Piece } from "./content.ts";
import type { Samples } from "./operations/operation.ts";

const MARKS: readonly Mark[] = [
  { of: null, name: "emphasis", href: null },
  { of: null, name: "strong", href: null },
  { of: null, name: "code", href: null },
  { of: null, name: "link", href: "/to?a=1&b" },
];

/** Something that a person does to the content of a block, for tests. */
export const anyChange = ({
  fc,
  word,
}: Pick<Samples, "fc" | "word">): fc.Arbitrary<(content: readonly Piece[]) => Piece[]> =>
  fc
    .record({ at: fc.nat(), mark: fc.constantFrom(...MARKS), one: word, what: fc.nat({ max: 4 }) })
    .map(({ at, mark, one, what }) => (content) => {
      const there = at % Math.max(1, content.length);
      return content.flatMap((piece, i) => (i === there ? done(piece, mark, one, what) : [piece]));
    });

function done(piece: Piece, mark: Mark, word: string, what: number): Piece[] {
  const { marks } = piece;
  // A link holds no other.
  const linked = marks.some(({ href }) => href !== null);
  if (what === 0) return [{ ...piece, marks: marks.slice(1) }];
  if (what === 1 || !isText(piece)) return [];
  const middle = piece.text.length >> 1;
  const [left, right] = [piece.text.slice(0, middle), piece.text.slice(middle)];
  if (what === 2) return [{ marks, text: `${left} ${word} ${right}` }];
  const lineBreak: Piece = { marks, of: null, name: "break", label: "" };
  if (what === 3) return [{ marks, text: left }, lineBreak, { marks, text: right }];
  if (linked && mark.href !== null)
    return [{ ...piece, marks: marks.map((one) => (one.href === null ? one : { ...one, href: mark.href })) }];
  return [
    { marks, text: left },
    { marks: [...marks, mark], text: right },
  ];
}
