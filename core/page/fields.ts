import { keyHeadings, plainHeading } from "./headings.ts";
import type { MetaElement, Page } from "./page.ts";

/** What is said of a page in the head, without a place in a source. */
export function statedMeta(name: string, content: string): MetaElement {
  return { name, property: null, httpEquiv: null, charset: null, content, where: "head", range: null };
}

/** Reads what a spreadsheet said of a page: JSON of names and texts. Never throws; what is no such JSON says nothing. */
export function readFields(page: Page): Page {
  const values = fieldsOf(page.source);
  const read: Page = { ...page, values };
  if (values.title !== undefined) read.titles = [{ text: values.title, where: "head", range: null }];
  if (values.description !== undefined) read.metas = [statedMeta("description", values.description)];
  if (values.canonical) {
    read.headLinks = [{ rel: ["canonical"], href: values.canonical, hreflang: null, where: "head", range: null }];
  }
  if (values.h1) read.headings = [plainHeading(1, values.h1)];
  keyHeadings(read.headings);
  return read;
}

export function fieldsOf(source: string): Record<string, string> {
  try {
    const parsed: unknown = JSON.parse(source);
    if (typeof parsed !== "object" || parsed === null) return {};
    return Object.fromEntries(
      Object.entries(parsed).filter((entry): entry is [string, string] => typeof entry[1] === "string"),
    );
  } catch {
    return {};
  }
}
