import { slugOf } from "../address/slug.ts";
import { descriptionElements, descriptionOf, type Page, titleOf } from "../page/page.ts";
import { cleanValue } from "./clean-value.ts";
import type { Edit } from "./edits.ts";

/** The one-line texts of a page that lists and tables edit. */
export type Field = "title" | "description" | "slug" | "h1";

export const FIELD_NAMES: Readonly<Record<Field, string>> = {
  title: "title",
  description: "description",
  slug: "slug",
  h1: "H1",
};

const h1Of = (page: Page) => page.headings.find((heading) => heading.level === 1 && heading.text !== "");

/** A field's text as the page has it; "" where it has none. */
export function textOfField(page: Page, field: Field): string {
  if (field === "title") return titleOf(page);
  if (field === "description") return descriptionOf(page);
  return field === "slug" ? slugOf(page.address) : (h1Of(page)?.text ?? "");
}

/** The edit that gives a field of the original a text, or why there is none. A pattern keeps the text alive. */
export function fieldEdit(original: Page, field: Field, text: string, pattern?: string): Edit | { reason: string } {
  const value = cleanValue(text);
  const follows = pattern === undefined ? {} : { pattern };
  switch (field) {
    case "title":
      return { op: "set-title", value, was: original.titles.length > 0 ? titleOf(original) : null, ...follows };
    case "description":
      return {
        op: "set-description",
        value,
        was: descriptionElements(original).length > 0 ? descriptionOf(original) : null,
        ...follows,
      };
    case "slug":
      return { op: "set-slug", value, was: slugOf(original.address) };
    case "h1": {
      const h1 = h1Of(original);
      if (!h1) return { reason: "This page has no H1. Give it one on its desk." };
      if (value === "") return { reason: "An H1 cannot be emptied here. Remove it on the page's desk." };
      return { op: "set-heading-text", heading: h1.key, value, was: h1.text };
    }
  }
}
