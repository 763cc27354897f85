import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import { carryOver, textsOf } from "./carry-over.ts";
import type { Edit } from "./edits.ts";
import { keyOf } from "./resolve.ts";

const address = "https://a.example/visit";
const read = (source: string) => readPage(source, { address });
const OLD =
  "<title>Old</title><meta name=description content=Was><h1>Ship</h1><h2>Lamp</h2><h4>Fog</h4><h2>Crew</h2><h2>Crew</h2>";
const page = read(OLD);
const key = (text: string, nth = 1) => page.headings.filter((h) => h.text === text)[nth - 1]?.key ?? { text };

const edits: Edit[] = [
  { op: "set-title", value: "New", was: "Old" },
  { op: "set-description", value: "Is", was: "Was" },
  { op: "set-heading-level", heading: key("Fog"), level: 3, was: 4 },
  { op: "set-heading-text", heading: key("Lamp"), value: "The lamp", was: "Lamp" },
  { op: "set-heading-text", heading: key("Crew", 2), value: "Volunteers", was: "Crew" },
];
const carried = (source: string) => {
  const { kept, settled, conflicts } = carryOver(edits, read(source), { before: page });
  const ops = (list: readonly Edit[]) =>
    list.map((e) => `${e.op} ${"value" in e ? e.value : "level" in e ? e.level : ""}`);
  return { kept: ops(kept), settled: ops(settled), conflicts: conflicts.map((c) => `${c.edit.op}: ${c.reason}`) };
};

describe("a page brought in again", () => {
  it("unchanged keeps everything", () => {
    expect(carried(OLD).kept).toHaveLength(5);
  });

  it("with all of it taken over settles everything", () => {
    const { bytes } = applyToSource(originalFromText(OLD), edits, { address });
    const result = carried(new TextDecoder().decode(bytes));
    expect(result.settled).toHaveLength(5);
    expect(result.conflicts).toEqual([]);
  });

  it("with a part of it taken over settles that part, also where a neighbour was renamed", () => {
    const result = carried(OLD.replace("Old", "New").replace("<h2>Lamp", "<h2>The lamp"));
    expect(result.settled).toEqual(["set-title New", "set-heading-text The lamp"]);
    expect(result.kept).toEqual(["set-description Is", "set-heading-level 3", "set-heading-text Volunteers"]);
  });

  it("changed otherwise is a conflict with both texts", () => {
    const { conflicts, kept } = carryOver(edits, read(OLD.replace("Old", "Another")), { before: page });
    expect(conflicts).toEqual([
      {
        edit: edits[0],
        now: "Another",
        reason: "The title has changed on the site since.",
        mine: { op: "set-title", value: "New", was: "Another" },
      },
    ]);
    expect(kept).toHaveLength(4);
  });

  it("with another number of equal headings is a conflict, and no other one is edited instead", () => {
    expect(carried(OLD.replace("<h2>Crew</h2>", "")).conflicts).toContain(
      "set-heading-text: The page now has 1 headings with this text; there were 2.",
    );
  });

  it("with other neighbours is a conflict", () => {
    expect(carried(OLD.replace("<h4>Fog", "<h3>Hull</h3><h4>Fog")).conflicts).toEqual([
      "set-heading-level: The headings around it have changed.",
      "set-heading-text: The headings around it have changed.",
    ]);
  });

  it("without the heading says so", () => {
    expect(carried(OLD.replace("<h4>Fog</h4>", "")).conflicts[0]).toContain("not on the page any more");
  });

  it("that cannot be read keeps every change as a conflict", () => {
    expect(carried("").conflicts).toHaveLength(5);
  });
});

describe("what stands there now is told in the terms of the change", () => {
  const now = (source: string, edit: Edit, of = page) => {
    const { conflicts } = carryOver([edit], read(source), { before: of });
    return conflicts.map(({ now, mine }) => ({ now, mine }));
  };
  it("of a level: a level, of the heading that stands in the place of one that was renamed", () => {
    const level = edits[2] as Edit;
    expect(now(OLD.replace("<h4>Fog</h4>", "<h5>Mist</h5>"), level)).toEqual([
      { now: "H5", mine: { ...level, heading: expect.objectContaining({ text: "Mist" }), was: 5 } },
    ]);
    expect(now(OLD.replace("<h4>Fog", "<h3>Hull</h3><h4>Fog"), level)[0]?.now).toBe("H4");
  });

  it("of a paragraph: the one between the same neighbours", () => {
    const before = read("<p>One.</p><p>Two.</p><p>Three.</p>");
    const block = keyOf(before, "block", 1);
    const edit: Edit = { op: "set-block-text", block, value: "Two, and more.", was: "Two." };
    const source = "<p>One.</p><p>Two was changed.</p><p>Three.</p>";
    expect(now(source, edit, before)).toEqual([
      {
        now: "Two was changed.",
        mine: { ...edit, block: keyOf(read(source), "block", 1), was: "Two was changed." },
      },
    ]);
    expect(now("<p>One.</p><p>Three.</p>", edit, before)).toEqual([{ now: null, mine: null }]);
  });
});

