import { unpackPictures } from "../../site/pictures.ts";
import { commonPractice, type SiteRule } from "../rule.ts";
import { quote } from "../texts.ts";

/** Screens show up to two pixels of a picture for one of the page (common practice). */
const TIMES = 2;

export const imageLargerThanShown: SiteRule = {
  id: "image/larger-than-shown",
  weight: "may",
  finds: "a picture file with more than twice as many pixels a side as the page shows",
  why: "Visitors load what they never see, which is felt on telephones most. It is seen only of pictures that were brought in and whose width and height the page states.",
  source: commonPractice(),
  *checkSite(pages, { pictures }) {
    if (!pictures || pictures.size === 0) return;
    for (const page of pages) {
      if (!page.pictures) continue;
      const seen = new Set<string>();
      for (const { at, width, height } of unpackPictures(page.pictures)) {
        const own = pictures.get(at);
        if (!own || width < 1 || height < 1 || seen.has(at)) continue;
        // A picture may be cropped by its frame: the side that fits sooner decides.
        if (own.width <= width * TIMES || own.height <= height * TIMES) continue;
        seen.add(at);
        const name = at.split("/").at(-1) ?? at;
        yield {
          message: `The picture ${quote(name, 60)} has ${own.width} × ${own.height} pixels and is shown at ${width} × ${height}.`,
          pages: [page.id],
        };
      }
    }
  },
};
