import type { Edit } from "#core/rewrite/edits";
import { followsPattern } from "#core/rewrite/follows-pattern";
import { type HouseStyle, stampOf, styleForKind } from "#core/settings/house-style";
import type { PageRecord } from "./page-record";
import type { AuditedBy, SiteRecord } from "./records/sites";
import { isPart, type Tx, transact } from "./transact";

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** What was changed of an object's fields, in another one of its kind: what nobody touched here stays as it is there. */
function carried<T extends object>(stored: T, was: T, is: T): T {
  const next = { ...stored };
  for (const name of new Set([...Object.keys(was), ...Object.keys(is)]) as Set<keyof T>) {
    if (same(was[name], is[name])) continue;
    if (is[name] === undefined) delete next[name];
    else next[name] = is[name];
  }
  return next;
}

/**
 * Keeps what was changed of a site's house style and name. Pages whose texts follow the pattern of their kind follow its new
 * wording, in the same action.
 *
 * @param site As it was when the change was begun.
 */
export async function keepHouseStyle(
  site: SiteRecord,
  { name, houseStyle }: Pick<SiteRecord, "name" | "houseStyle">,
  pages: readonly PageRecord[],
): Promise<void> {
  await transact(site.id, "House style", async (tx) => {
    await tx.update("sites", site.id, (stored) => ({
      ...stored,
      audited: withAudited(stored),
      name: name === site.name ? stored.name : name,
      houseStyle: carried(stored.houseStyle, site.houseStyle, houseStyle),
    }));
    for (const page of pages)
      if (page.patterned.length > 0) await followNewPattern(tx, page, site.houseStyle, houseStyle);
  });
}

/** House styles of which it is known what pages were audited by. */
const AUDITED = 6;

/** A site's house style among those that its pages were audited by. */
export function withAudited({ audited = [], houseStyle }: SiteRecord): AuditedBy[] {
  const stamp = stampOf(houseStyle);
  return [{ stamp, houseStyle }, ...audited.filter((one) => one.stamp !== stamp)].slice(0, AUDITED);
}

async function followNewPattern(tx: Tx, page: PageRecord, was: HouseStyle, is: HouseStyle): Promise<void> {
  const before = styleForKind(was, page.kind).patterns ?? {};
  const after = styleForKind(is, page.kind).patterns ?? {};
  if (same(before, after)) return;
  for (const change of await tx.of("changes", "pageId", page.id)) {
    const edit = isPart(change) ? inNewWords(change.edit, before, after) : null;
    if (edit) await tx.put("changes", { ...change, edit });
  }
}

type Patterns = NonNullable<HouseStyle["patterns"]>;

function inNewWords(edit: Edit, before: Patterns, after: Patterns): Edit | null {
  if (!followsPattern(edit)) return null;
  const field = edit.op === "set-title" ? "title" : "description";
  const next = after[field];
  return edit.pattern === before[field] && next ? { ...edit, pattern: next } : null;
}
