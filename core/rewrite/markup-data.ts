import type { Page } from "../page/page.ts";
import { attribute } from "../page/parse.ts";
import { carriersOf } from "../structured-data/markup-data.ts";
import { removeAttribute, wholeLine } from "./markup.ts";
import type { BodyChange } from "./step.ts";

/** Attributes that an element may have which is there for its data alone. */
const FOR_DATA: ReadonlySet<string> = new Set(["content", "href"]);

/** Takes the attributes of microdata and RDFa out of a page, and the elements that say nothing else; null where there are none. */
export function removeMarkupData(page: Page): BodyChange | null {
  const { source } = page;
  const patches = carriersOf(source, page.address).flatMap(({ element, attributes }) => {
    const { start, end, tag } = element;
    const carries = (name: string) => attributes.has(name) || FOR_DATA.has(name);
    const only = (tag === "meta" || tag === "link") && element.attributes.every(({ name }) => carries(name));
    if (only && attribute(element, "rel") === null) return [wholeLine(source, start, end)];
    return [...attributes].flatMap((name) => removeAttribute(source, element, name));
  });
  return patches.length === 0 ? null : { patches };
}
