import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { largeSite } from "../../demo/large.ts";
import { findingOn, type SiteFinding } from "../findings/finding.ts";
import { openOf } from "../findings/set-aside.ts";
import { fixOnPage } from "../findings/site-fix.ts";
import { placeOn } from "../findings/site-place.ts";
import { originalFromText } from "../page/original.ts";
import type { PageKind } from "../page/page-kind.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, redraftedSource } from "../rewrite/apply.ts";
import type { Edit } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";
import { SITE_RULES } from "../rules/catalogue.ts";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "../settings/house-style.ts";
import { facetsOf, type PageFacets } from "../site/facets/page-facets.ts";
import { Site } from "../site/index/site.ts";
import { auditSite, facetsSeen, siteAuditor } from "./examine-site.ts";

const read = (path: string, source: string) =>
  readPage(originalFromText(`<!doctype html><html lang=en><body>${source}`), {
    address: `https://quay.example${path}`,
  });
const siteOf = (pages: Record<string, [source: string, kind?: PageKind]>) =>
  new Site(
    Object.entries(pages).map(([path, [source, kind]]) => facetsOf(path, read(path, source), kind ? { kind } : {})),
  );
const found = (rule: string, pages: Parameters<typeof siteOf>[0], style: HouseStyle = DEFAULT_HOUSE_STYLE) =>
  auditSite(siteOf(pages), style).filter((finding) => finding.rule === rule);
const pagesOf = (findings: ReturnType<typeof found>) => findings.flatMap(({ on }) => on.map(({ page }) => page));

describe("what is found across pages", () => {
  const doubled: Record<string, [string, PageKind?]> = {
    "/a": ["<title>Lamp</title><h1>Lamp</h1>", "product"],
    "/b": ["<title>Lamp</title><h1>Fog lamp</h1>", "product"],
    "/c": ["<title>Lamp</title><h1>Lamps</h1>", "article"],
  };

  it("is the same from the facets alone that its rules look at, with phrases and without", () => {
    const everything: HouseStyle = {
      ...DEFAULT_HOUSE_STYLE,
      rules: Object.fromEntries(SITE_RULES.map(({ id }) => [id, { on: true }])),
    };
    const pages = [...largeSite(60, 4)].map(({ source, address }) => readPage(source, { address }));
    for (const phrase of ["", "lamp"]) {
      const names = facetsSeen({ phrases: phrase !== "" });
      const siteFrom = (seen?: typeof names) =>
        new Site(pages.map((page, i) => facetsOf(String(i), page, { phrase: i % 3 === 0 ? phrase : "" }, seen)));
      const all = auditSite(siteFrom(), everything);
      expect(all.length).toBeGreaterThan(5);
      expect(auditSite(siteFrom(names), everything)).toEqual(all);
    }
    expect(facetsSeen({ phrases: false })).not.toContain("stems");
  });

  it("has a place on each page, knows the other pages, and brings a fix where there is one", () => {
    const [finding] = found("title/duplicate", doubled);
    expect(finding?.on.map(({ page, at, key }) => [page, at, key])).toEqual(
      ["/a", "/b", "/c"].map((page) => [page, { part: "title" }, "title/duplicate @ title"]),
    );
    const [first] = finding?.on ?? [];
    expect(finding && first && findingOn(finding, first).related.map(({ page }) => page)).toEqual(
      ["/b", "/c"].map((path) => ({ id: path, address: `https://quay.example${path}` })),
    );
    // The H1 of /a is the doubled title itself.
    expect(finding?.on.map(({ fix }) => (fix && "edits" in fix ? fix.edits : undefined))).toEqual([
      undefined,
      [{ op: "set-title", value: "Fog lamp", was: "Lamp" }],
      [{ op: "set-title", value: "Lamps", was: "Lamp" }],
    ]);
  });

  it("is as the house style of the page's kind says", () => {
    const style = (rule: HouseStyle["rules"][string]): HouseStyle => ({
      ...DEFAULT_HOUSE_STYLE,
      kinds: { product: { rules: { "title/duplicate": rule } } },
    });
    expect(pagesOf(found("title/duplicate", doubled, style({ on: false })))).toEqual(["/c"]);
    const [weighed] = found("title/duplicate", doubled, style({ weight: "must" }));
    expect(weighed?.weight).toBe("must");
    expect(weighed?.on.map(({ weight }) => weight)).toEqual(["must", "must", "should"]);
    const offButThere = { ...style({ on: true }), rules: { "title/duplicate": { on: false } } };
    expect(pagesOf(found("title/duplicate", doubled, offButThere))).toEqual(["/a", "/b"]);
  });

  it("obeys settings by page kind", () => {
    const shown = '<img src="/l.png" width=100 height=100 alt=x>';
    const pages = siteOf({ "/a": [shown, "product"], "/b": [shown, "article"] });
    const style: HouseStyle = {
      ...DEFAULT_HOUSE_STYLE,
      kinds: { product: { rules: { "image/larger-than-shown": { settings: { times: 4 } } } } },
    };
    const pictures = new Map([["/l.png", { width: 300, height: 300 }]]);
    const large = auditSite(pages, style, { pictures }).filter(({ rule }) => rule === "image/larger-than-shown");
    expect(pagesOf(large)).toEqual(["/b"]);
    expect(large[0]?.on[0]?.at).toEqual({ part: "picture", file: "/l.png" });
  });

  it("can be set aside here, on a page, and on the whole site", () => {
    const findings = found("title/duplicate", doubled);
    const aside = (scope: "place" | "page" | "site", key: string | null = null) =>
      pagesOf([
        ...openOf(findings, [
          { scope, key, rule: "title/duplicate", pageId: scope === "site" ? null : "/b", reason: "so" },
        ]),
      ]);
    expect(aside("place", "title/duplicate @ title")).toEqual(["/a", "/c"]);
    expect(aside("place", "title/duplicate @ description")).toEqual(["/a", "/b", "/c"]);
    expect(aside("page")).toEqual(["/a", "/c"]);
    expect(aside("site")).toEqual([]);
  });
});

