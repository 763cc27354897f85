import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { isFound, rulesFound } from "#core/findings/found";
import { originalFromText } from "#core/page/original";
import { readPage } from "#core/page/read";
import type { Edit } from "#core/rewrite/edits";
import { keyOf } from "#core/rewrite/resolve";
import { loadRedraft } from "./changes";
import { db } from "./db";
import { examinePages } from "./freshen";
import { handOverOne } from "./hand-over";
import { keepHouseStyle } from "./house-style";
import type { PageRecord } from "./page-record";
import { tellPages } from "./queues";
import type { StoredPage } from "./records/pages";
import type { SiteRecord } from "./records/sites";
import { decideConflict, savePage, saveRedraft } from "./redraft";
import {
  broughtAgain,
  emptyStorage,
  handedOver,
  keptPage,
  openSite,
  retitled,
  stored,
  TODAY,
  workedOut,
} from "./testing";
import { redo, transact, undo } from "./transact";

let site: SiteRecord;

beforeEach(async () => {
  site = await openSite();
});
afterEach(emptyStorage);

const LAMP = '<html lang="en"><title>Lamp</title><h1>The lamp</h1><p>Text.</p></html>';
const page = (source = LAMP, address?: string) => keptPage(site, source, address);

const setTitle = (value: string): Edit => ({ op: "set-title", value, was: "Lamp" });
const setDescription = (value: string): Edit => ({ op: "set-description", value, was: null });
/** As the desk of one tab writes: only what was changed there. */
const write = (record: PageRecord, edit: Edit, merge: string | null = null) =>
  saveRedraft(record, { set: [edit], drop: [] }, edit.op, merge);
const valuesOf = async ({ id }: PageRecord) =>
  Object.fromEntries(
    (await db().changes.where("pageId").equals(id).toArray()).map(({ edit }) => [
      edit.op,
      "value" in edit && edit.value,
    ]),
  );

