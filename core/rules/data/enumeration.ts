import { schemaName, textOfValue } from "../../structured-data/graph.ts";
import type { PageData } from "../../structured-data/page-data.ts";
import { isKindOf, membersOf, nearest } from "../../structured-data/vocabulary.ts";
import { type Report, standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn, valuesIn } from "./data-rule.ts";
import { fixValue } from "./fix-value.ts";

/** Values that search engines list where schema.org takes any text. From memory of their public documentation. */
const LISTED: ReadonlyMap<string, readonly string[]> = new Map([
  ["employmentType", ["FULL_TIME", "PART_TIME", "CONTRACTOR", "TEMPORARY", "INTERN", "VOLUNTEER", "PER_DIEM", "OTHER"]],
]);

/** Values that are none of those, such as “Full time”. */
function reportUnlisted(data: PageData, report: Report): void {
  for (const { property, text, value } of textsIn(data, ({ name }) => LISTED.has(name))) {
    const listed = LISTED.get(property.name) ?? [];
    if (listed.includes(text)) continue;
    const bare = (one: string) => one.toUpperCase().replace(/[^A-Z]/g, "");
    const meant = listed.find((one) => bare(one) === bare(text));
    report({
      message: `Search engines read other values of ${quote(property.written)} than ${quote(text, 40)}: ${listed.join(", ")}.`,
      at: placeOf(data, value.place),
      weight: "should",
      ...(meant && fixValue(data, value.place, meant, `Write ${meant}`)),
    });
  }
}

export const dataEnumeration = dataRule({
  id: "data/enumeration",
  weight: "must",
  finds: "a value that is none of those listed",
  counted: [
    "# page has structured data with a value that is none of those listed",
    "# pages have structured data with a value that is none of those listed",
  ],
  hasFix: true,
  why: "If schema.org or search engines list the values of a property, only those are understood: InStock, not “in stock”.",
  source: standard("schema.org", "Enumeration"),
  check(data, report) {
    reportUnlisted(data, report);
    for (const { property, term, value } of valuesIn(data)) {
      if (!term || (value.kind !== "text" && value.kind !== "reference")) continue;
      if (!term.ranges.every((range) => isKindOf(range, "Enumeration")) || term.ranges.length === 0) continue;
      const text = textOfValue(value).trim();
      // Values of other vocabularies are theirs to check.
      if (/^[a-z][a-z0-9+.-]*:/i.test(text) && !schemaName(text)) continue;
      const name = schemaName(text) ?? text.replace(/^.*\//, "");
      const members = term.ranges.flatMap((one) => membersOf(one).map((member) => member.name));
      // Some lists hold types of their own, such as kinds of businesses.
      if (members.length === 0 || members.includes(name) || term.ranges.some((one) => isKindOf(name, one))) continue;
      const near = nearest(name.replace(/\s+/g, ""), members);
      const [meant] = near;
      const says = meant
        ? `Nearest: ${near.join(", ")}`
        : `Listed are: ${members.slice(0, 6).join(", ")}${members.length > 6 ? "…" : ""}`;
      report({
        message: `${quote(text, 40)} is none of the values of ${quote(property.written)}. ${says}.`,
        at: placeOf(data, value.place),
        ...(meant && fixValue(data, value.place, `https://schema.org/${meant}`, `Write ${meant}`)),
      });
    }
  },
});
