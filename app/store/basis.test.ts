import fc from "fast-check";
import { afterEach, describe, expect, it } from "vitest";
import { audit } from "#core/audit/auditor";
import { redraftPage } from "#core/audit/redraft-page";
import type { Edit } from "#core/rewrite/edits";
import { stampOf } from "#core/settings/house-style";
import { basisOf, sameBasis, setAsideBasis } from "./basis";
import { newPage } from "./bring-in";
import { db } from "./db";
import { contextOf, examinePages, loadPage, putExamined } from "./freshen";
import { keepHouseStyle } from "./house-style";
import { isCurrent, type PageRecord } from "./page-record";
import { readIncoming } from "./read-incoming";
import type { SiteRecord } from "./records/sites";
import { savePage, saveRedraft } from "./redraft";
import { setAside, setRuleAside, takeBackUp } from "./set-asides";
import { broughtAgain, emptyStorage, incoming, keptPage, openSite, stored, TODAY, workedOut } from "./testing";
import { transact, undo } from "./transact";

const SOURCE = (name: string) =>
  `<!DOCTYPE html><html lang=en><title>${name}</title><h1>${name}</h1><h3>Jump</h3><img src=a.png><p>Words of ${name}.`;

afterEach(emptyStorage);

const pageNow = async (id: string) => stored(id);

/** A finding of a page as its redraft leaves it. */
async function findingOf(site: SiteRecord, page: PageRecord, nth: number) {
  const loaded = await loadPage(page.id);
  if (!loaded) throw new Error("The page is gone.");
  const redrafted = redraftPage(loaded.original, contextOf(loaded, site.houseStyle, TODAY));
  const findings = audit(redrafted.page, redrafted.rules, redrafted);
  return findings[nth % findings.length];
}

const STEPS = [
  "title",
  "phrase",
  "kind",
  "place",
  "page",
  "site",
  "up",
  "style",
  "bulk",
  "again",
  "new",
  "undo",
] as const;
const step = fc.record({ do: fc.constantFrom(...STEPS), on: fc.nat(1), nth: fc.nat(30), waits: fc.boolean() });

describe("a row of the table", () => {
  it("is what an audit of today finds, or known to be out of date, after any session that runs beside audits", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 3, maxLength: 9 }), async (session) => {
        await emptyStorage();
        const begun = await openSite();
        const pages = [
          await keptPage(begun, SOURCE("Lamp"), "https://quay.example/lamp"),
          await keptPage(begun, SOURCE("Buoy"), "https://quay.example/buoy"),
        ];
        await db().actions.clear();
        const siteNow = async () => (await db().sites.get(begun.id)) as SiteRecord;
        const under: Promise<unknown>[] = [];
        for (const { do: what, on, nth, waits } of session) {
          const page = pages[on] as PageRecord;
          const site = await siteNow();
          const finding = await findingOf(site, page, nth);
          // An audit runs beside each step; it has read, or not, what the step changes.
          await db().derived.update(page.id, { stamp: "" });
          under.push(examinePages(site, [page.id], TODAY));
          if (waits) await db().pages.count();
          const edit: Edit = { op: "set-title", value: `Title ${nth}`, was: page.title };
          const act: Record<(typeof STEPS)[number], () => Promise<unknown>> = {
            title: () => saveRedraft(page, { set: [edit], drop: [] }, "Title", null),
            phrase: () => savePage(page, { phrase: `lamp ${nth}` }, "Phrase"),
            kind: () => savePage(page, { chosenKind: nth % 2 ? "product" : "article" }, "Kind"),
            place: async () => finding && setAside(site.id, page.id, finding, "place", "so"),
            page: async () => finding && setAside(site.id, page.id, finding, "page", "so"),
            site: async () => finding && setRuleAside(site.id, finding.rule, "so"),
            up: async () => {
              const all = await db().setAsides.toArray();
              const one = all[nth % Math.max(1, all.length)];
              if (one) await takeBackUp(one);
            },
            style: async () => {
              const rules = { ...site.houseStyle.rules, [finding?.rule ?? ""]: { on: nth % 3 === 0 } };
              await keepHouseStyle(site, { name: site.name, houseStyle: { ...site.houseStyle, rules } }, []);
            },
            bulk: async () => {
              const keep = await workedOut(site, { pageId: page.id, texts: [{ field: "title", text: `Bulk ${nth}` }] });
              if (finding) await setAside(site.id, page.id, finding, "place", "while it was worked out");
              await keep();
            },
            again: () => broughtAgain(site, page, SOURCE(`Lamp ${nth}`)),
            new: async () => {
              const read = await readIncoming(
                site.id,
                incoming(SOURCE("New"), `https://quay.example/${nth}`),
                site.houseStyle,
                TODAY,
              );
              if (finding) await setRuleAside(site.id, finding.rule, "while it was read");
              await db().originals.put(read.original);
              await transact(site.id, "Import", async (tx) => {
                const record = newPage(site, read, 9);
                await tx.put("pages", record);
                await putExamined(tx, record, read);
              });
            },
            undo: () => undo(site.id),
          };
          await act[what]();
        }
        await Promise.all(under);
        const site = await siteNow();
        const ids = (await db().pages.toCollection().primaryKeys()) as string[];
        const outOfDate: string[] = [];
        for (const id of ids) if (!isCurrent(await pageNow(id), stampOf(site.houseStyle), TODAY)) outOfDate.push(id);
        await examinePages(site, outOfDate, TODAY);
        const rows = await db().derived.bulkGet(ids);
        await db().derived.toCollection().modify({ stamp: "" });
        await examinePages(site, ids, TODAY);
        expect(rows).toEqual(await db().derived.bulkGet(ids));
      }),
      { numRuns: 20 },
    );
  }, 120_000);

  it("is computed again for what was set aside on it or on the site, in whatever order that was done", () => {
    const page = { id: "p" } as PageRecord;
    const here = { scope: "place", rule: "title/missing", pageId: "p", key: "k", reason: "" } as const;
    const there = { ...here, pageId: "q" };
    const everywhere = { ...here, scope: "site", pageId: null, key: null } as const;
    expect(setAsideBasis("p", [there])).toBe("");
    expect(setAsideBasis("p", [here, everywhere])).toBe(setAsideBasis("p", [everywhere, there, here]));
    const redraft = { edits: [], settled: [] };
    const basis = basisOf({ page, redraft, setAsides: [] });
    expect(sameBasis(basis, basisOf({ page, redraft, setAsides: [there] }))).toBe(true);
    for (const one of [here, everywhere])
      expect(sameBasis(basis, basisOf({ page, redraft, setAsides: [one] }))).toBe(false);
  });
});
