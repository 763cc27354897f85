import { afterEach, beforeEach, expect, it } from "vitest";
import type { CarriedOver, Conflict } from "#core/rewrite/carry-over";
import type { Edit } from "#core/rewrite/edits";
import { carryChanges, newChange } from "./changes";
import { db } from "./db";
import type { PageRecord } from "./page-record";
import { emptyStorage, keptPage, openSite } from "./testing";
import { transact } from "./transact";

const TITLE = { op: "set-title", value: "The lamp", was: "Lamp" } as const;
const DESCRIPTION = { op: "set-description", value: "It is lit.", was: null } as const;
const REBOUND = { ...TITLE, was: "Lamp room" };

let page: PageRecord;
beforeEach(async () => {
  const site = await openSite();
  page = await keptPage(site, "<title>Lamp</title><h1>Lamp</h1>");
});
afterEach(emptyStorage);

/** Keeps changes of the page, as they were handed over, and carries them over; what is kept then, in order. */
async function carried(handed: readonly (Edit | null)[], edits: readonly Edit[], over: Partial<CarriedOver>) {
  for (const [i, edit] of edits.entries())
    await db().changes.put({ ...newChange(page, edit, i, "2026-11-23T10:00:00Z"), handed: handed[i] ?? null });
  await transact(page.siteId, "Bring in again", (tx) =>
    carryChanges(tx, page, { edits, kept: [], settled: [], conflicts: [], ...over }),
  );
  const rows = await db().changes.toArray();
  return rows
    .sort((a, b) => a.order - b.order)
    .map(({ edit, state, handed, conflict }) => ({ edit, state, handed, conflict }));
}

it("what was handed over as it is stays handed over, as it is bound now", async () => {
  const rows = await carried([TITLE, null], [TITLE, DESCRIPTION], { kept: [REBOUND, DESCRIPTION] });
  expect(rows).toMatchObject([
    { edit: REBOUND, handed: REBOUND, state: "open" },
    { edit: DESCRIPTION, handed: null, state: "open" },
  ]);
});

it("what was reworded after it was handed over keeps what was handed over", async () => {
  const earlier = { ...TITLE, value: "A lamp" };
  expect(await carried([earlier], [TITLE], { kept: [REBOUND] })).toMatchObject([{ edit: REBOUND, handed: earlier }]);
});

it("what is settled or asked about is left as it was made, and the others keep their order", async () => {
  const conflict: Conflict = { edit: TITLE, now: "Lamps", reason: "It was changed elsewhere.", mine: TITLE };
  const { edit: _, ...told } = conflict;
  const rows = await carried([TITLE, DESCRIPTION], [TITLE, DESCRIPTION], {
    conflicts: [conflict],
    kept: [DESCRIPTION],
  });
  expect(rows).toEqual([
    { edit: TITLE, handed: TITLE, state: "undecided", conflict: told },
    { edit: DESCRIPTION, handed: DESCRIPTION, state: "open", conflict: null },
  ]);
  await db().changes.clear();
  const settled = await carried([TITLE], [TITLE, DESCRIPTION], { settled: [TITLE], kept: [DESCRIPTION] });
  expect(settled).toMatchObject([
    { edit: TITLE, handed: TITLE, state: "settled" },
    { edit: DESCRIPTION, state: "open" },
  ]);
});
