import { useCallback, useEffect, useState, useSyncExternalStore } from "react";
import { db } from "../../store/db";
import { keepFields } from "../../store/keeping";
import type { TakeRecord } from "../../store/records/takes";
import { changeTake } from "../../store/takes";
import { useNotices } from "../../ui/notice";
import { Typed } from "../state/typed";

/** Fields of takes that are typed into. */
type Field = "title" | "description" | "reason";
const FIELDS: readonly Field[] = ["title", "description", "reason"];
const named = (take: Pick<TakeRecord, "id">, field: Field) => `${take.id} ${field}`;
const textsOf = (takes: readonly TakeRecord[]) =>
  new Map(takes.flatMap((take) => FIELDS.map((field) => [named(take, field), take[field]] as const)));

/** The texts of a page's takes: what is typed is seen at once, and kept in its turn. */
export function useTakeTexts(pageId: string, takes: readonly TakeRecord[]) {
  const { fail } = useNotices();
  const [typed] = useState(
    () =>
      new Typed<string>(textsOf(takes), async () => textsOf(await db().takes.where("pageId").equals(pageId).toArray())),
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: what somebody else has changed is read again
  useEffect(() => typed.refresh(), [typed, takes]);
  const seen = useSyncExternalStore(typed.subscribe, typed.view);
  const textOf = useCallback((take: TakeRecord, field: Field) => seen.get(named(take, field)) ?? take[field], [seen]);
  const type = useCallback(
    (take: TakeRecord, field: Field, text: string) => {
      const fields = new Map([[named(take, field), text]]);
      const save = (all: ReadonlyMap<string, string>) =>
        changeTake(take, { [field]: all.get(named(take, field)) ?? text });
      const kept = keepFields(`take ${named(take, field)}`, fields, save);
      kept.catch(fail);
      typed.change(fields, kept);
    },
    [typed, fail],
  );
  return { textOf, type };
}
