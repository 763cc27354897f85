import { useDeferredValue, useMemo } from "react";
import type { Page } from "#core/page/page";
import type { PartId, ResultPart } from "#core/result/parts/part";
import { leadOf } from "#core/result/result";
import { useToday } from "../store/use-today";
import { loadable } from "../ui/loadable";

/** What stands in a result beside title and description, and what of it is only tried on. */
export interface BesideTitle {
  parts: readonly ResultPart[];
  triedOn: ReadonlySet<PartId>;
  /** Stands before the description: a date; "" for none. */
  lead: string;
}

const parts = loadable(async () => (await import("#core/result/parts/all")).partsOf);
const NONE: readonly ResultPart[] = [];

/** What stands in a page's result beside title and description; nothing until it has been looked for, behind what is typed. */
export function useResultParts(page: Page, query: string, called: string): readonly ResultPart[] {
  const read = parts.useLoaded();
  const { metas, data, blocks, headings, headLinks, links, images, address, language, headers } = page;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read of the page is named part by part
  const looked = useMemo(
    () => page,
    [metas, data, blocks, headings, headLinks, links, images, address, language, headers],
  );
  const later = useDeferredValue(looked);
  const asked = useDeferredValue(query);
  const today = useToday();
  return useMemo(
    () => (read ? read(later, { query: asked, called, today }) : NONE),
    [read, later, asked, called, today],
  );
}

/** What is drawn of a part: what is earned, or what is tried on; nothing elsewhere. */
export const drawnOf = (part: ResultPart, triedOn: ReadonlySet<PartId>): readonly string[] =>
  part.shown.length > 0 ? part.shown : triedOn.has(part.id) ? (part.tried ?? []) : [];

/** The date as it stands before the description; "" where none does. */
export function leadIn(shown: readonly ResultPart[], triedOn: ReadonlySet<PartId>): string {
  const date = shown.find(({ id }) => id === "date");
  return leadOf((date && drawnOf(date, triedOn)[0]) ?? "");
}