describe("undo", () => {
  it("takes back and does again, with the facets of a page", async () => {
    const record = await page();
    await retitled(site, record, "Another");
    expect((await stored(record.id)).title).toBe("Another");
    expect(await undo(site.id)).toEqual({ label: "Title", left: 0 });
    expect((await stored(record.id)).edits).toBe(0);
    expect(await db().changes.count()).toBe(0);
    expect(await undo(site.id)).toEqual({ label: "Bring in", left: 0 });
    expect([await db().pages.count(), await db().facets.count(), await db().derived.count()]).toEqual([0, 0, 0]);
    expect(await undo(site.id)).toBe(null);
    await redo(site.id);
    await redo(site.id);
    expect((await stored(record.id)).edits).toBe(1);
  });

  it("asks for what follows from a page to be worked out anew, and does not mind what was since", async () => {
    const record = await page();
    await retitled(site, record, "Another");
    await db().derived.update(record.id, { titlePx: 1, stamp: "of another house style" });
    expect(await undo(site.id)).toEqual({ label: "Title", left: 0 });
    expect((await stored(record.id)).stamp).toBe("");
  });

  it("puts back the fields that still stand, and says that others do not", async () => {
    const record = await page();
    await savePage(record, { phrase: "lamp", ready: true }, "Both");
    await savePage(record, { phrase: "lamps" }, "Phrase");
    await db()
      .actions.filter(({ label }) => label === "Phrase")
      .delete();
    expect(await undo(site.id)).toEqual({ label: "Both", left: 1 });
    expect(await stored(record.id)).toMatchObject({ phrase: "lamps", ready: false });
  });

  it("takes one tab's field back and leaves the other's", async () => {
    const record = await page();
    await write(record, setTitle("Mine"));
    await write(record, setDescription("Theirs"));
    await undo(site.id);
    expect(await valuesOf(record)).toEqual({ "set-title": "Mine" });
    await redo(site.id);
    expect(await valuesOf(record)).toEqual({ "set-title": "Mine", "set-description": "Theirs" });
  });

  it("takes a group back as one, also one of more than a record holds", async () => {
    const record = await page();
    const { kind: _, kindBy: __, ...own } = (await db().pages.get(record.id)) as PageRecord;
    const add = (ids: readonly string[], group: string | null = null) =>
      transact(
        site.id,
        "Many",
        async (tx) => {
          for (const id of ids) await tx.put("pages", { ...own, id });
        },
        { group },
      );
    await add(Array.from({ length: 900 }, (_, i) => `p${i}`));
    expect(await db().actions.count()).toBe(4);
    await add(["q1"], "queue");
    await retitled(site, record, "Between");
    await add(["q2"], "queue");
    await undo(site.id);
    expect(await db().pages.bulkGet(["q1", "q2"])).toEqual([undefined, undefined]);
    expect((await stored(record.id)).title).toBe("Between");
    await undo(site.id);
    await undo(site.id);
    expect(await db().pages.count()).toBe(1);
    await redo(site.id);
    expect(await db().pages.count()).toBe(901);
  });

  it("merges what follows closely on one field", async () => {
    const record = await page();
    for (const phrase of ["l", "la", "lamp"]) await savePage(record, { phrase }, "Phrase", "phrase");
    await write(record, setTitle("L"), "title");
    await write(record, setTitle("La"), "title");
    await undo(site.id);
    expect(await valuesOf(record)).toEqual({});
    await undo(site.id);
    expect((await stored(record.id)).phrase).toBe("");
    await redo(site.id);
    await redo(site.id);
    expect([(await stored(record.id)).phrase, await valuesOf(record)]).toEqual(["lamp", { "set-title": "La" }]);
  });

  it("merges nothing of another field, nothing that comes later, and nothing that names no field", async () => {
    const record = await page();
    const at = Date.parse("2026-05-03T10:00:00Z");
    vi.useFakeTimers({ toFake: ["Date"], now: at });
    try {
      const steps = async (merges: readonly [merge: string | null, ms: number][]) => {
        const before = await db().actions.count();
        let now = Date.now();
        for (const [i, [merge, ms]] of merges.entries()) {
          now += ms;
          vi.setSystemTime(now);
          await savePage(record, { phrase: `${before} ${i}` }, "Phrase", merge);
        }
        return (await db().actions.count()) - before;
      };
      expect(
        await steps([
          ["a", 9999],
          ["a", 2400],
          ["a", 2400],
        ]),
      ).toBe(1);
      expect(
        await steps([
          ["b", 9999],
          ["b", 2600],
        ]),
      ).toBe(2);
      expect(
        await steps([
          ["c", 9999],
          ["d", 0],
        ]),
      ).toBe(2);
      expect(
        await steps([
          [null, 9999],
          [null, 0],
        ]),
      ).toBe(2);
    } finally {
      vi.useRealTimers();
    }
  });

  it("of what was made and taken away in one step brings nothing back", async () => {
    const record = await page();
    await write(record, setTitle("L"), "title");
    await saveRedraft(record, { set: [], drop: ["set-title "] }, "set-title", "title");
    expect(await valuesOf(record)).toEqual({});
    await undo(site.id);
    expect(await valuesOf(record)).toEqual({});
    await redo(site.id);
    expect(await valuesOf(record)).toEqual({});
  });

  it("of any writing that became one step leads to what was before it, and again to what was after it", async () => {
    const step = fc.oneof(
      fc.constantFrom<Edit>(setTitle("L"), setTitle("La"), setDescription("D"), setDescription("De")),
      fc.constantFrom("set-title ", "set-description "),
    );
    const all = async () =>
      (await db().changes.toArray())
        .map(({ id, edit, state }) => ({ id, edit, state }))
        .sort((a, b) => (a.id < b.id ? -1 : 1));
    await fc.assert(
      fc.asyncProperty(
        fc.array(step, { maxLength: 3 }),
        fc.array(step, { minLength: 1, maxLength: 7 }),
        async (one, other) => {
          await emptyStorage();
          await db().sites.put(site);
          const record = await page();
          const make = async (steps: typeof one, merge: string) => {
            for (const made of steps) {
              const change = typeof made === "string" ? { set: [], drop: [made] } : { set: [made], drop: [] };
              await saveRedraft(record, change, "Write", merge);
            }
          };
          await make(one, "first");
          const before = await all();
          const actions = await db().actions.count();
          await make(other, "second");
          const after = await all();
          fc.pre((await db().actions.count()) === actions + 1);
          expect((await undo(site.id))?.left).toBe(0);
          expect(await all()).toEqual(before);
          expect((await redo(site.id))?.left).toBe(0);
          expect(await all()).toEqual(after);
        },
      ),
      { numRuns: 15 },
    );
  }, 60_000);

  it("changes nothing where the storage refuses", async () => {
    const record = await page();
    const bad = (() => "no function can be stored") as unknown as string;
    const failing = transact(site.id, "Bad", async (tx) => {
      await tx.update("sites", site.id, (was) => ({ ...was, name: "New" }));
      await tx.update("pages", record.id, (was) => ({ ...was, phrase: bad }));
    });
    await expect(failing).rejects.toThrow();
    expect((await db().sites.get(site.id))?.name).toBe("Quay");
  });

  it("of a page that was removed brings it back with its redraft", async () => {
    const record = await page();
    await write(record, setTitle("Mine"));
    await transact(site.id, "Remove 1 page", (tx) => tx.remove("pages", record.id));
    expect([await db().changes.count(), await db().derived.count(), await db().facets.count()]).toEqual([0, 0, 0]);
    expect(await undo(site.id)).toEqual({ label: "Remove 1 page", left: 0 });
    expect(await valuesOf(record)).toEqual({ "set-title": "Mine" });
    expect(await stored(record.id)).toMatchObject({ edits: 1, stamp: "" });
  });

  it("never touches what was learnt by fetching, not even where it takes the page away and brings it back", async () => {
    const record = await page();
    await tellPages(site.id, {
      listed: [record.address],
      redirects: [["https://quay.example/old", record.address]],
    });
    const told = { inSitemap: true, redirectedFrom: ["https://quay.example/old"] };
    expect(await db().facets.get(record.id)).toMatchObject(told);
    await undo(site.id);
    expect(await db().pages.count()).toBe(0);
    await redo(site.id);
    expect(await db().learnt.get(record.id)).toMatchObject(told);
    await examinePages(site, [record.id], TODAY);
    expect(await db().facets.get(record.id)).toMatchObject(told);
  });

  it("has no step for handing over", async () => {
    const record = await page();
    await write(record, setTitle("Mine"));
    await handedOver(site);
    expect(await undo(site.id)).toMatchObject({ label: "set-title" });
  });
});

