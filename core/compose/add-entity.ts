import type { Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import type { SiteData } from "../settings/house-style.ts";
import type { Evidence, WrittenData } from "../structured-data/evidence.ts";
import type { Json } from "../structured-data/json-text.ts";
import { pointerOf, readJson } from "../structured-data/json-text.ts";
import { replaceValue } from "../structured-data/patch-json.ts";
import { changedData, dataEdit, evidenceFor, newDataEdit } from "./data-edit.ts";

export type JsonObject = { [name: string]: Json };

/** A new entity, without its context, and where its values come from. */
export interface NewEntity {
  entity: JsonObject;
  evidence?: readonly Evidence[];
}

const CONTEXT = { "@context": "https://schema.org" };

const inGraph = (evidence: readonly Evidence[], at: number): Evidence[] =>
  evidence.map((one) => ({ ...one, pointer: `${pointerOf(["@graph", at])}${one.pointer}` }));

/** The block of a page that is a graph of schema.org's, and how many entities it holds; null where there is none. */
function graphOf(page: Pick<Page, "data">): { text: string; size: number } | null {
  for (const { text } of page.data) {
    const read = readJson(text);
    const value = "value" in read ? (read.value as JsonObject | null) : null;
    const graph = value?.["@graph"];
    if (Array.isArray(graph) && typeof value?.["@context"] === "string") return { text, size: graph.length };
  }
  return null;
}

/** The edit that states a new entity: in a block of its own, or in the page's graph as the house style says. */
export function addEntity(
  { page, written }: { page: Pick<Page, "data">; written: readonly WrittenData[] },
  { entity, evidence = [] }: NewEntity,
  how: SiteData["written"],
  id: string,
): Edit {
  if (how === "blocks") return newDataEdit(id, JSON.stringify({ ...CONTEXT, ...entity }, null, 2), [...evidence]);
  const graph = graphOf(page);
  if (!graph) return newDataEdit(id, JSON.stringify({ ...CONTEXT, "@graph": [entity] }, null, 2), inGraph(evidence, 0));
  const { text, size } = graph;
  const more = inGraph(evidence, size);
  const next = replaceValue(text, ["@graph", size], entity);
  return more.length === 0
    ? changedData(written, text, next)
    : dataEdit(text, next, [...evidenceFor(written, text), ...more]);
}
