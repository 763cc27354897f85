import type { PageKind } from "#core/page/page-kind";
import { escapeText } from "#core/rewrite/markup";

/** Sections that a page of each kind usually has. Common practice, no source. */
const SECTIONS: Partial<Record<PageKind, string[]>> = {
  article: ["How it began", "What happened", "What remains"],
  product: ["What you get", "Size and material", "Delivery and returns"],
  event: ["When and where", "What to expect", "Tickets"],
  visit: ["Opening times", "Prices", "Getting here"],
  recipe: ["Ingredients", "Method"],
  person: ["Life", "Work"],
  job: ["What you will do", "What you bring", "How to apply"],
  help: ["Before you begin", "Step by step", "If it does not work"],
};

/** The body that a new page of a kind is begun from: its H1 and the sections to be written. */
export function kindStarts(kind: PageKind, heading: string): string {
  const sections = (SECTIONS[kind] ?? []).map((name) => `<h2>${name}</h2>\n<p></p>`);
  return [`<h1>${escapeText(heading)}</h1>`, "<p></p>", ...sections].join("\n");
}