describe("text that was added", () => {
  const before = read("<p>One.</p><p>Two.</p><p>Three.</p>");
  const added: Edit = {
    op: "insert-blocks",
    id: "n",
    at: keyOf(before, "block", 1),
    before: false,
    blocks: [{ tag: "p", text: "New." }],
    was: null,
  };
  const placed = (source: string) => {
    const now = read(source);
    const { conflicts } = carryOver([added], now, { before });
    const [{ mine, reason } = { mine: null, reason: "" }] = conflicts;
    return { texts: mine && applyToPage(now, [mine]).page.blocks.map(({ text }) => text), reason };
  };
  it("goes beside the next sure neighbour, and is asked about", () => {
    expect(placed("<p>One.</p><p>Changed.</p><p>Three.</p>")).toEqual({
      texts: ["One.", "Changed.", "New.", "Three."],
      reason: "The text beside it has changed on the site. It would stand before “Three.”.",
    });
    expect(placed("<p>One.</p><p>Else.</p>")).toEqual({
      texts: ["One.", "New.", "Else."],
      reason: "The text beside it has changed on the site. It would stand behind “One.”.",
    });
    expect(placed("<p>Nothing.</p><p>Known.</p>").texts).toBe(null);
  });
});

describe("a page that comes back with what was handed over, and more", () => {
  const source =
    "<title>Old</title><main><h1>Ship</h1><p><b>Fog</b></p><p>Rolls in.</p><h2>A</h2><h2>B</h2><h4>Deep</h4></main>";
  const before = read(source);
  const heading = (text: string) => before.headings.find((one) => one.text === text)?.key ?? { text };
  const block = (text: string) =>
    keyOf(
      before,
      "block",
      before.blocks.findIndex((one) => one.text === text),
    );
  const handed: Edit[] = [
    { op: "set-title", value: "New", was: "Old" },
    { op: "make-heading", block: block("Fog"), level: 2, was: "Fog" },
    { op: "merge-headings", headings: [heading("A"), heading("B")], separator: " and ", level: 2, was: "A B" },
    { op: "set-heading-level", heading: heading("Deep"), level: 3, was: 4 },
    { op: "set-block-text", block: block("Rolls in."), value: "Rolls in daily.", was: "Rolls in." },
  ];
  const site = new TextDecoder().decode(applyToSource(originalFromText(source), handed, { address }).bytes);

  it("has settled it where it was changed elsewhere too", () => {
    const { settled, kept, conflicts } = carryOver(handed, read(site.replace("</main>", "<p>Else.</p></main>")), {
      before,
      handed,
    });
    expect([settled.length, kept, conflicts]).toEqual([5, [], []]);
  });

  it("settles what was handed over, and keeps what was made only after it or could not be made", () => {
    const later: Edit = { op: "set-description", value: "Later", was: null };
    const never: Edit = { op: "set-block-text", block: { text: "Not there" }, value: "x", was: "Not there" };
    const alt: Edit = { op: "set-heading-text", heading: heading("Ship"), value: "The ship", was: "Ship" };
    const { settled, kept, conflicts } = carryOver([...handed, later, never, alt], read(site), { before, handed });
    expect(settled).toEqual(handed);
    expect(kept).toEqual([later, expect.objectContaining({ op: "set-heading-text", value: "The ship", was: "Ship" })]);
    expect(conflicts.map(({ edit }) => edit)).toEqual([never]);
  });

  it("keeps structured data that was changed again after it was handed over, without asking", () => {
    const block = (name: string) => `{"@type":"Event","name":"${name}"}`;
    const html = (name: string) => `<script type="application/ld+json">${block(name)}</script><p>Text.</p>`;
    const edit = (name: string): Edit => ({ op: "set-data", id: "d", value: block(name), was: block("Fair") });
    const carried = carryOver([edit("Third")], read(html("Second")), {
      before: read(html("Fair")),
      handed: [edit("Second")],
    });
    expect(carried).toEqual({ kept: [{ ...edit("Third"), was: block("Second") }], settled: [], conflicts: [] });
  });

  it("keeps what was changed since it was handed over, bound to what stands there now", () => {
    const since: Edit[] = [
      { op: "set-title", value: "Newest", was: "Old" },
      ...handed.slice(1, 4),
      { op: "set-block-text", block: block("Rolls in."), value: "Rolls in at dusk.", was: "Rolls in." },
    ];
    const now = read(site);
    const { settled, kept, conflicts } = carryOver(since, now, { before, handed });
    expect([settled.length, conflicts]).toEqual([3, []]);
    expect(kept).toMatchObject([
      { op: "set-title", value: "Newest", was: "New" },
      { op: "set-block-text", value: "Rolls in at dusk.", was: "Rolls in daily." },
    ]);
    expect(applyToPage(now, kept)).toMatchObject({ refused: [] });
  });
});