describe("links that lead nowhere", () => {
  const paths = ["/a", "/b", "/c", "/d", "/e", "/f", "/g", "/h"];
  const links = paths.map((path) => `<a href=${path}>${path}</a>`).join(" ");
  const broken = '<main><a href=/gone>old words</a> <a href="/lost">lost</a></main>';
  const site = (first: string) =>
    Object.fromEntries(paths.map((path) => [path, [path === "/a" ? links + first : links] as [string]]));

  it("have a key each, which stays while their words are rewritten", () => {
    const keys = (first: string) => found("link/broken", site(first)).flatMap(({ on }) => on.map(({ key }) => key));
    expect(keys(broken)).toEqual(["link/broken @ link to /gone", "link/broken @ link to /lost"]);
    expect(keys(broken.replace("old words", "new words"))).toEqual(keys(broken));
  });

  it("stand at the link on the page", () => {
    const page = read("/a", links + broken);
    const at = placeOn(page, { part: "link", to: "/lost" });
    expect(at.part === "link" && page.links[at.index]?.text).toBe("lost");
    expect(placeOn(page, { part: "link", to: "/nowhere" })).toEqual({ part: "markup" });
  });
});

describe("the fix of a finding across pages", () => {
  const fixed = (rule: string, path: string, pages: PageFacets[], source: string, edits: readonly Edit[] = []) => {
    const original = read(path, source);
    const { page } = applyToPage(original, edits);
    const [on] = auditSite(new Site(pages), DEFAULT_HOUSE_STYLE)
      .filter((finding) => finding.rule === rule)
      .flatMap((finding) => finding.on);
    const fix = on?.fix && fixOnPage(on.fix, { original, page, edits });
    return fix && redraftedSource(original, [...edits, ...fix.edits]);
  };
  const links =
    "<main><p>See <a href=/old>the lamp</a> and <a href='https://quay.example/old#oil'>its oil</a>.</p></main>";

  it("leads links that are redirected to where they end, with their fragments, in a redraft too", () => {
    const pages = [
      facetsOf("a", read("/a", links)),
      facetsOf("b", read("/b", ""), { redirectedFrom: ["https://quay.example/old"] }),
    ];
    expect(fixed("link/to-redirect", "/a", pages, links)).toContain(
      "<a href=\"/b\">the lamp</a> and <a href='https://quay.example/b#oil'>its oil</a>",
    );
    const link = keyOf(read("/a", links), "link", 0);
    const reworded: Edit = { op: "set-link-text", link, value: "the old lamp", was: "the lamp" };
    expect(fixed("link/to-redirect", "/a", pages, links, [reworded])).toContain('<a href="/b">the old lamp</a>');
  });

  it("makes words a link to the page whose phrase they are", () => {
    const source = "<main><p>She had an old lamp aboard.</p></main>";
    const pages = [
      facetsOf("a", read("/a", source)),
      facetsOf("b", read("/lamp/", "<p>x"), { phrase: "old lamp" }),
      facetsOf("c", read("/c", "<p>y")),
    ];
    expect(fixed("link/opportunity", "/a", pages, source)).toContain('an <a href="/lamp/">old lamp</a> aboard');
  });
});

