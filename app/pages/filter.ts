import { pathOf } from "#core/address/address";
import type { PageRecord } from "../store/db";

/** What the sentence over the table can show. They stand in the address of the screen. */
export type Show =
  | "all"
  | "no-title"
  | "no-description"
  | "title-cut"
  | "description-cut"
  | "title-doubled"
  | "description-doubled"
  | "no-phrase"
  | "must"
  | "redrafted"
  | "ready";

/** Ids of pages whose title or description other pages have too. */
export interface Doubled {
  titles: ReadonlySet<string>;
  descriptions: ReadonlySet<string>;
}

export function doubledOf(
  pages: readonly PageRecord[],
  groups: (items: readonly PageRecord[], text: (p: PageRecord) => string) => PageRecord[][],
): Doubled {
  const ids = (text: (p: PageRecord) => string) =>
    new Set(groups(pages, text).flatMap((group) => group.map((page) => page.id)));
  return { titles: ids((page) => page.title), descriptions: ids((page) => page.description) };
}

const TESTS: Record<Show, (page: PageRecord, doubled: Doubled) => boolean> = {
  all: () => true,
  "no-title": (page) => page.title === "",
  "no-description": (page) => page.description === "",
  "title-cut": (page) => page.titleCut,
  "description-cut": (page) => page.descriptionCut,
  "title-doubled": (page, doubled) => doubled.titles.has(page.id),
  "description-doubled": (page, doubled) => doubled.descriptions.has(page.id),
  "no-phrase": (page) => page.phrase === "",
  must: (page) => page.counts.must > 0,
  redrafted: (page) => page.edits > 0,
  ready: (page) => page.ready,
};

export function isShow(text: string | null): text is Show {
  return text !== null && text in TESTS;
}

export const matches = (show: Show, doubled: Doubled) => (page: PageRecord) => TESTS[show](page, doubled);

/** Whether a page holds the text in its name, address, title, description or phrase. */
export function holds(page: PageRecord, text: string): boolean {
  const wanted = text.trim().toLowerCase();
  return (
    wanted === "" ||
    [page.name, pathOf(page.address), page.title, page.description, page.phrase].some((field) =>
      field.toLowerCase().includes(wanted),
    )
  );
}

/** What a filter is called in the queue: “5 pages whose title is cut”. */
export const SHOW_NAMES: Record<Show, string> = {
  all: "in this site",
  "no-title": "without title",
  "no-description": "without description",
  "title-cut": "whose title is cut",
  "description-cut": "whose description is cut",
  "title-doubled": "with a doubled title",
  "description-doubled": "with a doubled description",
  "no-phrase": "without phrase",
  must: "with a must",
  redrafted: "redrafted",
  ready: "ready",
};