it("a change that somebody has approved is open again once it is reworded, and only that one", async () => {
  const record = await page();
  await write(record, setTitle("Mine"));
  await write(record, setDescription("Also mine"));
  for (const { id } of await db().changes.toArray()) await db().changes.update(id, { state: "approved" });
  await write(record, setTitle("Mine, reworded"));
  const states = (await db().changes.toArray()).map(({ edit, state }) => [edit.op, state]).sort();
  expect(states).toEqual([
    ["set-description", "approved"],
    ["set-title", "open"],
  ]);
});

describe("what was handed over", () => {
  it("is known by each change, and what has moved on since is told", async () => {
    const record = await page();
    await write(record, setTitle("Mine"));
    expect((await stored(record.id)).again).toBe(false);
    await handedOver(site);
    expect((await stored(record.id)).again).toBe(false);
    expect((await db().changes.toArray())[0]?.handed).toEqual(setTitle("Mine"));
    await write(record, setTitle("Mine, more"));
    expect((await stored(record.id)).again).toBe(true);
    await write(record, setTitle("Mine"));
    expect((await stored(record.id)).again).toBe(false);
    await write(record, setDescription("New"));
    expect((await stored(record.id)).again).toBe(true);
  });

  it("is to be handed over again where something of it was withdrawn, but not where the site has taken it over", async () => {
    const record = await page();
    await write(record, setTitle("Mine"));
    await handedOver(site);
    await broughtAgain(site, record, LAMP.replace("<title>Lamp", "<title>Mine"));
    expect(await stored(record.id)).toMatchObject({ again: false, edits: 0, settled: 1, title: "Mine" });
    await write(record, setDescription("New"));
    await handedOver(site);
    await saveRedraft(record, { set: [], drop: ["set-description "] }, "Drop", null);
    expect(await stored(record.id)).toMatchObject({ again: true, edits: 0 });
  });

  it("tells two insertions in one place apart", async () => {
    const record = await page();
    const insert = (text: string): Edit =>
      ({
        op: "insert-blocks",
        id: "i",
        at: { kind: "heading", key: { text: "The lamp" } },
        before: false,
        blocks: [{ tag: "p", text }],
        was: null,
      }) as unknown as Edit;
    await write(record, insert("One"));
    const one = (await stored(record.id)).fingerprint;
    await write(record, insert("Two"));
    expect((await stored(record.id)).fingerprint).not.toBe(one);
  });
});

