import { collapse, type Page } from "../page/page.ts";
import { sameBlock } from "./block-text.ts";
import type { PageData } from "./page-data.ts";

/**
 * The place on the page that a value was taken from: its words, and what stood before and behind them, as the text quote
 * selector of the W3C Web Annotation Data Model (4.2.4) keeps them; and the heading it stood under.
 */
export interface Evidence {
  /** JSON pointer to the value in the block. */
  pointer: string;
  exact: string;
  before: string;
  after: string;
  /** Text of the heading; "" where it stood under none. */
  heading: string;
}

/** Structured data that a redraft has written, with where its values came from. */
export interface WrittenData {
  value: string;
  evidence?: readonly Evidence[];
}

/** Characters that are kept before and behind. */
const AROUND = 32;

/** Characters around a quotation, from which on they name its place. */
const SURE = 8;

/** Evidence for words of a block. */
export function evidenceIn(page: Page, block: number, exact: string, pointer: string): Evidence {
  const { text, heading, landmark } = page.blocks[block] ?? { text: "", heading: -1, landmark: null };
  const at = Math.max(0, text.indexOf(exact));
  const behind = at + exact.length;
  const earlier = page.blocks[block - 1]?.text ?? "";
  const later = page.blocks[block + 1]?.text ?? "";
  return {
    pointer,
    exact,
    // Cut before they are joined: a long text has many places.
    before: `${earlier.slice(-AROUND)}\n${text.slice(Math.max(0, at - AROUND), at)}`.slice(-AROUND),
    after: `${text.slice(behind, behind + AROUND)}\n${later.slice(0, AROUND)}`.slice(0, AROUND),
    // A footer is no part of what it stands under.
    heading: landmark === "contentinfo" || landmark === "banner" ? "" : (page.headings[heading]?.text ?? ""),
  };
}

/** How evidence stands to the page as it now reads. */
export type EvidenceState =
  | { state: "there" }
  /** What stands between the same words now. */
  | { state: "changed"; now: string }
  | { state: "gone" };

/** Looks for evidence again: its words, or else what stands where they stood. */
export function followEvidence(page: Pick<Page, "blocks">, { exact, before, after }: Evidence): EvidenceState {
  const words = (part: string, end: "before" | "after") =>
    (end === "before" ? part.split("\n").at(-1) : part.split("\n")[0]) ?? "";
  const lead = words(before, "before");
  const trail = words(after, "after");
  if (page.blocks.some(({ text }) => text.includes(lead + exact + trail))) return { state: "there" };
  for (const { text: block } of page.blocks) {
    // A word or two around it may stand anywhere.
    if (lead.length + trail.length < SURE && page.blocks.some(({ text }) => text.includes(exact))) break;
    const from = lead === "" ? 0 : block.indexOf(lead);
    if (from < 0) continue;
    const start = from + lead.length;
    const end = trail === "" ? block.length : block.indexOf(trail, start);
    const now = end < start ? "" : collapse(block.slice(start, end));
    // Without anything around it only its neighbours say where it was.
    if (now !== "" && (lead !== "" || trail !== "")) return { state: "changed", now };
  }
  if (lead === "" && trail === "") {
    const [earlier, later] = [before.split("\n").at(-2) ?? "", after.split("\n")[1] ?? ""];
    const at = page.blocks.findIndex(
      ({ text: block }, i) =>
        i > 0 &&
        (page.blocks[i - 1]?.text ?? "").endsWith(earlier.slice(-AROUND)) &&
        earlier !== "" &&
        block !== "" &&
        (page.blocks[i + 1]?.text ?? "").startsWith(later),
    );
    const now = page.blocks[at]?.text;
    if (now) return { state: "changed", now };
  }
  return page.blocks.some(({ text }) => text.includes(exact)) ? { state: "there" } : { state: "gone" };
}

/** Evidence after a value has become the first of a list, given its pointers before and after. */
export const movedEvidence = (evidence: readonly Evidence[], moved: { from: string; to: string } | null): Evidence[] =>
  evidence.map((one) =>
    moved && (one.pointer === moved.from || one.pointer.startsWith(`${moved.from}/`))
      ? { ...one, pointer: moved.to + one.pointer.slice(moved.from.length) }
      : one,
  );

/** Evidence by block and pointer, as the redraft keeps it. */
export type EvidenceOf = ReadonlyMap<string, Evidence>;

/** The evidence of a redraft's blocks, by the names of the places that it speaks for. */
export function evidenceOf(data: PageData, kept: readonly WrittenData[]): Map<string, Evidence> {
  const found = new Map<string, Evidence>();
  for (const [block, { text }] of data.blocks.entries()) {
    for (const { value, evidence = [] } of kept) {
      if (!sameBlock(value, text)) continue;
      for (const one of evidence) found.set(`${block}${one.pointer}`, one);
    }
  }
  return found;
}
