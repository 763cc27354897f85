import { slugFrom } from "../address/propose-slug.ts";
import { type Heading, languageOf, type Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";
import { contentHeadings } from "./outline.ts";

/** A list of links to the parts of a page, as edits: ids where headings lack one, and the list behind the H1. */
export function contentsList(page: Page): Edit[] | { reason: string } {
  const headings = contentHeadings(page).map(({ heading }) => heading);
  const h1 = headings.find(({ level }) => level === 1);
  const parts = headings.filter(({ level, text }) => level === 2 && text !== "");
  if (!h1 || h1.block < 0) return { reason: "A contents list stands behind the H1, and this page has none." };
  if (parts.length < 2) return { reason: "It takes two H2s at least to make a contents list of." };
  if (parts.some(({ made }) => made))
    return { reason: "Hand the new headings over first: ids can be given to headings of the original." };
  const taken = new Set(page.ids.map(({ id }) => id));
  const edits: Edit[] = [];
  const links = parts.map((heading) => {
    const id = heading.id ?? freeId(heading, languageOf(page), taken);
    taken.add(id);
    if (!heading.id) edits.push({ op: "set-heading-id", heading: heading.key, value: id, was: null });
    return { href: `#${encodeURIComponent(id)}`, text: heading.text };
  });
  const blocks = [{ tag: "links" as const, text: "", links }];
  edits.push({
    op: "insert-blocks",
    id: "contents",
    at: keyOf(page, "block", h1.block),
    before: false,
    blocks,
    was: null,
  });
  return edits;
}

function freeId(heading: Heading, language: string, taken: ReadonlySet<string>): string {
  const base = slugFrom(heading.text, { language, maxWords: 6 }) || "part";
  let id = base;
  for (let n = 2; taken.has(id); n++) id = `${base}-${n}`;
  return id;
}
