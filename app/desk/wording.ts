import { descriptionOf, type Page, titleOf } from "#core/page/page";
import type { Edit } from "#core/rewrite/edits";
import type { Wording } from "../store/takes";

/** What a page says in its result. */
export const wordingOf = (page: Page): Wording => ({ title: titleOf(page), description: descriptionOf(page) });

/** What the original has where a title or a description is edited; null where it has none. */
export const wasOfTitle = (original: Page): string | null => (original.titles.length > 0 ? titleOf(original) : null);
export const wasOfDescription = (original: Page): string | null =>
  original.metas.some(({ name }) => name === "description") ? descriptionOf(original) : null;

export const titleEdit = (original: Page, value: string): Edit => ({
  op: "set-title",
  value,
  was: wasOfTitle(original),
});
export const descriptionEdit = (original: Page, value: string): Edit => ({
  op: "set-description",
  value,
  was: wasOfDescription(original),
});

/** The edits that put a wording in the place of the page's own: only of what differs. */
export function wordingEdits(original: Page, now: Wording, wording: Wording): Edit[] {
  return [
    ...(wording.title === now.title ? [] : [titleEdit(original, wording.title)]),
    ...(wording.description === now.description ? [] : [descriptionEdit(original, wording.description)]),
  ];
}
