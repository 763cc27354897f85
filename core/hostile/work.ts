import { audit } from "../audit/auditor.ts";
import { proposalsFor } from "../compose/compose.ts";
import type { Original } from "../page/original.ts";
import { descriptionOf, type Page, titleOf } from "../page/page.ts";
import { guessKind } from "../page/page-kind.ts";
import { readPage } from "../page/read.ts";
import { lookOf } from "../result/beside.ts";
import { drawnDescription } from "../result/instead.ts";
import { partsOf } from "../result/parts/all.ts";
import { drawnLines } from "../result/result.ts";
import { suggestDescriptions } from "../result/suggested/descriptions.ts";
import { suggestTitles } from "../result/suggested/titles.ts";
import { applyToPage, applyToSource } from "../rewrite/apply.ts";
import type { Edit } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";
import { DEFAULT_HOUSE_STYLE, DEFAULT_LIMITS } from "../settings/house-style.ts";
import { facetsOf } from "../site/facets/page-facets.ts";
import { type HostileInput, originalOf } from "./inputs.ts";

const address = "https://www.example/a/page.html";

/** Milliseconds that each step of the way of a page took. */
interface Work {
  read: number;
  audit: number;
  summarise: number;
  propose: number;
  /** What stands in its result, and what else could. */
  result: number;
  apply: number;
}

/** Milliseconds of the processor, not of the wall: others work beside this. */
const processorTime = (): number => {
  const { user, system } = process.cpuUsage();
  return (user + system) / 1000;
};

/** All that the screens of the result work out. */
function resultOf(page: Page): void {
  const style = { ...DEFAULT_HOUSE_STYLE, brand: "Quay" };
  const [phrase, limits] = ["lamp boat", DEFAULT_LIMITS];
  const basis = { phrase, limits, style, helperWords: [], taken: () => false, share: () => 1 };
  partsOf(page, { query: phrase, called: style.brand, today: "2026-11-27" });
  const kind = guessKind(page);
  suggestTitles(page, { ...basis, kind });
  suggestDescriptions(page, { ...basis, kind });
  drawnDescription(page, phrase, limits);
  drawnLines({ title: titleOf(page), description: descriptionOf(page) }, "mobile", limits);
  lookOf(page, phrase);
}

/** Reads a page, audits it, summarises it, proposes its structured data, and applies edits of several kinds to it. */
function workOn(original: Original): Work {
  const work: Work = { read: 0, audit: 0, summarise: 0, propose: 0, result: 0, apply: 0 };
  const timed = <T>(step: keyof Work, run: () => T): T => {
    const start = processorTime();
    const result = run();
    work[step] = processorTime() - start;
    return result;
  };
  const page = timed("read", () => readPage(original, { address }));
  timed("audit", () => audit(page, { phrase: "lamp boat", houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-27" }));
  timed("summarise", () => facetsOf("a", page));
  if (page.fault) return work;
  timed("propose", () => proposalsFor(page));
  // What a page is made of is the same whatever it was written in: HTML can be harder in each of its parts.
  if (original.kind === "html") timed("result", () => resultOf(page));
  timed("apply", () => {
    const edits: Edit[] = [
      { op: "set-title", value: "A lamp & 船", was: null },
      { op: "set-description", value: "It is lit.", was: null },
    ];
    const heading = page.headings.at(-1);
    if (heading) edits.push({ op: "set-heading-text", heading: heading.key, value: "It is lit", was: heading.text });
    const last = <T>(list: readonly T[]) => list.length - 1;
    if (page.blocks.length > 0) {
      const at = last(page.blocks);
      const was = page.blocks[at]?.text ?? "";
      edits.push({ op: "set-block-text", block: keyOf(page, "block", at), value: `${was} It is lit.`, was });
    }
    if (page.links.length > 0)
      edits.push({ op: "set-link-title", link: keyOf(page, "link", last(page.links)), value: "Lit", was: null });
    if (page.images.length > 0)
      edits.push({ op: "set-alt", picture: keyOf(page, "picture", last(page.images)), value: "Lit", was: null });
    applyToPage(page, edits);
    return applyToSource(original, edits, { address, page });
  });
  return work;
}

/** All of it, in milliseconds. */
const totalOf = (work: Work) => Object.values(work).reduce((a, b) => a + b, 0);

/** Milliseconds that a step may take for anything up to a megabyte. */
const MOST = 2_000;
/** From so many milliseconds on it is looked at how they grow: below it the machine's own noise is as large. */
const GROWS_FROM = 1_000;
/** How often what looks slow is measured again: others may have had the machine meanwhile. */
const AGAIN = 3;
/** What takes less than the first for 25 KB, or less than the second and has grown evenly so far, takes no `MOST` for the last. */
const QUICK = 30;
const EVEN = 200;

/** Milliseconds that the work of `pace` takes on a machine of the kind that these bounds were set on. */
const AT_EASE = 60;

/** How many times longer than there this machine takes at the moment, which others may share; at least 1. */
function pace(): number {
  const start = processorTime();
  let text = "";
  for (let i = 0; i < 200_000; i++) text += String.fromCharCode(97 + ((i * 7) % 26));
  for (let i = 0; i < 20; i++) text.replace(/[aeiou]/g, "").split("z");
  return Math.max(1, (processorTime() - start) / AT_EASE);
}

/** The pace at which this process began. */
const begun = pace();

/** How much longer n log n takes for one size than for another. */
const grown = (from: number, to: number) => (to / from) * (Math.log(to) / Math.log(from));

/**
 * How a hostile input of growing sizes is too slow, as a sentence; null where it is not. A step may take two seconds, and a
 * larger size no more than n log n makes of it; what looks slow is measured again.
 */
export function slowness(input: HostileInput, sizes: readonly number[]): string | null {
  let before: { size: number; ms: number } | null = null;
  for (const [i, size] of sizes.entries()) {
    const original = originalOf(input, size);
    const tooSlow = (work: Work) => {
      const ms = totalOf(work);
      const longest = Math.max(...Object.values(work));
      if (longest > MOST && longest > MOST * pace()) return `${size} characters take ${JSON.stringify(work)} ms`;
      // Twice what it may grow by, for what the machine does beside.
      if (before && before.ms > QUICK && ms > GROWS_FROM && ms > 2 * grown(before.size, size) * before.ms)
        return `from ${before.size} to ${size} characters it grows from ${before.ms} to ${ms} ms`;
      return null;
    };
    let work = workOn(original);
    // No noise of a machine takes so long; the second time, what was found is remembered.
    const hopeless = Math.max(...Object.values(work)) > 2 * MOST;
    // The first time the program itself is still slow.
    if (i === 0 && sizes.length > 1) work = workOn(original);
    for (let tries = 0; tries < AGAIN && !hopeless && tooSlow(work); tries++) work = workOn(original);
    const slow = tooSlow(work);
    if (slow) return `${input.name}: ${slow}`;
    const ms = totalOf(work);
    const even = before !== null && ms < EVEN * begun && ms < 1.15 * grown(before.size, size) * before.ms;
    if (i === sizes.length - 2 && (ms < QUICK * begun || even)) return null;
    before = { size, ms };
  }
  return null;
}
