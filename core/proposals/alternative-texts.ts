import type { Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import { originsOf } from "../rewrite/origins.ts";
import { keptAlt, pictureAt } from "../site/facets/pictures.ts";
import type { SitePicture } from "../site/index/picture-files.ts";
import type { Proposal } from "./proposal.ts";

/** The edits that give a picture another text wherever it has a certain one on a page as its redraft leaves it. */
function altEdits(
  original: Page,
  page: Page,
  edits: readonly Edit[],
  picture: Pick<SitePicture, "at" | "alt">,
  value: string,
): Edit[] {
  const origins = originsOf(original, page, edits, "picture");
  return page.images.flatMap((image, index): Edit[] => {
    const { key, index: from } = origins[index] ?? { key: null, index: -1 };
    if (!key || image.silent || keptAlt(image.alt) !== picture.alt || pictureAt(image, page) !== picture.at) return [];
    return [{ op: "set-alt", picture: key, value, was: original.images[from]?.alt ?? null }];
  });
}

/** Pictures get another alternative text wherever they have a certain one. */
export interface AskedAlts {
  alts: readonly { picture: Pick<SitePicture, "at" | "alt">; value: string }[];
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
