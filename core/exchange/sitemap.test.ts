import { gzipSync } from "fflate";
import { describe, expect, it } from "vitest";
import { readSitemap, sitemapText } from "./sitemap.ts";

const BASE = "http://www.example.com/sitemap.xml";

describe("sitemaps.org's sample files", () => {
  // sitemaps.org, "Sample XML Sitemap" (protocol 0.9).
  it("the sample sitemap, with entity-escaped addresses", () => {
    const { pages, notes } = readSitemap(
      `<?xml version="1.0" encoding="UTF-8"?>
<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">
   <url>
      <loc>http://www.example.com/</loc>
      <lastmod>2005-01-01</lastmod>
      <changefreq>monthly</changefreq>
      <priority>0.8</priority>
   </url>
   <url><loc>http://www.example.com/catalog?item=12&amp;desc=vacation_hawaii</loc><changefreq>weekly</changefreq></url>
   <url><loc>http://www.example.com/catalog?item=73&amp;desc=vacation_new_zealand</loc><lastmod>2004-12-23</lastmod></url>
</urlset>`,
      BASE,
    );
    expect(pages).toEqual([
      "http://www.example.com/",
      "http://www.example.com/catalog?item=12&desc=vacation_hawaii",
      "http://www.example.com/catalog?item=73&desc=vacation_new_zealand",
    ]);
    expect(notes).toEqual([]);
  });

  // sitemaps.org, "Sample XML Sitemap Index".
  it("the sample index", () => {
    const index = readSitemap(
      `<?xml version="1.0" encoding="UTF-8"?>
<sitemapindex xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">
   <sitemap><loc>http://www.example.com/sitemap1.xml.gz</loc><lastmod>2004-10-01T18:23:17+00:00</lastmod></sitemap>
   <sitemap><loc>http://www.example.com/sitemap2.xml.gz</loc><lastmod>2005-01-01</lastmod></sitemap>
</sitemapindex>`,
      BASE,
    );
    expect(index.sitemaps).toEqual([
      "http://www.example.com/sitemap1.xml.gz",
      "http://www.example.com/sitemap2.xml.gz",
    ]);
    expect(index.pages).toEqual([]);
  });

  // Namespaces in XML 1.0, section 4: the prefix is the author's choice. A broken file is read as far as it goes.
  it.each(["", "<sm:url>"])("under a prefix of its own%s", (broken) => {
    const { pages, notes } = readSitemap(
      `<sm:urlset xmlns:sm="http://www.sitemaps.org/schemas/sitemap/0.9" xmlns:image="http://www.google.com/schemas/sitemap-image/1.1">
<sm:url><sm:loc>http://www.example.com/a</sm:loc><image:image><image:loc>http://www.example.com/a.png</image:loc></image:image></sm:url>
${broken}</sm:urlset>`,
      BASE,
    );
    expect(pages).toEqual(["http://www.example.com/a"]);
    expect(notes).toHaveLength(broken === "" ? 0 : 1);
  });

  it("a text file, one address a line", () => {
    expect(readSitemap("\ufeffhttp://www.example.com/a\r\nhttp://www.example.com/b\r\n", BASE).pages).toHaveLength(2);
  });
});

describe("what is wrong with it is said, and what can be taken is taken", () => {
  it("other hosts' addresses, and what is none", () => {
    const { pages, leftOut } = readSitemap(
      "<urlset><url><loc>http://www.example.com/a</loc></url><url><loc>http://else.example/</loc></url><url><loc>mailto:x@y</loc></url></urlset>",
      BASE,
    );
    expect(pages).toEqual(["http://www.example.com/a"]);
    expect(leftOut.map((one) => one.why)).toEqual(["it belongs to another host", "it is no address"]);
  });

  it("numeric references, which would else ask for another page", () => {
    const { pages } = readSitemap(
      "<urlset><url><loc>http://www.example.com/a?b=1&#38;c=2</loc></url><url><loc>http://www.example.com/&#x63;af&#xE9;</loc></url></urlset>",
      BASE,
    );
    expect(pages).toEqual(["http://www.example.com/a?b=1&c=2", "http://www.example.com/caf%C3%A9"]);
  });

  it("broken XML", () => {
    const { pages, notes } = readSitemap(
      "<urlset>\n<url><loc>http://www.example.com/a?b&amp;c</loc></url>\n<url><loc>http://www.example.com/b</url>\n</urlset>",
      BASE,
    );
    expect(pages).toEqual(["http://www.example.com/a?b&c"]);
    expect(notes[0]).toContain("broken at line 3");
  });

  it("entities that multiply are never expanded", () => {
    const bomb = `<!DOCTYPE x [<!ENTITY a "lol"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;">]><urlset><url><loc>&b;</loc></url></urlset>`;
    const { pages, notes } = readSitemap(bomb, BASE);
    expect(pages).toEqual([]);
    expect(notes[0]).toContain("entities");
  });

  it("60,000 entries are all taken, with the limit named", () => {
    const urls = Array.from({ length: 60_000 }, (_, i) => `<url><loc>http://www.example.com/${i}</loc></url>`).join("");
    const { pages, notes } = readSitemap(`<urlset>${urls}</urlset>`, BASE);
    expect(pages).toHaveLength(60_000);
    expect(notes[0]).toContain("60,000");
  });

  it("gzip is unpacked; what unpacks without end or is damaged is not", () => {
    expect(sitemapText(gzipSync(new TextEncoder().encode("<urlset/>")))).toBe("<urlset/>");
    expect(sitemapText(gzipSync(new Uint8Array(60 * 1024 * 1024)))).toBe(null);
    expect(sitemapText(Uint8Array.of(0x1f, 0x8b, 8, 0, 1, 2, 3))).toBe(null);
  });

  it("a web page in its place", () => {
    expect(readSitemap("<!DOCTYPE html><html><body>Not found", BASE).notes[0]).toContain("web page");
  });
});
