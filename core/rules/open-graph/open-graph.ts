import { collapse, type MetaElement, type Page } from "../../page/page.ts";

/** What a page says of itself for those who share it (The Open Graph protocol, ogp.me): the elements of one property. */
export const openGraphOf = (page: Page, name: string): MetaElement[] =>
  page.metas.filter(({ property, name: named }) => (property ?? named ?? "").trim().toLowerCase() === `og:${name}`);

/** The first value of a property, white space collapsed; "" for none. */
export const openGraphText = (page: Page, name: string): string => collapse(openGraphOf(page, name)[0]?.content ?? "");