describe("places of which only facets are known", () => {
  it("are found on the page: a picture by its file, words by the block that holds them, a fragment by its link", () => {
    const page = read("/a", '<main><p>One.<p>The old lamp. <img src="/i/l.png"><a href="/b#oil">Oil</a></main>');
    const picture = placeOn(page, { part: "picture", file: "/i/l.png" });
    expect(picture.part === "picture" && page.images[picture.index]?.src).toBe("/i/l.png");
    const block = placeOn(page, { part: "block", holds: "old lamp" });
    const text = block.part === "block" ? (page.blocks[block.index]?.text ?? "") : "";
    expect(text.slice(block.words?.start, block.words?.end)).toBe("old lamp");
    const link = placeOn(page, { part: "link", to: "/b", fragment: "oil" });
    expect(link.part === "link" && page.links[link.index]?.href).toBe("/b#oil");
  });
});

describe("an audit that remembers", () => {
  const words = ["Opening times in Hull", "Opening times in Leeds", "The lamp", "the lamp ", "Prices for 2024", ""];
  const paths = ["/", "/a", "/b", "/b/", "/c.html", "/old", "/d?x=1"];
  const text = fc.constantFrom(...words);
  const path = fc.constantFrom(...paths);
  const link = fc.tuple(path, fc.constantFrom("", "#oil", "#top"), fc.constantFrom("nav", "main", "footer"));
  const source = fc
    .record({
      title: text,
      description: text,
      h1: text,
      links: fc.array(link, { maxLength: 5 }),
      id: fc.constantFrom("oil", "wick"),
      picture: fc.constantFrom("/l.png", "/m.png"),
      noindex: fc.boolean(),
      alternate: fc.option(path),
    })
    .map(
      ({ title, description, h1, links, id, picture, noindex, alternate }) =>
        `<title>${title}</title><meta name=description content="${description}">${noindex ? "<meta name=robots content=noindex>" : ""}${
          alternate ? `<link rel=alternate hreflang=cy href="${alternate}">` : ""
        }<h1>${h1}</h1><main><p id=${id}>She had a lamp, and the lamp was lit in Hull.<img src=${picture} width=10 height=10 alt=x></main>${links
          .map(([to, hash, around]) => `<${around}><a href="${to}${hash}">${to}</a></${around}>`)
          .join("")}`,
    );
  const known = fc.record({
    phrase: fc.constantFrom("", "lamp", "Hull"),
    kind: fc.constantFrom<PageKind>("product", "article"),
    redirectedFrom: fc.constantFrom<readonly string[]>([], ["https://quay.example/old"]),
    inSitemap: fc.boolean(),
  });
  const facets = fc
    .tuple(fc.constantFrom("1", "2", "3", "4", "5", "6"), path, source, known)
    .map(([id, path, source, known]): PageFacets => facetsOf(id, read(path, source), known));
  const step = fc.oneof({ weight: 4, arbitrary: facets }, fc.constantFrom("1", "2", "3"));
  const pictures = new Map([["/l.png", { width: 900, height: 900 }]]);
  const style: HouseStyle = {
    ...DEFAULT_HOUSE_STYLE,
    kinds: { article: { rules: { "title/duplicate": { on: false } } } },
  };

  it("finds what a new one finds, whatever was changed, brought in or taken out", () => {
    fc.assert(
      fc.property(fc.array(step, { minLength: 1, maxLength: 14 }), (steps) => {
        const site = new Site();
        const audit = siteAuditor(style);
        const found = new Set<SiteFinding>();
        for (const one of steps) {
          if (typeof one === "string") site.remove(one);
          else site.put(one);
          const { gone, come } = audit(site, { pictures });
          for (const finding of gone) expect(found.delete(finding)).toBe(true);
          for (const finding of come) found.add(finding);
          const anew = auditSite(new Site(site.pages.values()), style, { pictures });
          const texts = (all: Iterable<SiteFinding>) => Array.from(all, (finding) => JSON.stringify(finding)).sort();
          expect(texts(found)).toEqual(texts(anew));
        }
      }),
      { numRuns: 60 },
    );
  });
});
