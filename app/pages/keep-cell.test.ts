import { expect, it, vi } from "vitest";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";

const kept: string[] = [];
vi.mock("../store/act-on-pages", () => ({
  changeInTurn: async (_site: unknown, _changes: unknown, label: string) => {
    // The first of them is on a worker that has only just begun.
    await new Promise((done) => setTimeout(done, label.startsWith("Title") ? 30 : 1));
    if (label.startsWith("Slug")) throw new Error("The storage is full.");
    kept.push(label);
    return { changed: 1, refused: [{ reason: `why ${label}` }] };
  },
}));
const { keepCell } = await import("./keep-cell");
const { allKept } = await import("../store/keeping");

it("cells of the table are kept in the order in which they were typed, one that fails holding up none", async () => {
  const page = { id: "a", name: "Lamps", address: "https://a.example/" } as PageRecord;
  const site = { id: "s" } as SiteRecord;
  const all = (["title", "slug", "description"] as const).map((edits) => keepCell(site, { page, edits, text: "x" }));
  const ended = Promise.allSettled(all);
  // What takes them back or hands them over waits for them.
  await allKept();
  expect(kept).toEqual(["Title of Lamps", "Description of Lamps"]);
  expect(await ended).toMatchObject([
    { status: "fulfilled", value: [{ reason: "why Title of Lamps" }] },
    { status: "rejected" },
    { status: "fulfilled", value: [{ reason: "why Description of Lamps" }] },
  ]);
});
