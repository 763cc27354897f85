import type { Sitemap } from "#core/exchange/sitemap";

/** Reads a sitemap's bytes, gzip too. What reads XML is loaded for it. */
export async function readSitemapFile(bytes: Uint8Array, address: string): Promise<Sitemap> {
  const { readSitemap, sitemapText } = await import("#core/exchange/sitemap");
  const text = sitemapText(bytes);
  if (text !== null) return readSitemap(text, address);
  return {
    pages: [],
    sitemaps: [],
    leftOut: [],
    notes: ["It is damaged, or unpacks to more than 50 MB, which sitemaps.org does not allow. Ask for it to be split."],
  };
}
