import { useLiveQuery } from "dexie-react-hooks";
import type { Finding } from "#core/findings/finding";
import type { SetAside } from "#core/findings/set-aside";
import { db } from "./db";
import type { SetAsideRecord } from "./records/set-asides";
import { transact } from "./transact";

const NONE: SetAsideRecord[] = [];

/** What was set aside on a site. */
export const useSetAsides = (siteId: string): readonly SetAsideRecord[] =>
  useLiveQuery(() => db().setAsides.where("siteId").equals(siteId).toArray(), [siteId]) ?? NONE;

/** Sets a finding aside: here, on this page, or its rule on the whole site. */
export const setAside = (
  siteId: string,
  pageId: string,
  { rule, key }: Finding,
  scope: SetAsideRecord["scope"],
  reason: string,
): Promise<void> =>
  keepAside(siteId, {
    scope,
    rule,
    pageId: scope === "site" ? null : pageId,
    key: scope === "place" ? key : null,
    reason,
  });

/** Sets a rule aside on the whole site. */
export const setRuleAside = (siteId: string, rule: string, reason: string): Promise<void> =>
  keepAside(siteId, { scope: "site", rule, pageId: null, key: null, reason });

function keepAside(siteId: string, aside: SetAside): Promise<void> {
  const record: SetAsideRecord = { id: crypto.randomUUID(), siteId, ...aside };
  return transact(siteId, "Set a finding aside", (tx) => tx.put("setAsides", record));
}

export const takeBackUp = ({ id, siteId }: SetAsideRecord): Promise<void> =>
  transact(siteId, "Take a finding back up", (tx) => tx.remove("setAsides", id));
