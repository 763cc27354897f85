import { decoded } from "../../address/address.ts";
import { addressOn } from "../../page/page.ts";
import { Collecting, counted, h1Of, type Recogniser, segmentsOf } from "./collecting.ts";

const TRAIL = /bread-?crumb|trail|you are here|pfad|fil d.ariane/i;

/** The way to the page: a navigation that says so, or else the folders of its address. */
export const breadcrumb: Recogniser = ({ page }) => {
  const entity = new Collecting(page);
  const h1 = h1Of(page);
  const nav = page.landmarks.find(({ kind, label }) => kind === "navigation" && TRAIL.test(label ?? ""));
  const links = nav ? page.links.filter(({ range }) => range.start > nav.range.start && range.end < nav.range.end) : [];
  const add = (n: number, name: string, item: string | null) => {
    entity.set(["itemListElement", n], { "@type": "ListItem", position: n + 1, name, ...(item && { item }) });
  };
  if (links.length > 0) {
    for (const [n, link] of links.entries()) {
      add(n, link.text, addressOn(page, link.href));
      entity.tie(["itemListElement", n, "name"], link.block, link.text);
    }
    if (h1 && links.at(-1)?.text !== h1.text) add(links.length, h1.text, null);
    return entity.proposal("BreadcrumbList", `a trail of ${counted(links.length, "step")}, in the navigation`);
  }
  const segments = segmentsOf(page);
  if (segments.length < 2 || !h1) return null;
  const { origin } = new URL(page.address);
  for (const [n, segment] of segments.slice(0, -1).entries())
    add(n, wordsOfSegment(segment), `${origin}/${segments.slice(0, n + 1).join("/")}/`);
  add(segments.length - 1, h1.text, null);
  entity.tie(["itemListElement", segments.length - 1, "name"], h1.block, h1.text);
  return entity.proposal("BreadcrumbList", `${counted(segments.length, "step")}, from the address`);
};

/** A part of an address as words: “opening-times.html” is “Opening times”. */
function wordsOfSegment(segment: string): string {
  const text = decoded(segment)
    .replace(/[-_]+/g, " ")
    .replace(/\.\w+$/, "");
  return text.charAt(0).toUpperCase() + text.slice(1);
}
