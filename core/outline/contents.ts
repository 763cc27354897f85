import { slugFrom } from "../address/propose-slug.ts";
import { contentHeadings } from "../page/body.ts";
import { type Heading, languageOf } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import { originsOf } from "../rewrite/origins.ts";
import type { Redrafted } from "./outline-edits.ts";

/** A list of links to the parts of a page, as edits: ids where headings lack one, and the list behind the H1. */
export function contentsList({ original, page, edits: redraft }: Redrafted): Edit[] | { reason: string } {
  if (page.format !== "html")
    return { reason: "Headings have ids in HTML pages only, so that links can lead to them." };
  const headings = contentHeadings(page).map(({ heading }) => heading);
  const h1 = headings.find(({ level }) => level === 1);
  const parts = headings.filter(({ level, text }) => level === 2 && text !== "");
  if (!h1 || h1.block < 0) return { reason: "A contents list stands behind the H1, and this page has none." };
  if (parts.length < 2) return { reason: "It takes two H2s at least to make a contents list of." };
  if (parts.some(({ createdBy }) => createdBy))
    return { reason: "Hand the new headings over first: ids can be given to headings of the original." };
  // Where the H1 is the redraft's own the list stands before what follows it.
  const origins = originsOf(original, page, redraft, "block");
  const at = [h1.block, h1.block + 1].find((block) => origins[block]?.key);
  const key = at === undefined ? null : origins[at]?.key;
  if (!key) return { reason: "It cannot be told where the H1 stands in the original. Hand the page over first." };
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
    at: key,
    before: at !== h1.block,
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
