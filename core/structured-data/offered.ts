import { FEATURES } from "./features.ts";
import { isKindOf, propertiesOf } from "./vocabulary.ts";

/** A property that could be said of an entity, and why it is offered. */
export interface Offered {
  name: string;
  /** “needed for the dates and place”, or "". */
  why: string;
}

/** Properties for types: those that their search features need, then those they recommend, then all that schema.org has. */
export function offeredFor(types: readonly string[], has: readonly string[]): Offered[] {
  const offered = new Map<string, Offered>();
  const features = FEATURES.filter(
    (feature) => !feature.retired && types.some((type) => feature.types.some((one) => isKindOf(type, one))),
  );
  for (const [part, says] of [
    ["required", "needed"],
    ["recommended", "recommended"],
  ] as const) {
    for (const feature of features)
      for (const { paths } of feature[part])
        for (const path of paths) {
          const name = path.split(".")[0] ?? "";
          if (!offered.has(name)) offered.set(name, { name, why: `${says} for the ${feature.shows}` });
        }
  }
  for (const type of types)
    for (const { name, supersededBy } of propertiesOf(type))
      if (supersededBy.length === 0 && !offered.has(name)) offered.set(name, { name, why: "" });
  return [...offered.values()].filter(({ name }) => !has.includes(name));
}
