import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToSource } from "./apply.ts";
import { carryOver } from "./carry-over.ts";
import type { Edit } from "./edits.ts";

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
  const { kept, settled, conflicts } = carryOver(edits, read(source));
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
    const { conflicts, kept } = carryOver(edits, read(OLD.replace("Old", "Another")));
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

it("drops nothing, whatever the new page is", () => {
  const heading = fc.record({
    level: fc.integer({ min: 1, max: 6 }),
    text: fc.constantFrom("Ship", "Lamp", "The lamp", "Fog", "Crew", "Volunteers"),
  });
  fc.assert(
    fc.property(fc.constantFrom("Old", "New", "Else"), fc.array(heading, { maxLength: 6 }), (title, headings) => {
      const source = `<title>${title}</title>${Array.from(headings, (h) => `<h${h.level}>${h.text}</h${h.level}>`).join("")}`;
      const { kept, settled, conflicts } = carryOver(edits, read(source));
      expect(kept.length + settled.length + conflicts.length).toBe(edits.length);
      // What was kept can be carried out.
      expect(applyToSource(originalFromText(source), kept, { address }).refused).toEqual([]);
    }),
  );
});
