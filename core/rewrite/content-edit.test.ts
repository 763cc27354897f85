import { describe, expect, it } from "vitest";
import { type Original, originalFromText } from "../page/original.ts";
import type { Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import { carryOver } from "./carry-over.ts";
import { contentOf, isText, type Piece } from "./content.ts";
import { withContent } from "./content-edit.ts";
import type { Edit } from "./edits.ts";
import { OPERATIONS } from "./edits.ts";
import { originsOf } from "./origins.ts";
import { planEdit } from "./plan.ts";
import { keyOf } from "./resolve.ts";

const address = "https://www.example/a/page.html";
const INNER = 'Lit <em>every</em> day, see <a href="/times">the times</a> and <img src="/b.png" alt="">the boat.';
const htmlOf = (inner: string) =>
  `<!doctype html><title>A</title><body><h1>Lamps</h1><p>${inner}</p><p>Red ones and <a href="/green">green</a> ones.</p>`;
const pageOf = (inner: string) => readPage(originalFromText(htmlOf(inner)), { address });
const page = pageOf(INNER);
const FIRST = keyOf(page, "block", 1);
const TEXT = page.blocks[1]?.text ?? "";

/** The redraft once the content of a block of the page as it leaves it is changed. */
function changed(edits: readonly Edit[], change: (content: Piece[]) => Piece[], block = 1, original: Page = page) {
  const now = applyToPage(original, edits).page;
  const content = contentOf(now, block);
  if (typeof content === "string") throw new Error(content);
  const origins = originsOf(original, now, edits, "block");
  const next = withContent({ original, page: now, edits, origins }, block, change(content));
  if ("reason" in next) return next;
  const { bytes, refused } = applyToSource(originalFromText(original.source, original.format), next, { address });
  expect(refused).toEqual([]);
  return { edits: next, source: new TextDecoder().decode(bytes) };
}
const say = (was: string, is: string) => (content: Piece[]) =>
  content.map((one) => (isText(one) ? { ...one, text: one.text.replace(was, is) } : one));
const done = (result: ReturnType<typeof changed>) => {
  if ("reason" in result) throw new Error(result.reason);
  return result;
};

describe("a text of the page as the redraft leaves it", () => {
  it("is one edit in the place of all that were made within it", () => {
    const before: Edit[] = [
      { op: "set-title", value: "All lamps", was: "A" },
      { op: "set-link-href", link: keyOf(page, "link", 0), value: "/hours", was: "/times" },
      { op: "set-link-text", link: keyOf(page, "link", 1), value: "blue", was: "green" },
      { op: "set-alt", picture: keyOf(page, "picture", 0), value: "A boat", was: "" },
      { op: "set-block-text", block: FIRST, value: TEXT.replace("the boat", "our boat"), was: TEXT },
    ];
    const { edits, source } = done(changed(before, say("every", "any")));
    expect(edits.map(({ op }) => op)).toEqual(["set-title", "set-link-text", "set-block-content"]);
    expect(source).toContain(
      '<p>Lit <em>any</em> day, see <a href="/hours">the times</a> and <img src="/b.png" alt="A boat">our boat.</p>',
    );
    expect(source).toContain('<a href="/green">blue</a>');
  });

  it("is changed again, and is no edit any more once it is as it was", () => {
    const once = done(changed([], say("every", "any")));
    const twice = done(changed(once.edits, say("day", "night")));
    expect(twice.edits).toHaveLength(1);
    expect(twice.source).toContain("<em>any</em> night");
    const back = done(changed(twice.edits, (all) => say("night", "day")(say("any", "every")(all))));
    expect(back).toEqual({ edits: [], source: page.source });
  });

  it("keeps what makes a heading of it", () => {
    const heading: Edit = { op: "make-heading", block: FIRST, level: 2, was: TEXT };
    const { edits, source } = done(changed([heading], say("every", "any")));
    expect(edits.map(({ op }) => op)).toEqual(["make-heading", "set-block-content"]);
    expect(source).toContain("<h2>Lit <em>any</em> day");
  });

  it("is set as words where it has no markup, before or after", () => {
    const plain = pageOf("Lit & red.");
    expect(done(changed([], say("red", "<green>"), 1, plain)).edits).toMatchObject([
      { op: "set-block-text", value: "Lit & <green>.", was: "Lit & red." },
    ]);
    const marked = changed([], () => [{ text: "Lit.", marks: [{ of: null, name: "strong", href: null }] }], 1, plain);
    expect(done(marked).edits).toMatchObject([{ op: "set-block-content", value: "<strong>Lit.</strong>" }]);
  });

  it("says why it cannot be", () => {
    expect(changed([], () => [])).toMatchObject({ reason: expect.stringContaining("cannot be emptied") });
    const origins = [{ key: null, index: -1, added: null }];
    expect(withContent({ original: page, page, edits: [], origins }, 0, [])).toMatchObject({
      reason: expect.stringContaining("cannot be told where"),
    });
  });
});

/** The edit that puts source in the place of the first text's own. */
const edit = (value: string, text = TEXT, was = INNER): Extract<Edit, { op: "set-block-content" }> => ({
  op: "set-block-content",
  block: FIRST,
  value,
  text,
  was,
});
const markdownPage = readPage(originalFromText("# Lamps\n\nSee [the times](/times) and *lamps*.\n", "markdown"), {
  address,
});
const inMarkdown = (value: string, text: string) =>
  planEdit(markdownPage, {
    op: "set-block-content",
    block: keyOf(markdownPage, "block", 1),
    value,
    text,
    was: "See [the times](/times) and *lamps*.",
  });

describe("source that is put in the place of a text's own", () => {
  it.each<[string, string, RegExp]>([
    ["an element that is no part of a text", "Lit <div>x</div>", /cannot hold the element div/],
    ["a script", "Lit <script>alert(1)</script>", /cannot hold the element script/],
    ["another picture", `${INNER}<img src=x onerror=y>`, /cannot hold the element img/],
    ["what runs a script when it is pressed", '<b onclick="x()">Lit</b>', /cannot run a script/],
    [
      "the same, behind a value with a sign that ends tags",
      '<b title=">" onclick="x()">Lit</b>',
      /cannot run a script/,
    ],
    ["a link that runs a script", '<a href="javascript:x()">Lit</a>', /cannot run a script/],
    [
      "the same, written with references",
      '<a title="href=/x" href="&#106;avascript:x()">Lit</a>',
      /cannot run a script/,
    ],
    ["a link to nowhere", '<a href="">Lit</a>', /has to lead somewhere/],
    ["a tag that is not closed", "Lit <em>every day", /not closed/],
    ["other words than it says", "Lit <em>any</em> day", /reads “Lit any day”, not “Lit every day/],
  ])("does not hold %s", (_, value, why) => {
    const { text } = pageOf(value).blocks[1] ?? { text: "" };
    const said = why.source.startsWith("reads") ? TEXT : text;
    expect(planEdit(page, edit(value, said))).toMatch(why);
  });

  it("does not hold a link that runs a script in Markdown either, nor what reads otherwise", () => {
    expect(inMarkdown("See [the times](javascript:x) and *lamps*.", "See the times and lamps.")).toMatch(
      /cannot run a script/,
    );
    expect(inMarkdown("# See", "See")).toMatch(/read as something else/);
    expect(inMarkdown("See [the hours](/hours) and **lamps**.", "See the hours and lamps.")).toMatchObject({
      patches: expect.any(Function),
    });
  });

  it("may hold what the text held before", () => {
    const held = pageOf('Lit <b onclick="x()">every</b> day.');
    const value = 'Lit <b onclick="x()">any</b> day.';
    const was = 'Lit <b onclick="x()">every</b> day.';
    const one = { ...edit(value, "Lit any day.", was), block: keyOf(held, "block", 1) };
    expect(planEdit(held, one)).toMatchObject({ patches: expect.any(Function) });
  });

  it("replaces nothing but what differs, and holds the place for itself", () => {
    const change = planEdit(
      page,
      edit(INNER.replace("every", "any").replace("the boat", "our boat"), "Lit any day, see the times and our boat."),
    );
    if (change === null || typeof change === "string") throw new Error(String(change));
    const start = page.source.indexOf(INNER);
    expect(change.patches().map(({ start, end, text }) => [page.source.slice(start, end), text])).toEqual([
      ["every", "any"],
      ["the", "our"],
    ]);
    expect(change.claims).toEqual({ start, end: start + INNER.length });
  });

  it("is no place for another edit of the same redraft", () => {
    const href: Edit = { op: "set-link-href", link: keyOf(page, "link", 0), value: "/hours", was: "/times" };
    const { refused } = applyToPage(page, [edit(INNER.replace("every", "any"), TEXT.replace("every", "any")), href]);
    expect(refused).toMatchObject([{ edit: href, reason: expect.stringContaining("changes the same place") }]);
  });

  it("comes from a row of a change list", () => {
    const { fromRow } = OPERATIONS["set-block-content"];
    const row = { named: "", was: INNER, is: INNER.replace("every", "any") };
    expect(fromRow?.(page, row as never)).toMatchObject({ block: FIRST, text: TEXT.replace("every", "any") });
    expect(fromRow?.(page, { ...row, was: "<b>Gone</b>" } as never)).toMatch(/marked up so any more/);
    expect(fromRow?.(page, { ...row, is: "<em>Open" } as never)).toMatch(/not closed/);
  });
});

describe("when the page comes back", () => {
  const one = edit(INNER.replace("every", "any"), TEXT.replace("every", "any"));
  const carried = (inner: string) => {
    const now: Original = originalFromText(htmlOf(inner));
    return carryOver([one], readPage(now, { address }), { before: page, handed: [one] });
  };

  it("is carried over where the text is as it was, and settled where the site has done it", () => {
    expect(carried(INNER)).toMatchObject({ kept: [one], conflicts: [] });
    expect(carried(one.value)).toMatchObject({ kept: [], conflicts: [], settled: [one] });
  });

  it("is asked about where the words are the same and the markup is not", () => {
    const now = INNER.replace("/times", "/hours");
    expect(carried(now)).toMatchObject({ kept: [], conflicts: [{ edit: one, now, mine: { ...one, was: now } }] });
  });
});