describe("structured data that both have changed", () => {
  const event = (over: object) =>
    JSON.stringify({ "@type": "Event", name: "Fair", startDate: "2026-05-01", offers: { price: "5" }, ...over });
  const html = (json: string) => `<script type="application/ld+json">${json}</script><p>Text.</p>`;
  const before = read(html(event({})));
  const edit = (value: string): Edit => ({ op: "set-data", id: "d", value, was: event({}) });
  const carry = (mine: object, theirs: object) => carryOver([edit(event(mine))], read(html(event(theirs))), { before });

  it("is merged value by value", () => {
    const { kept, conflicts } = carry({ name: "Spring fair" }, { startDate: "2026-05-02" });
    expect(conflicts).toEqual([]);
    expect(kept).toEqual([
      {
        op: "set-data",
        id: "d",
        was: event({ startDate: "2026-05-02" }),
        value: event({ name: "Spring fair", startDate: "2026-05-02" }),
      },
    ]);
  });

  it("is asked about where both have changed one value, and only there", () => {
    const { kept, conflicts } = carry({ name: "Spring fair", startDate: "2026-05-03" }, { startDate: "2026-05-02" });
    expect(kept).toEqual([]);
    const [conflict] = conflicts;
    expect(conflict && textsOf(conflict)).toEqual({
      was: 'startDate: "2026-05-01"',
      now: 'startDate: "2026-05-02"',
      mine: 'startDate: "2026-05-03"',
    });
    const value = (kept?: Edit | null) => kept && "value" in kept && JSON.parse(kept.value);
    expect(value(conflict?.mine)).toMatchObject({ name: "Spring fair", startDate: "2026-05-03" });
    expect(value(conflict?.theirs)).toMatchObject({ name: "Spring fair", startDate: "2026-05-02" });
  });

  it("is settled where the site has made the same change, among others", () => {
    expect(carry({ name: "Spring fair" }, { name: "Spring fair", startDate: "2026-05-02" }).settled).toHaveLength(1);
  });

  it("is never stated twice", () => {
    const { conflicts } = carry({ offers: { price: "6" } }, { offers: "free" });
    const [mine] = conflicts.flatMap((one) => one.mine ?? []);
    const { page: made } = applyToPage(read(html(event({ offers: "free" }))), mine ? [mine] : []);
    expect(made.data).toHaveLength(1);
  });
});

it("drops nothing, whatever the new page is", () => {
  const heading = fc.record({
    level: fc.integer({ min: 1, max: 6 }),
    text: fc.constantFrom("Ship", "Lamp", "The lamp", "Fog", "Crew", "Volunteers"),
  });
  fc.assert(
    fc.property(fc.constantFrom("Old", "New", "Else"), fc.array(heading, { maxLength: 6 }), (title, headings) => {
      const source = `<title>${title}</title>${Array.from(headings, (h) => `<h${h.level}>${h.text}</h${h.level}>`).join("")}`;
      const { kept, settled, conflicts } = carryOver(edits, read(source), { before: page });
      expect(kept.length + settled.length + conflicts.length).toBe(edits.length);
      // What was kept can be carried out.
      expect(applyToSource(originalFromText(source), kept, { address }).refused).toEqual([]);
    }),
  );
});
