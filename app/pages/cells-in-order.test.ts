import { expect, it, vi } from "vitest";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";

const kept: string[] = [];
vi.mock("../store/act-on-pages", () => ({
  changePages: async (_site: unknown, _changes: unknown, label: string) => {
    // The first of them is on a worker that has only just begun.
    await new Promise((done) => setTimeout(done, label.startsWith("Title") ? 30 : 1));
    if (label.startsWith("Slug")) throw new Error("The storage is full.");
    kept.push(label);
    return { changed: 1, refused: [] };
  },
}));
const { keepCell } = await import("./bulk");

it("cells of the table are kept in the order in which they were typed, one that fails holding up none", async () => {
  const page = { id: "a", name: "Lamps", address: "https://a.example/" } as PageRecord;
  const site = { id: "s" } as SiteRecord;
  const all = (["title", "slug", "description"] as const).map((edits) => keepCell(site, { page, edits, text: "x" }));
  expect((await Promise.allSettled(all)).map(({ status }) => status)).toEqual(["fulfilled", "rejected", "fulfilled"]);
  expect(kept).toEqual(["Title of Lamps", "Description of Lamps"]);
});
