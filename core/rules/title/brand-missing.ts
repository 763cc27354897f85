import { titleOf } from "../../page/page.ts";
import { setTitle } from "../../result/result.ts";
import { type HouseStyle, limitsOf, settingsFor } from "../../settings/house-style.ts";
import { commonPractice, rule } from "../rule.ts";
import { charactersOf, quote, titleRange } from "../texts.ts";
import { titleTooManyCharacters } from "./too-many-characters.ts";

/** The characters that a title has at most, as the house style says. */
const mostIn = (houseStyle: HouseStyle): number => {
  const { id, settings } = titleTooManyCharacters;
  return settingsFor(id, settings, houseStyle).limit as number;
};

export const titleBrandMissing = rule({
  id: "title/brand-missing",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["titles"],
  fromFacets: true,
  heeds: ["brand", "separator", "limits"],
  finds: "a title without the site's name",
  counted: ["# title is without the site’s name", "# titles are without the site’s name"],
  hasFix: true,
  why: "The site's name behind the title tells a searcher who is speaking. Many leave it out where room is short; results show the site's name above the title too.",
  source: commonPractice(),
  check(page, report, { houseStyle }) {
    const { brand, separator } = houseStyle;
    const title = titleOf(page);
    if (!brand || title === "" || title.toLowerCase().includes(brand.toLowerCase())) return;
    const value = title + separator + brand;
    report({
      message: `The title does not name ${quote(brand)}.`,
      at: { part: "title", range: titleRange(page) },
      // Without room for it, the name would be what is cut.
      fix: () =>
        setTitle(value, "desktop", limitsOf(houseStyle)).lost !== "" || charactersOf(value) > mostIn(houseStyle)
          ? null
          : {
              label: `Add ${quote(separator.trim() ? `${separator.trim()} ${brand}` : brand)}`,
              edits: [{ op: "set-title", value, was: title }],
            },
    });
  },
});
