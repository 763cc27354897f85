import { primaryOf } from "../page/language-tag.ts";
import { languageOf, type Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import { originsOf } from "../rewrite/origins.ts";
import { keptAlt, pictureAt } from "../site/facets/pictures.ts";
import type { SitePicture } from "../site/index/picture-files.ts";
import type { Proposal } from "./proposal.ts";

/** A picture as it has a text on pages of one language. */
type ChangedPicture = Pick<SitePicture, "at" | "alt" | "language">;

/**
 * The edits that give a picture another text wherever it has a certain one on a page as its redraft leaves it; none on a page
 * of another language, which has a text of its own.
 */
function altEdits(original: Page, page: Page, edits: readonly Edit[], picture: ChangedPicture, value: string): Edit[] {
  if (primaryOf(languageOf(page)) !== picture.language) return [];
  const origins = originsOf(original, page, edits, "picture");
  return page.images.flatMap((image, index): Edit[] => {
    const { key, index: from } = origins[index] ?? { key: null, index: -1 };
    if (!key || image.silent || keptAlt(image.alt) !== picture.alt || pictureAt(image, page) !== picture.at) return [];
    return [{ op: "set-alt", picture: key, value, was: original.images[from]?.alt ?? null }];
  });
}

/** Pictures get another alternative text wherever they have a certain one. */
export interface AskedAlts {
  alts: readonly { picture: ChangedPicture; value: string }[];
}

export const alternativeTexts: Proposal<AskedAlts> = {
  propose: ({ original, page, edits }, { alts }) => ({
    lines: alts.flatMap(({ picture, value }) => {
      const made = altEdits(original, page, edits, picture, value);
      const called = `alternative text of ${picture.at.split("/").at(-1)}`;
      return made.length === 0
        ? []
        : [{ called, was: picture.alt ?? "none", is: value || "for looks only", edits: made, reason: null }];
    }),
  }),
};
