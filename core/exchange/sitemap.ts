import { gunzipWithin, isGzip } from "./inflate.ts";
import { type ElementPath, readXml } from "./xml.ts";

/** What a sitemap or sitemap index lists. */
export interface Sitemap {
  pages: string[];
  /** Sitemaps that an index lists. */
  sitemaps: string[];
  leftOut: { address: string; why: string }[];
  /** What the editor should know: a limit that was passed, a fault in the file. */
  notes: string[];
}

/** Limits of sitemaps.org, "Sitemap file requirements". */
export const MAX_SITEMAP_ENTRIES = 50_000;
export const MAX_SITEMAP_BYTES = 50 * 1024 * 1024;

/** The text of a sitemap, unpacked where it is packed; null where it is longer than sitemaps.org allows, or damaged. */
export function sitemapText(bytes: Uint8Array): string | null {
  const plain = isGzip(bytes) ? gunzipWithin(bytes, MAX_SITEMAP_BYTES) : bytes;
  return plain === null || plain.length === 0 || plain.length > MAX_SITEMAP_BYTES
    ? null
    : new TextDecoder().decode(plain);
}

/**
 * Reads a sitemap, a sitemap index (sitemaps.org 0.9) or a text file of addresses. Addresses of other hosts are left out,
 * as the protocol asks; of broken XML what stands before the fault is taken. A document type is refused: no sitemap
 * needs one, and its entities are a way to make readers run out of memory.
 */
export function readSitemap(text: string, address: string): Sitemap {
  const sitemap: Sitemap = { pages: [], sitemaps: [], leftOut: [], notes: [] };
  const content = text.replace(/^\ufeff/, "").trimStart();
  if (/<!(?:DOCTYPE|ENTITY)/i.test(content)) {
    if (/<html[\s>]/i.test(content.slice(0, 2000)))
      sitemap.notes.push("It is a web page, not a sitemap. Check the address.");
    else
      sitemap.notes.push(
        "It was not read: it declares entities of its own, which no sitemap needs. Ask the site's owner to mend it.",
      );
    return sitemap;
  }
  if (!content.startsWith("<")) {
    add(sitemap, content.split(/\r?\n/), [], address);
    return sitemap;
  }
  const pages: string[] = [];
  const sitemaps: string[] = [];
  const isLocation = ([first, second, third, ...more]: ElementPath) =>
    more.length === 0 &&
    third === "loc" &&
    ((first === "urlset" && second === "url") || (first === "sitemapindex" && second === "sitemap"));
  const { root, fault } = readXml(content, isLocation, ([first], location) => {
    (first === "urlset" ? pages : sitemaps).push(location);
  });
  add(sitemap, pages, sitemaps, address);
  if (fault)
    sitemap.notes.push(
      `Its XML is broken at line ${fault.line} (${fault.reason.replace(/\.$/, "")}). What stands before that was taken.`,
    );
  else if (root !== "urlset" && root !== "sitemapindex")
    sitemap.notes.push("It is XML, but neither a sitemap nor a sitemap index. Check the address.");
  return sitemap;
}

function add(sitemap: Sitemap, pages: readonly string[], sitemaps: readonly string[], base: string): void {
  const { host } = new URL(base);
  const seen = new Set<string>();
  const take = (list: readonly string[], into: string[]) => {
    for (const text of list) {
      const trimmed = text.trim();
      if (trimmed === "") continue;
      const url = URL.canParse(trimmed, base) ? new URL(trimmed, base) : null;
      if (!url || (url.protocol !== "http:" && url.protocol !== "https:")) {
        sitemap.leftOut.push({ address: trimmed, why: "it is no address" });
      } else if (url.host !== host) sitemap.leftOut.push({ address: url.href, why: "it belongs to another host" });
      else {
        url.hash = "";
        if (!seen.has(url.href)) into.push(url.href);
        seen.add(url.href);
      }
    }
  };
  take(pages, sitemap.pages);
  take(sitemaps, sitemap.sitemaps);
  const entries = pages.length + sitemaps.length;
  if (entries > MAX_SITEMAP_ENTRIES) {
    const n = new Intl.NumberFormat("en-GB").format(entries);
    sitemap.notes.push(
      `It lists ${n} addresses; search engines read the first 50,000 of a sitemap. Ask for it to be split.`,
    );
  }
}
