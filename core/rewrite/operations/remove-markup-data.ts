import type { Page } from "../../page/page.ts";
import { attribute } from "../../page/parse.ts";
import { carriersOf } from "../../structured-data/markup-data.ts";
import { removeAttribute, wholeLine } from "../markup.ts";
import { type Operation, patched, SETTLED, type Shape, valueIn } from "./operation.ts";

/** Microdata and RDFa are taken out of the markup; `was` names what they said. */
export interface RemoveMarkupData extends Shape {
  op: "remove-markup-data";
  value: "";
  was: string;
}

/** Attributes that an element may have which is there for its data alone. */
const FOR_DATA: ReadonlySet<string> = new Set(["content", "href"]);

/** Takes the attributes of microdata and RDFa out, and the elements that say nothing else. */
function plan({ source, address }: Page) {
  const patches = carriersOf(source, address).flatMap(({ element, attributes }) => {
    const { start, end, tag } = element;
    const carries = (name: string) => attributes.has(name) || FOR_DATA.has(name);
    const only = (tag === "meta" || tag === "link") && element.attributes.every(({ name }) => carries(name));
    if (only && attribute(element, "rel") === null) return [wholeLine(source, start, end)];
    return [...attributes].flatMap((name) => removeAttribute(source, element, name));
  });
  return patched(patches.length === 0 ? null : { patches });
}

export const removeMarkupData: Operation<RemoveMarkupData> = {
  called: "data in the markup removed",
  schema: ({ joi, text }) => ({ value: joi.valid("").default(""), was: text.default("") }),
  nodes: () => [],
  is: valueIn,
  isNothing: ({ value, was }) => value === was,
  plan: { html: plan },
  carry: (edit, { plan }) => (plan(edit) === null ? SETTLED : { kept: edit }),
  sample: (_, { fc }) => fc.constant({ op: "remove-markup-data", value: "", was: "" }),
};
