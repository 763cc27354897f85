import { count } from "../../settings/setting.ts";
import { facetOf } from "../../site/facets/page-facets.ts";
import { PICTURE_FILES } from "../../site/index/picture-files.ts";
import { commonPractice, siteRule } from "../rule.ts";
import { quote } from "../texts.ts";

export const imageLargerThanShown = siteRule({
  id: "image/larger-than-shown",
  weight: "may",
  finds: "a picture file with more than twice as many pixels a side as the page shows",
  counted: ["# page has a picture far larger than it is shown", "# pages have a picture far larger than it is shown"],
  why: "Visitors load what they never see, which is felt on telephones most. It is seen only of pictures that were brought in and whose width and height the page states.",
  source: commonPractice(),
  settings: {
    /** Screens show up to two pixels of a picture for one of the page (common practice). */
    times: count(2, "A picture file has at most {times} the pixels a side that the page shows"),
  },
  sees: ["pictures"],
  check(site, report, { pictures, settingsFor }) {
    if (pictures.size === 0) return;
    const files = site.index(PICTURE_FILES);
    const showing = new Set(Array.from(pictures.keys(), (at) => [...files.showing(at)]).flat());
    for (const page of site.inOrder(showing)) {
      const { times } = settingsFor(page);
      const seen = new Set<string>();
      for (const { at, width, height } of facetOf(page, "pictures")) {
        const own = pictures.get(at);
        if (!own || width < 1 || height < 1 || seen.has(at)) continue;
        // A picture may be cropped by its frame: the side that fits sooner decides.
        if (own.width <= width * times || own.height <= height * times) continue;
        seen.add(at);
        const name = at.split("/").at(-1) ?? at;
        report({
          message: `The picture ${quote(name, 60)} has ${own.width} × ${own.height} pixels and is shown at ${width} × ${height}.`,
          on: [{ page, at: { part: "picture", file: at } }],
        });
      }
    }
  },
});