describe("a change that could not be carried over", () => {
  const undecidedTitle = async () => {
    const record = await page();
    await write(record, setTitle("Mine"));
    const [before] = await db().changes.toArray();
    await broughtAgain(site, record, LAMP.replace("<title>Lamp", "<title>Theirs"));
    const [change] = await db().changes.toArray();
    if (!change) throw new Error("no change");
    expect(change).toMatchObject({ id: before?.id, state: "undecided", conflict: { now: "Theirs" } });
    return { record, change };
  };

  it("takes the place of what was written there since, where the editor keeps it: one change in one place", async () => {
    const { record, change } = await undecidedTitle();
    await write(record, { op: "set-title", value: "Newer", was: "Theirs" });
    await decideConflict(change, "mine");
    expect(await db().changes.toArray()).toMatchObject([
      { id: change.id, state: "open", edit: { value: "Mine", was: "Theirs" }, conflict: null },
    ]);
    await undo(site.id);
    expect(
      (await db().changes.toArray()).map(({ state, edit }) => [state, "value" in edit && edit.value]).sort(),
    ).toEqual([
      ["open", "Newer"],
      ["undecided", "Mine"],
    ]);
  });

  it("goes where it is given up, and comes back by undo", async () => {
    const { record, change } = await undecidedTitle();
    await decideConflict(change, "theirs");
    expect(await stored(record.id)).toMatchObject({ conflicts: 0, edits: 0 });
    await undo(site.id);
    expect(await db().changes.toArray()).toMatchObject([{ id: change.id, state: "undecided" }]);
  });
});

describe("a page that comes back as it was handed over", () => {
  const LONG = "The lamp was lit at dusk. ".repeat(60).trim();
  const source = `<title>Lamp</title><main><h1>Lamp</h1><p>${LONG}</p></main>`;
  const handed = async (record: PageRecord, edit: Edit) => {
    await saveRedraft(record, { set: [edit], drop: [] }, "Write", null);
    const own = (await db().pages.get(record.id)) as StoredPage;
    const { file } = await handOverOne(own, (await loadRedraft(record.id)).edits);
    return new TextDecoder().decode(file.bytes);
  };

  it("has nothing to decide, nothing to hand over again, and what was set aside stays set aside", async () => {
    const record = await page(source);
    const original = readPage(originalFromText(source), { address: record.address });
    const block = original.blocks.findIndex(({ text }) => text === LONG);
    const key = `body/long-paragraph @ block 1 ${LONG.slice(0, 80)}`;
    const aside = {
      id: "a",
      siteId: site.id,
      pageId: record.id,
      scope: "place",
      rule: "body/long-paragraph",
      key,
    } as const;
    await transact(site.id, "Set aside", (tx) => tx.put("setAsides", { ...aside, reason: "so" }));
    const value = `Once, ${LONG}`;
    const file = await handed(record, {
      op: "set-block-text",
      block: keyOf(original, "block", block),
      value,
      was: LONG,
    });
    await broughtAgain(site, record, file);
    expect(await stored(record.id)).toMatchObject({ edits: 0, settled: 1, conflicts: 0, again: false });
    expect(isFound((await stored(record.id)).found, "body/long-paragraph")).toBe(false);
    expect((await db().setAsides.get("a"))?.key).toBe(`body/long-paragraph @ block 1 ${value.slice(0, 80)}`);
  });

  it("is not to be handed over again where the site has changed something else meanwhile", async () => {
    const record = await page(source);
    await handed(record, { op: "set-description", value: "D", was: null });
    await broughtAgain(site, record, source.replace("<h1>Lamp", "<h1>Lamps"));
    expect(await stored(record.id)).toMatchObject({ edits: 1, again: false });
  });
});

describe("what follows from a page", () => {
  it("is kept where the page is still what it was worked out from, and waits where it is not", async () => {
    const record = await page();
    const keep = await workedOut(site, { pageId: record.id, texts: [{ field: "title", text: "Theirs" }] });
    await write(record, setDescription("Typed meanwhile"));
    expect(await keep()).toBe(false);
    expect(await valuesOf(record)).toEqual({ "set-description": "Typed meanwhile" });
    expect((await stored(record.id)).stamp).toBe("");
    const again = await workedOut(site, { pageId: record.id, texts: [{ field: "title", text: "Theirs" }] });
    expect(await again()).toBe(true);
    expect(await stored(record.id)).toMatchObject({ title: "Theirs", description: "Typed meanwhile" });
    expect((await stored(record.id)).stamp).not.toBe("");
  });

  it("is not worked out again because of what no rule sees", async () => {
    const record = await page();
    await savePage(record, { ready: true }, "Ready");
    expect((await stored(record.id)).stamp).toBe(record.stamp);
    await savePage(record, { phrase: "lamp" }, "Phrase");
    expect((await stored(record.id)).stamp).toBe("");
  });

  it("is worked out again on every page that has a rule's finding, where it is set aside on the whole site", async () => {
    const [lamp, other] = [
      await page(),
      await page("<title>Quite long enough a title</title>", "https://quay.example/b"),
    ];
    const rule = rulesFound(lamp.found).find((one) => !isFound(other.found, one)) ?? "";
    const aside = { id: "a", siteId: site.id, scope: "site", rule, pageId: null, key: null, reason: "" } as const;
    await transact(site.id, "Set aside", (tx) => tx.put("setAsides", aside));
    expect([(await stored(lamp.id)).stamp, (await stored(other.id)).stamp]).toEqual(["", other.stamp]);
  });
});

