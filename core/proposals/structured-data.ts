import { writtenData } from "../compose/data-edit.ts";
import { type SiteWide, stateOnPage, type TrailStep } from "../compose/site-wide.ts";
import type { SiteData, SiteOrganisation } from "../settings/house-style.ts";
import { NOTHING, oneLine, type Proposal } from "./proposal.ts";

/** An entity that all pages state alike, or its own way from the home page for each. */
export type AskedData = {
  /** Names what is written, for the edits. */
  id: string;
  how: SiteData["written"];
} & (
  | { what: "organisation"; organisation: SiteOrganisation }
  | { what: "site"; name: string; organisation: SiteOrganisation | null }
  | { what: "trail"; byPage: Readonly<Record<string, readonly TrailStep[]>> }
);

/** What is stated on a page; null where nothing is. */
function statedOn(page: string, asked: AskedData): SiteWide | null {
  if (asked.what !== "trail") return asked;
  const steps = asked.byPage[page];
  return steps ? { what: "trail", steps } : null;
}

const CALLED = "structured data";

/** Pages state who runs the site, the site itself, or the way to them. */
export const structuredData: Proposal<AskedData> = {
  propose({ id, page, edits, settled }, asked) {
    const stated = statedOn(id, asked);
    if (!stated) return NOTHING;
    const line = { called: CALLED, was: "", is: "", edits: [] };
    const change = stateOnPage({ page, written: writtenData([...settled, ...edits]) }, stated, asked.how, asked.id);
    if ("reason" in change) return oneLine({ ...line, reason: change.reason });
    if (change.edits.length === 0) return NOTHING;
    return oneLine({ ...line, edits: change.edits, values: change.lines, reason: null });
  },
};
