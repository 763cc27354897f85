import type { Asked } from "#core/proposals/all";
import type { Way } from "../proposals/dialog";
import type { BulkAsked } from "./bulk-dialog";

/** What is asked of many pages: a change of their records, of their texts, or the fixes of a rule. */
export type PagesAsked = BulkAsked | { way: Way } | { fixes: Extract<Asked, { way: "fixes" }>; finds: string };