describe("writers that meet on one page", () => {
  it("lose nothing of each other: a desk, another, a bulk change, a queue and a house style, in every order", async () => {
    type Step = "title" | "description" | "phrase" | "bulk" | "again" | "brand" | "filter" | "told" | "examined";
    const order = fc.shuffledSubarray<Step>(
      ["title", "description", "phrase", "bulk", "again", "brand", "filter", "told", "examined"],
      { minLength: 9 },
    );
    await fc.assert(
      fc.asyncProperty(order, order, async (begun, ended) => {
        await emptyStorage();
        await db().sites.put(site);
        const record = await page();
        const seen = (await db().sites.get(site.id)) as SiteRecord;
        const ends = new Map<Step, () => Promise<unknown>>();
        // Everybody reads, in one order…
        for (const step of begun) {
          const end: Record<Step, () => Promise<() => Promise<unknown>>> = {
            title: async () => () => write(record, setTitle("Typed")),
            description: async () => () => write(record, setDescription("Typed too")),
            phrase: async () => () => savePage(record, { phrase: "lamp" }, "Phrase"),
            bulk: async () => {
              const change = {
                pageId: record.id,
                texts: [],
                edits: [{ op: "set-canonical", value: "https://quay.example/c", was: null } as Edit],
              };
              let keep = await workedOut(site, change, "Bulk");
              return async () => {
                while (!(await keep())) keep = await workedOut(site, change, "Bulk");
              };
            },
            again: async () => () => broughtAgain(site, record, LAMP.replace("Text.", "Other text.")),
            brand: async () => () =>
              keepHouseStyle(seen, { name: seen.name, houseStyle: { ...seen.houseStyle, separator: " – " } }, []),
            filter: async () => () =>
              transact(site.id, "Filter", (tx) =>
                tx.update("sites", site.id, (was) => ({
                  ...was,
                  filters: [...(was.filters ?? []), { name: "Mine", query: "" }],
                })),
              ),
            told: async () => () => tellPages(site.id, { listed: [record.address], redirects: [] }),
            examined: async () => () => examinePages(site, [record.id], TODAY),
          };
          ends.set(step, await end[step]());
        }
        // … and writes in another, pairs of them at the same time.
        for (let i = 0; i < ended.length; i += 2)
          await Promise.all(ended.slice(i, i + 2).map((step) => ends.get(step)?.()));
        expect(await valuesOf(record)).toEqual({
          "set-title": "Typed",
          "set-description": "Typed too",
          "set-canonical": "https://quay.example/c",
        });
        const now = await stored(record.id);
        expect(now).toMatchObject({ phrase: "lamp", edits: 3 });
        expect(now.original).not.toBe(record.original);
        expect(await db().learnt.get(record.id)).toMatchObject({ inSitemap: true });
        expect(await db().sites.get(site.id)).toMatchObject({
          filters: [{ name: "Mine" }],
          houseStyle: { separator: " – ", brand: "Quay" },
        });
        // What is shown is either what stands there, or known to be out of date.
        if (now.stamp !== "") expect(now).toMatchObject({ title: "Typed", description: "Typed too" });
        // Undo of all of it, one after the other, leaves the page as it came in.
        const labels: string[] = [];
        for (let one = await undo(site.id); one; one = await undo(site.id)) {
          expect(one.left).toBe(0);
          labels.push(one.label);
        }
        expect(labels).toContain("Bulk");
        expect(await db().pages.count()).toBe(0);
        expect(await db().changes.count()).toBe(0);
      }),
      { numRuns: 12 },
    );
  }, 60_000);
});
