import { withLine } from "#core/proposals/all";
import type { ProposedLine } from "#core/proposals/proposal";
import type { Edit } from "#core/rewrite/edits";
import { type Acted, changePages, type LongWork } from "./act-on-pages";
import { draftBasis } from "./basis";
import { between, changeEdits, redraftOf } from "./changes";
import { allKept } from "./keeping";
import type { ProposedPage } from "./propose";
import type { DerivedRecord } from "./records/derived";
import type { SiteRecord } from "./records/sites";
import { transact } from "./transact";

/** What the table shows of a text at once; widths and findings follow when the page is audited again. */
const shown: Partial<Record<Edit["op"], "title" | "description" | "slug">> = {
  "set-title": "title",
  "set-description": "description",
  "set-slug": "slug",
};

function withTexts(row: DerivedRecord, lines: readonly ProposedLine[]): DerivedRecord {
  const texts: Partial<Pick<DerivedRecord, "title" | "description" | "slug" | "h1">> = {};
  for (const edit of lines.flatMap(({ edits }) => edits)) {
    const field = shown[edit.op];
    if (field && "value" in edit) texts[field] = edit.value;
    if (edit.op === "set-heading-text" && row.h1 === edit.was) texts.h1 = edit.value;
  }
  return { ...row, ...texts, stamp: "" };
}

/**
 * Makes proposed changes of many pages, as one action: they were worked out when they were looked at, so that they are only
 * written. A page that was changed since is worked out again first. Their findings follow by themselves.
 */
export async function applyProposed(
  site: SiteRecord,
  pages: readonly ProposedPage[],
  label: string,
  work: LongWork = {},
): Promise<Acted> {
  await allKept();
  const group = crypto.randomUUID();
  const ids = pages.map(({ pageId }) => pageId);
  const moved = await transact(
    site.id,
    label,
    async (tx) => {
      await tx.foresee("changes", "pageId", ids);
      await tx.all("pages", ids);
      await tx.all("derived", ids);
      const left: ProposedPage[] = [];
      for (const proposed of pages) {
        const page = await tx.get("pages", proposed.pageId);
        if (!page) continue;
        const redraft = redraftOf(await tx.of("changes", "pageId", page.id));
        if (draftBasis({ page, redraft }) !== proposed.draft) {
          left.push(proposed);
          continue;
        }
        const next = proposed.lines.reduce<readonly Edit[]>(withLine, redraft.edits);
        await changeEdits(tx, page, between(redraft.edits, next));
        await tx.put("pages", { ...page, ready: false });
        await tx.update("derived", page.id, (row) => withTexts(row, proposed.lines));
      }
      return left;
    },
    { group },
  );
  const changes = moved.map(({ pageId, lines }) => ({
    pageId,
    texts: [],
    edits: lines.flatMap((one) => [...one.edits]),
  }));
  const again = await changePages(site, changes, label, work, group);
  return { changed: pages.length - moved.length + again.changed, refused: again.refused };
}
