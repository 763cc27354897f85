import { readSitemap, type Sitemap, sitemapText } from "#core/exchange/sitemap";

/** Reads a sitemap's bytes, gzip too. */
export function readSitemapFile(bytes: Uint8Array, address: string): Sitemap {
  const text = sitemapText(bytes);
  if (text !== null) return readSitemap(text, address);
  return {
    pages: [],
    sitemaps: [],
    leftOut: [],
    notes: ["It is damaged, or unpacks to more than 50 MB, which sitemaps.org does not allow. Ask for it to be split."],
  };
}
