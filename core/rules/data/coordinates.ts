import { numberOf } from "../../structured-data/formats.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";

/** Degrees north and south of the equator, and east and west of Greenwich. */
const BOUNDS: Record<string, number> = { latitude: 90, longitude: 180 };

export const dataCoordinates = dataRule({
  id: "data/coordinates",
  weight: "should",
  finds: "coordinates that are nowhere on earth",
  counted: [
    "# page has structured data with coordinates that are nowhere on earth",
    "# pages have structured data with coordinates that are nowhere on earth",
  ],
  why: "A map puts the place into the sea, or nowhere. Often latitude and longitude were swapped, or a comma was lost.",
  source: standard("schema.org", "latitude and longitude (WGS 84)"),
  check(data, report) {
    for (const { property, text, value } of textsIn(data, ({ name }) => name in BOUNDS)) {
      const degrees = numberOf(text.trim().replace(/^(-?\d+),(\d+)$/, "$1.$2"));
      const most = BOUNDS[property.name] ?? 180;
      if (degrees !== null && Math.abs(degrees) <= most) continue;
      report({
        message:
          degrees === null
            ? `${quote(property.written)} is no number of degrees: ${quote(text, 40)}. Write it like 51.4769.`
            : `${quote(property.written)} is ${text}; it lies between −${most} and ${most}.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
