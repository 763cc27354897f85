import { attribute, type ElementNode } from "./parse.ts";

// WAI-ARIA 1.2, section 5.4, without the abstract roles; "none" and "presentation" are one.
const KNOWN = new Set(
  "alert alertdialog application article banner blockquote button caption cell checkbox code columnheader combobox complementary contentinfo definition deletion dialog directory document emphasis feed figure form generic grid gridcell group heading img image insertion link list listbox listitem log main marquee math meter menu menubar menuitem menuitemcheckbox menuitemradio navigation none note option paragraph presentation progressbar radio radiogroup region row rowgroup rowheader scrollbar search searchbox separator slider spinbutton status strong subscript superscript switch tab table tablist tabpanel term textbox time timer toolbar tooltip tree treegrid treeitem".split(
    " ",
  ),
);

/** The first role of an element's list that ARIA knows (WAI-ARIA 1.2, 8.2); null for none, so that its own counts. */
export function roleOf(element: ElementNode): string | null {
  const stated = attribute(element, "role");
  if (stated === null) return null;
  for (const role of stated.trim().toLowerCase().split(/\s+/)) if (KNOWN.has(role)) return role;
  return null;
}
