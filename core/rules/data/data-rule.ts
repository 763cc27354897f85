import type { Place } from "../../findings/place.ts";
import type { Page } from "../../page/page.ts";
import {
  type DataPlace,
  type Entity,
  type Property,
  pointerTo,
  textOfValue,
  type Value,
} from "../../structured-data/graph.ts";
import { dataOf, type PageData, rangeOf } from "../../structured-data/page-data.ts";
import { type PropertyTerm, vocabulary } from "../../structured-data/vocabulary.ts";
import { type PageRule, type Report, type RuleContext, type RuleFacts, rule } from "../rule.ts";

/** What a rule about structured data is given. */
export interface DataContext extends RuleContext {
  page: Page;
}

/** A rule that looks at a page's structured data; it has nothing to do where there is none. */
export function dataRule(
  facts: RuleFacts & {
    check: (data: PageData, report: Report, context: DataContext) => void;
    sees?: PageRule["sees"];
    heeds?: PageRule["heeds"];
    changesOn?: PageRule["changesOn"];
  },
): PageRule {
  const { check, sees = [], ...rest } = facts;
  return rule({
    ...rest,
    formats: ["html"],
    sees: ["data", "source", "address", "base", "format", ...sees],
    check(page, report, context) {
      const data = dataOf(page);
      if (data.blocks.length > 0 || data.entities.length > 0) {
        // Nothing of the context is read that the rule does not read.
        const within: DataContext = Object.assign(Object.create(context), { page });
        try {
          check(data, firstOf(report), within);
        } catch (error) {
          if (error !== ENOUGH) throw error;
        }
      }
    },
  });
}

/** Findings of one rule on one page: a catalogue of thousands of entities goes wrong in the same way in each of them. */
const MOST = 100;
/** Ends a check that has found so many: some look long for each. */
const ENOUGH = new Error("No more findings of this rule are listed on this page.");

function firstOf(report: Report): Report {
  let n = 0;
  return (problem) => {
    n++;
    if (n < MOST) return report(problem);
    report({ ...problem, message: `${problem.message} More like it are not listed.` });
    throw ENOUGH;
  };
}

/** Whether data has no page around it, as in a file of JSON-LD: there is no address that it could disagree with. */
export const isAlone = (page: Page): boolean => page.blocks.length === 0;

/** The place of a finding: a value, or the name before it. */
export const placeOf = (data: PageData, said: DataPlace, part: "key" | "value" = "value"): Place => ({
  part: "data",
  pointer: pointerTo(said),
  range: rangeOf(data, said, part),
});

export interface PlacedValue {
  entity: Entity;
  property: Property;
  /** What schema.org says of the property; undefined where it does not know it. */
  term: PropertyTerm | undefined;
  value: Value;
}

const placed = new WeakMap<PageData, readonly PlacedValue[]>();

/** Every value of every entity, in their order. Listed once for the same data: most rules look through them. */
export function valuesIn(data: PageData): readonly PlacedValue[] {
  let values = placed.get(data);
  if (!values) {
    const { properties } = vocabulary();
    values = data.entities.flatMap((entity) =>
      entity.properties.flatMap((property) => {
        const term = properties.get(property.name);
        return property.values.map((value) => ({ entity, property, term, value }));
      }),
    );
    placed.set(data, values);
  }
  return values;
}

/** Every text, or number as it would be written, of properties that a test lets through. */
export function* textsIn(
  data: PageData,
  test: (property: Property, term: PropertyTerm | undefined) => boolean,
): Iterable<PlacedValue & { text: string }> {
  for (const one of valuesIn(data)) {
    if (!test(one.property, one.term)) continue;
    if (one.value.kind === "text" || one.value.kind === "number") yield { ...one, text: textOfValue(one.value) };
  }
}

/** Whether schema.org gives a property this range and no text beside it. */
export const only = (
  term: PropertyTerm | undefined,
  ranges: readonly string[],
  beside: readonly string[] = [],
): boolean => {
  const own = term?.ranges ?? [];
  return own.some((one) => ranges.includes(one)) && own.every((one) => ranges.includes(one) || beside.includes(one));
};
