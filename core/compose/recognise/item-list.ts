import { addressOn, type Link, type Page } from "../../page/page.ts";
import { Collecting, counted, type Recogniser, under } from "./collecting.ts";

/** Fewer links than these are no list to a searcher. Common practice, no source. */
const LEAST = 3;

/** A list in the content whose items are links to pages of the site. */
export const itemList: Recogniser = ({ page }) => {
  const links = listedLinks(page);
  const [first] = links;
  if (!first) return null;
  const entity = new Collecting(page);
  const heading = page.blocks[first.block]?.heading ?? -1;
  const named = page.headings[heading];
  if (named && named.block >= 0) entity.from(["name"], named.text, named.block);
  for (const [n, link] of links.entries()) {
    entity.set(["itemListElement", n], {
      "@type": "ListItem",
      position: n + 1,
      name: link.text,
      url: addressOn(page, link.href) ?? link.href,
    });
    entity.tie(["itemListElement", n, "name"], link.block, link.text);
  }
  return entity.proposal("ItemList", `a list of ${counted(links.length, "page")}${under(page, heading)}`);
};

/** Lists that are looked through for one of links. */
const MOST_LISTS = 50;

/** The links of the first list of the content that is one of links. */
function listedLinks(page: Page): Link[] {
  const first = new Map<number, Link>();
  for (const link of page.links) if (!first.has(link.block)) first.set(link.block, link);
  const lists = page.lists.filter(
    ({ landmark, items }) => items >= LEAST && (landmark === null || landmark === "main" || landmark === "region"),
  );
  for (const { range } of lists.slice(0, MOST_LISTS)) {
    const inList = page.blocks.flatMap(({ tag, range: own }, index) =>
      tag === "li" && own.start >= range.start && own.end <= range.end ? [index] : [],
    );
    const links = inList.flatMap((index) => {
      // The link begins the item, and is what it is about.
      const link = first.get(index);
      const at = link ? (page.blocks[index]?.text.indexOf(link.text) ?? -1) : -1;
      const own = link && link.text !== "" && at >= 0 && at < 4 ? addressOn(page, link.href) : null;
      return link && own && new URL(own).host === new URL(page.address).host && !link.href.startsWith("#")
        ? [link]
        : [];
    });
    if (links.length >= LEAST && links.length === inList.length) return links;
  }
  return [];
}
