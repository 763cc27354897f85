import { diffChars } from "diff";
import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { redraftedSource } from "./apply.ts";
import type { Edit } from "./edits.ts";
import type { SourceChange } from "./operations/edit-source.ts";
import { keyOf } from "./resolve.ts";
import { writtenSource } from "./write-source.ts";

const differ = (was: string, is: string): SourceChange[] => {
  const changes: SourceChange[] = [];
  let [a, b] = [0, 0];
  for (const { value, added, removed } of diffChars(was, is)) {
    const last = changes.at(-1);
    const joined = last && last.toA === a && last.toB === b ? last : { fromA: a, toA: a, fromB: b, toB: b };
    if (added || removed) {
      if (joined !== last) changes.push(joined);
      if (added) joined.toB = b += value.length;
      else joined.toA = a += value.length;
    } else [a, b] = [a + value.length, b + value.length];
  }
  return changes;
};

const SOURCE =
  "<!doctype html><title>Lamps</title><body><h1>Lamps</h1><p>They are lit at dusk.</p><p>They are red.</p>";
const page = readPage(originalFromText(SOURCE), { address: "https://www.example/" });
const TITLE: Edit = { op: "set-title", value: "All of the lamps", was: "Lamps" };
const REMOVED: Edit = { op: "remove-block", block: keyOf(page, "block", 2), was: "They are red." };

/** The redraft once its source is written so: what it makes of the original. */
function keep(edits: Edit[], change: (source: string) => string): { edits: Edit[]; source: string } {
  const written = writtenSource(page, edits, change(redraftedSource(page, edits)), differ);
  if ("reason" in written) throw new Error(written.reason);
  const next = [...edits.filter(({ op }) => op !== "edit-source"), ...written];
  return { edits: next, source: redraftedSource(page, next) };
}

describe("what is written into the source as the redraft leaves it", () => {
  it("is made of the original, beside what else was changed", () => {
    const begun = redraftedSource(page, [TITLE, REMOVED]);
    const { edits, source } = keep([TITLE, REMOVED], (text) =>
      text.replace("dusk", "six").replace("<h1>", "<h1 id=a>"),
    );
    expect(source).toBe(begun.replace("dusk", "six").replace("<h1>", "<h1 id=a>"));
    expect(edits.filter(({ op }) => op === "edit-source").length).toBeGreaterThan(0);
    expect(redraftedSource(page, edits.slice(2))).toBe(SOURCE.replace("dusk", "six").replace("<h1>", "<h1 id=a>"));
  });

  it("takes the place of what was written before, and undoes it", () => {
    const first = keep([TITLE], (text) => text.replace("dusk", "six").replace("They are lit", "Lit"));
    const second = keep(first.edits, (text) => text.replace("six", "seven"));
    expect(second.source).toBe(first.source.replace("six", "seven"));
    expect(keep(second.edits, (text) => text.replace("seven", "dusk").replace("Lit", "They are lit")).edits).toEqual([
      TITLE,
    ]);
  });

  it("may stand right beside what another edit has written", () => {
    const { source } = keep([TITLE], (text) => text.replace("</title>", "</title><meta name=a>"));
    expect(source).toContain("<title>All of the lamps</title><meta name=a>");
  });

  it.each<[string, (text: string) => string, RegExp]>([
    ["what another edit has written", (text) => text.replace("All of", "Some of"), /stands there: title\./],
    [
      "the place of what another has taken out",
      (text) => text.replace("</h1><p>", " "),
      /stands there: text removed\./,
    ],
  ])("does not change %s", (_, change, why) => {
    const gone: Edit = { op: "remove-block", block: keyOf(page, "block", 1), was: "They are lit at dusk." };
    const written = writtenSource(page, [TITLE, gone], change(redraftedSource(page, [TITLE, gone])), differ);
    expect(written).toMatchObject({ reason: expect.stringMatching(why) });
  });

  it.each<[string, "html" | "markdown", string, string, string]>([
    ["a head that lacks them", "html", "<!doctype html><head></head><body><h1>A</h1><p>Lit.</p>", "Lit.", "Red."],
    ["a file without front matter", "markdown", "# A\n\nLit.\n", "Lit.", "Red."],
  ])("stands apart from several texts that were added to %s", (_, format, source, was, is) => {
    const bare = readPage(originalFromText(source, format), { address: "https://www.example/" });
    const added: Edit[] = [
      { op: "set-description", value: "All that is known of the lamps.", was: null },
      { op: "set-title", value: "Lamps", was: null },
    ];
    const typed = redraftedSource(bare, added).replace(was, is);
    const written = writtenSource(bare, added, typed, differ);
    if ("reason" in written) throw new Error(written.reason);
    expect(redraftedSource(bare, written)).toBe(source.replace(was, is));
    expect(redraftedSource(bare, [...added, ...written])).toBe(typed);
  });
});
