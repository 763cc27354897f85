import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Asked } from "#core/proposals/all";
import type { Edit } from "#core/rewrite/edits";
import { db } from "./db";
import type { PageRecord } from "./page-record";
import { type ProposedPage, proposeOn } from "./propose";
import type { SiteRecord } from "./records/sites";
import { saveRedraft } from "./redraft";
import { emptyStorage, keptPage, openSite, stored, TODAY } from "./testing";
import { redo, undo } from "./transact";

vi.mock("../workers/pool", async (original) => {
  const worker = { ...(await import("./redraft-pages")), ...(await import("./propose")) };
  const onPoolAll = (work: unknown[], run: (one: typeof worker, item: unknown) => Promise<unknown>) =>
    Promise.all(work.map((item) => run(worker, item)));
  const onPoolBeside = (run: (one: typeof worker) => Promise<unknown>) => run(worker);
  return { ...(await original<typeof import("../workers/pool")>()), onPoolAll, onPoolBeside };
});
const { applyProposed } = await import("./apply-proposed");
const { lookAt } = await import("../proposals/look-at");
const { makeAtOnce } = await import("../proposals/make-at-once");

let site: SiteRecord;
let pages: PageRecord[];
const source = (name: string) =>
  `<html lang=en><title>Old ${name}</title><meta name=description content="Old words"><h1>Old ${name}</h1><img src=/i/old.png>`;
beforeEach(async () => {
  site = await openSite();
  pages = [];
  for (const name of ["lamp", "boat", "quay"])
    pages.push(await keptPage(site, source(name), `https://quay.example/${name}`));
});
afterEach(emptyStorage);

const ids = () => pages.map(({ id }) => id);
const replace = (by: string, fields: Extract<Asked, { way: "replace" }>["fields"] = ["title"]): Asked => ({
  way: "replace",
  find: "Old",
  by,
  regex: false,
  matchCase: true,
  keepCase: false,
  fields,
});
const proposed = (asked: Asked, of = ids()) => proposeOn(site, of, asked, TODAY);
const titles = async () => (await Promise.all(ids().map(stored))).map(({ title }) => title);
const retitle = (page: PageRecord, value: string) =>
  saveRedraft(page, { set: [{ op: "set-title", value, was: page.title } as Edit], drop: [] }, "Title", null);
const actions = async () => (await db().actions.toArray()).map(({ label }) => label);

describe("changes that were looked at", () => {
  it("are written at once as one action, which one undo takes back and one redo makes again", async () => {
    const before = (await actions()).length;
    expect(await applyProposed(site, await proposed(replace("New")), "Find and replace")).toEqual({
      changed: 3,
      refused: [],
    });
    expect(await titles()).toEqual(["New lamp", "New boat", "New quay"]);
    expect((await actions()).slice(before)).toEqual(["Find and replace"]);
    await undo(site.id);
    expect(await Promise.all(ids().map(async (id) => (await stored(id)).edits))).toEqual([0, 0, 0]);
    await redo(site.id);
    expect(await Promise.all(ids().map(async (id) => (await stored(id)).edits))).toEqual([1, 1, 1]);
  });

  it("leave the row to be worked out again, and a page that was ready is so no more", async () => {
    const [lamp] = pages as [PageRecord];
    await db().pages.update(lamp.id, { ready: true });
    await applyProposed(site, await proposed(replace("New"), [lamp.id]), "Find and replace");
    expect(await stored(lamp.id)).toMatchObject({ title: "New lamp", stamp: "", ready: false });
  });

  it("show the texts that they set, an H1 among them", async () => {
    await applyProposed(site, await proposed(replace("New", ["title", "description", "h1"])), "Find and replace");
    expect(await stored(ids()[0] as string)).toMatchObject({
      title: "New lamp",
      description: "New words",
      h1: "New lamp",
    });
  });

  it("are made of the lines that were taken alone", async () => {
    const looked = await proposed(replace("New", ["title", "description"]));
    const taken = looked.map((page): ProposedPage => ({ ...page, lines: page.lines.slice(1) }));
    await applyProposed(site, taken, "Find and replace");
    expect(await titles()).toEqual(["Old lamp", "Old boat", "Old quay"]);
    expect((await stored(ids()[0] as string)).description).toBe("New words");
  });

  it("lose nothing of a page that was changed since they were looked at", async () => {
    const looked = await proposed(replace("New", ["description"]));
    await retitle(pages[1] as PageRecord, "Typed meanwhile");
    expect(await applyProposed(site, looked, "Find and replace")).toEqual({ changed: 3, refused: [] });
    const boat = await stored(ids()[1] as string);
    expect([boat.title, boat.description, boat.edits]).toEqual(["Typed meanwhile", "New words", 2]);
    await undo(site.id);
    expect((await db().changes.toArray()).map(({ edit }) => edit.op)).toEqual(["set-title"]);
  });

  it("pass over a page that is gone since", async () => {
    const looked = await proposed(replace("New"));
    await db().pages.delete(ids()[1] as string);
    await applyProposed(site, looked, "Find and replace");
    expect(await db().changes.count()).toBe(2);
  });
});

describe("what is proposed for pages", () => {
  it("leaves out pages that nothing changes on, and knows the redraft", async () => {
    await retitle(pages[0] as PageRecord, "Redrafted");
    const looked = await proposed(replace("New"));
    expect(looked.map(({ pageId }) => pageId)).toEqual(ids().slice(1));
    expect(looked[0]?.lines).toMatchObject([{ called: "title", was: "Old boat", is: "New boat", reason: null }]);
  });

  it("comes in parts, the first of them small, each with its place and its number of pages", async () => {
    const many = Array.from({ length: 30 }, (_, i) => ids()[i % 3] as string);
    const parts: [part: number, looked: number][] = [];
    await lookAt(site, many, replace("New"), new AbortController().signal, (_, part, looked) =>
      parts.push([part, looked]),
    );
    const sorted = parts.toSorted(([a], [b]) => a - b);
    expect(sorted.map(([part]) => part)).toEqual(sorted.map((_, i) => i));
    expect(sorted[0]?.[1]).toBe(2);
    expect(sorted.reduce((sum, [, looked]) => sum + looked, 0)).toBe(30);
  });

  it("is made without a look where it was seen as it was typed, on all pages that show the picture", async () => {
    const picture = { at: "/i/old.png", alt: null, language: "en" };
    const asked: Asked = { way: "alternativeTexts", alts: [{ picture, value: "The old lamp" }] };
    const progress: number[] = [];
    const acted = await makeAtOnce(site, ids(), asked, "Alternative text", {
      onProgress: (done) => progress.push(done),
    });
    expect(acted).toEqual({ changed: 3, refused: [] });
    expect(progress.at(-1)).toBe(3);
    expect((await db().changes.toArray()).map(({ edit }) => edit.op)).toEqual(["set-alt", "set-alt", "set-alt"]);
    // None of them has it any more.
    expect((await makeAtOnce(site, ids(), asked, "Again")).changed).toBe(0);
  });

  it("makes nothing where it is stopped before it is written", async () => {
    const stop = new AbortController();
    const asked = replace("New");
    const acted = await makeAtOnce(site, ids(), asked, "Stopped", {
      signal: stop.signal,
      onProgress: () => stop.abort(),
    });
    expect([acted.changed, await db().changes.count()]).toEqual([0, 0]);
  });
});
