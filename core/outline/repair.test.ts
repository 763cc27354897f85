import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { mergedFirst, repairEdits } from "./outline-edits.ts";
import { CHANGED, PARTED, REORDERED, type RepairItem, repairLevels, repairOutline } from "./repair.ts";

const levels = (...all: number[]) =>
  repairLevels(all.map((level) => ({ level, content: true, mayLeave: true }))).levels;

/** Every assignment of levels, one after the other, by the words of the issue rather than by states. */
function exhaustive(items: readonly RepairItem[]): number {
  let best = Number.POSITIVE_INFINITY;
  const given: number[] = [];
  const weigh = () => {
    let cost = 0;
    let h1 = false;
    for (const [i, item] of items.entries()) {
      const is = given[i] as number;
      const before = items[i - 1];
      if (is === 0) {
        if (h1 || !item.content || !item.mayLeave || item.level === 1) return Number.POSITIVE_INFINITY;
        cost += 2 * CHANGED;
        continue;
      }
      if (!h1 && !item.content) {
        if (is !== item.level) return Number.POSITIVE_INFINITY;
        continue;
      }
      if (is === 1 ? h1 : !h1) return Number.POSITIVE_INFINITY;
      if (is !== item.level) cost += CHANGED + Math.abs(is - item.level);
      if (h1 && before) {
        if (is > (given[i - 1] as number) + 1) return Number.POSITIVE_INFINITY;
        // A heading of the content keeps its rank to the content's last one, whatever stands in a sidebar between.
        const at = item.content ? items.findLastIndex((one, k) => k < i && one.content) : i - 1;
        const neighbour = items[at];
        if (neighbour && Math.sign(is - (given[at] as number)) !== Math.sign(item.level - neighbour.level))
          cost += item.level === neighbour.level ? PARTED : REORDERED;
      }
      if (is === 1) h1 = true;
    }
    return h1 ? cost : Number.POSITIVE_INFINITY;
  };
  const next = (i: number) => {
    if (i === items.length) {
      best = Math.min(best, weigh());
      return;
    }
    for (let level = 0; level <= 6; level++) {
      given[i] = level;
      next(i + 1);
    }
  };
  next(0);
  return best;
}

describe("the least repair", () => {
  it("keeps siblings together, whatever stands in a sidebar between them", () => {
    const items = [1, 4, 2, 4].map((level, i) => ({ level, content: i !== 2, mayLeave: true }));
    expect(repairLevels(items).levels).toEqual([1, 2, 2, 2]);
  });

  it("parts no siblings, where what follows is higher", () => {
    expect(levels(1, 4, 4, 2, 4)).toEqual([1, 2, 2, 2, 3]);
  });

  it("leaves a sound outline alone", () => {
    expect(levels(1, 2, 3, 3, 2, 3, 4, 2)).toEqual([1, 2, 3, 3, 2, 3, 4, 2]);
  });

  // Common practice, no source: H2 to H4 is a jump, H3 back to H2 is not; one H1 a page.
  it.each<[number[], number[]]>([
    [
      [1, 2, 4, 4, 2],
      [1, 2, 3, 3, 2],
    ],
    [
      [1, 3, 3, 3],
      [1, 2, 2, 2],
    ],
    [
      [2, 3, 3],
      [1, 2, 2],
    ],
    [
      [1, 2, 1, 2],
      [1, 2, 2, 3],
    ],
    [
      [3, 1, 2, 2],
      [0, 1, 2, 2],
    ],
    [
      [1, 2, 5, 5, 2, 5],
      [1, 2, 3, 3, 2, 3],
    ],
    [[2], [1]],
    [[], []],
  ])("%j becomes %j", (was, is) => {
    expect(levels(...was)).toEqual(is);
  });

  it("is as cheap as the cheapest of all assignments, for up to 7 headings", () => {
    const item = fc.record({
      level: fc.integer({ min: 1, max: 6 }),
      content: fc.boolean(),
      mayLeave: fc.boolean(),
    });
    const outlines = fc
      .array(item, { minLength: 1, maxLength: 5 })
      .map((list) => [{ level: 3, content: true, mayLeave: true }, ...list]);
    fc.assert(
      fc.property(outlines, (items) => {
        expect(repairLevels(items).cost).toBe(exhaustive(items));
      }),
      { numRuns: 60 },
    );
    const seven = [4, 1, 1, 5, 2, 6, 2].map((level) => ({ level, content: true, mayLeave: true }));
    expect(repairLevels(seven).cost).toBe(exhaustive(seven));
  });

  it("makes every outline sound, and a sound one is left alone", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 60 }), (was) => {
        const is = levels(...was).filter((level) => level > 0);
        expect(is[0]).toBe(1);
        expect(is.filter((level) => level === 1)).toHaveLength(1);
        for (let i = 1; i < is.length; i++) expect(is[i]).toBeLessThanOrEqual((is[i - 1] as number) + 1);
        expect(levels(...is)).toEqual(is);
      }),
    );
  });

  it("keeps what is pinned, even where that leaves a jump", () => {
    const items = [1, 2, 5, 5].map((level, i) => ({ level, content: true, mayLeave: true, pinned: i === 2 }));
    expect(repairLevels(items).levels).toEqual([1, 2, 5, 5]);
  });
});

describe("a repair of a page", () => {
  const page = readPage(
    `<title>x</title><body><nav><h3>Menu</h3></nav><main><h1>Lamp</h1><p>Text.</p><h4>Oil</h4><p>More.</p>
     <p class="title"><b>The wick</b></p><p>Cut it daily.</p></main><aside><h5>News</h5></aside>`,
    { address: "https://a.example/" },
  );

  it("says for each line what was and is; what is styled as a heading comes in where the editor says so", () => {
    const block = page.blocks.findIndex(({ text }) => text === "The wick");
    const lines = (include: number[]) => repairOutline(page, { include }).map(({ text, was, is }) => [text, was, is]);
    expect(lines([])).toEqual([
      ["Menu", 3, 3],
      ["Lamp", 1, 1],
      ["Oil", 4, 2],
      ["News", 5, 3],
    ]);
    expect(lines([block])).toContainEqual(["The wick", 0, 3]);
  });

  it("is carried out by its edits", () => {
    const edits = repairOutline(page).flatMap((line) => line.edits);
    const { page: after, refused } = applyToPage(page, edits);
    expect(refused).toEqual([]);
    expect(Array.from(after.headings, ({ level }) => level)).toEqual([3, 1, 2, 3]);
    expect(repairOutline(after).flatMap((line) => line.edits)).toEqual([]);
  });
});

describe("H1s that read as one title", () => {
  it("are merged first, and the repair starts from that", () => {
    const original = readPage("<h1>Light</h1>\n<h1>ship</h1><h4>a</h4><p>x</p><h4>b</h4><p>y</p>", {
      address: "https://a.example/",
    });
    const redrafted = { original, page: original, edits: [] };
    const first = mergedFirst(redrafted);
    expect(first?.title).toBe("Light ship");
    const edits = first ? repairEdits(first.after, repairOutline(first.after.page)) : [];
    const { page } = applyToPage(original, [...(first?.after.edits ?? []), ...edits]);
    expect(Array.from(page.headings, ({ level, text }) => `${level} ${text}`)).toEqual(["1 Light ship", "2 a", "2 b"]);
    expect(mergedFirst({ ...redrafted, page, edits: first?.after.edits ?? [] })).toBe(null);
  });
});
