import { describe, expect, it } from "vitest";
import { auditRule } from "../../audit/auditor.ts";
import { auditSite } from "../../audit/examine-site.ts";
import { readPage } from "../../page/read.ts";
import { DEFAULT_HOUSE_STYLE } from "../../settings/house-style.ts";
import { links } from "../../site/facets/links.ts";
import { facetsOf, type PageFacets } from "../../site/facets/page-facets.ts";
import { LINK_GRAPH, wordsOfLink } from "../../site/index/link-graph.ts";
import { Site } from "../../site/index/site.ts";

const read = (body: string, address = "https://a.example/page") =>
  readPage(`<html lang=en><title>Lamp</title><body>${body}`, { address });
const findings = (id: string, body: string) =>
  auditRule(id, read(body), { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" });

describe("a rule about links finds what it is for, and nothing where that is not", () => {
  it.each([
    // axe-core link-name; WCAG 2.2 failure F89.
    ["link/no-text", "<a href=/a></a>", "<a href=/a aria-label=Lamp></a>"],
    ["link/no-text", "<a href=/a>&nbsp;</a>", "<a href=/a><svg><title>Lamp</title></svg></a>"],
    ["link/no-text", "<a href=/a><i></i></a>", "<a href=/a aria-labelledby=l></a><b id=l>Lamp</b>"],
    ["link/no-text", "<a href=/a><svg></svg></a>", "<a href=/a><img src=x alt=Lamp></a>"],
    ["link/vague-text", "<a href=/a>Read more…</a>", "<a href=/a>Read more of the lamp</a>"],
    [
      "link/vague-text",
      "<a href=/a>Weiter</a>",
      "<a href=/?p=1>1</a> <a href=/?p=2>2</a> <a href=/?p=3>Weiter</a><p><a href=/b rel=next>More</a>",
    ],
    ["link/button-as-link", "<a href='#'>Open</a>", "<a href='#part'>Open</a>"],
    ...["Nach oben", "Haut de page", "Torna su", "Volver arriba", "Наверх", "Başa dön", "ページトップ", "返回顶部"].map(
      (up) => ["link/button-as-link", "<a href='#'>Öffnen</a>", `<a href='#'>${up}</a>`],
    ),
    ["link/button-as-link", "<a href='javascript:open()'>Open</a>", "<a href='#' role=button>Open</a>"],
    [
      "link/link-as-button",
      "<span onclick=\"location.href='/a'\">Lamp</span>",
      "<button onclick='light()'>Lamp</button>",
    ],
    ["link/fragment-missing", "<a href='#b'>b</a><p id=a>", "<a href='#caf%C3%A9'>b</a><p id=café>"],
    ["link/fragment-missing", "<a href='#b'>b</a>", "<a href='#top'>Up</a>"],
    ["link/fragment-missing", "<a href='/page#b'>b</a>", "<a href='#b'>b</a><a name=b></a>"],
    ["link/fragment-missing", "<a href='#b'>b</a>", "<base href=/other/><a href='#b'>b</a>"],
    ["link/button-as-link", "<a href='#'>Open</a>", "<a href=''>This page</a><a href='#'>Back to top</a>"],
    // axe-core button-name; WCAG 2.2, 4.1.2.
    ["control/no-name", "<button><i class=icon></i></button>", "<button aria-label=Close><i></i></button>"],
    ["control/no-name", "<input type=button>", "<input type=submit>"],
  ])("%s: %s", (id, wrong, right) => {
    expect(findings(id, wrong).map((finding) => finding.rule)).toEqual([id]);
    expect(findings(id, right)).toEqual([]);
  });
});

describe("links across a site", () => {
  const facets = (pages: Record<string, string>): PageFacets[] =>
    Object.entries(pages).map(([path, body]) =>
      facetsOf(path, read(body, `https://www.a.example${path}`), { phrase: path === "/lamp" ? "lamp" : "" }),
    );
  const site = (pages: Record<string, string>) => new Site(facets(pages));
  const found = (id: string, pages: Record<string, string>) =>
    auditSite(site(pages), DEFAULT_HOUSE_STYLE)
      .filter((finding) => finding.rule === id)
      .flatMap(({ on }) => on.map(({ page }) => page));
  const menu =
    "<nav><a href=/lamp>Lamp</a> <a href=/fog/>Fog</a> <a href=/ship.html>Ship</a> <a href=/crew>Crew</a></nav>";

  it("are compared without www, default files, slashes and fragments, and known by their zones", () => {
    const page = read(`<nav><a href="/a/">A</a></nav><main><a href="https://a.example/a/index.html#x">In text</a>
      <a href="https://b.example/">Out</a> <a href="mailto:x@a.example">Mail</a></main><footer><a href=/b.html>B</a></footer>`);
    expect(links.unpack(links.pack(links.take(page)))).toEqual([
      { to: "/a", text: "In text", zone: "content" },
      { to: "/b", text: "B", zone: "foot" },
    ]);
  });

  it("say who links here, with which words", () => {
    const graph = site({ "/": `${menu}<a href="/lamp#oil">its oil</a>`, "/lamp": menu }).index(LINK_GRAPH);
    expect(graph.incoming("/lamp").map((link) => [link.from.id, wordsOfLink(link), link.zone])).toEqual([
      ["/", "its oil", "content"],
    ]);
  });

  const whole = { "/": menu, "/lamp": menu, "/fog": `${menu}<a href=/gone>Gone</a>`, "/ship": menu, "/crew": "<p>x" };
  it("that lead nowhere are found, where most of the site is here", () => {
    expect(found("link/broken", whole)).toEqual(["/fog"]);
    expect(found("link/broken", { "/": menu })).toEqual([]);
    expect(found("link/broken", { ...whole, "/crew": "<a href=/plan.pdf>Plan</a>" })).toEqual(["/fog"]);
  });

  it("that nobody makes leave an orphan, the start page apart", () => {
    expect(found("link/orphan-page", { ...whole, "/lost": "<p>x" })).toEqual(["/lost"]);
  });

  it("from the start page's footer alone are not prominent", () => {
    expect(found("link/not-prominent", { "/": "<footer><a href=/lamp>Lamp</a></footer>", "/lamp": "x" })).toEqual([
      "/lamp",
    ]);
    expect(found("link/not-prominent", { "/": menu, "/lamp": "x" })).toEqual([]);
  });

  it("to addresses that redirect are found at the pages that make them", () => {
    const pages = facets({ "/": `${menu}<a href=/old>Lamp</a>`, "/lamp": menu });
    const moved = pages.map((page) =>
      page.id === "/lamp" ? { ...page, redirectedFrom: ["https://a.example/old"] } : page,
    );
    const of = (all: typeof pages) =>
      auditSite(new Site(all), DEFAULT_HOUSE_STYLE).filter(({ rule }) => rule === "link/to-redirect");
    expect(of(moved).map(({ message }) => message)).toEqual(["1 page links to /old, which redirects to /lamp."]);
    expect(of(pages)).toEqual([]);
  });

  it("to places on other pages lead somewhere, as far as those pages are here", () => {
    const to = (fragment: string) =>
      found("link/fragment-missing-elsewhere", {
        "/": `<a href="/lamp${fragment}">x</a>`,
        "/lamp": "<p id=oil><p id=öl>",
      });
    expect(to("#oil")).toEqual([]);
    expect(to("#%C3%B6l")).toEqual([]);
    expect(to("#top")).toEqual([]);
    expect(to("#:~:text=oil")).toEqual([]);
    expect(to("#wick")).toEqual(["/"]);
    expect(found("link/fragment-missing-elsewhere", { "/": "<a href=/elsewhere#wick>x</a>" })).toEqual([]);
  });

  it("are suggested where a page says what another is to be found for, and does not link there", () => {
    const says = (body: string) => found("link/opportunity", { "/lamp": "<p>x", "/a": body, "/b": "<p>y" });
    expect(says("<main><p>She had a lamp.</p></main>")).toEqual(["/a"]);
    expect(says("<main><p>She had two lamps.</p></main>")).toEqual(["/a"]);
    expect(says("<main><p>She had a <a href=/lamp>lamp</a>.</p></main>")).toEqual([]);
    expect(says("<main><p>She had a lamppost.</p></main>")).toEqual([]);
    expect(says("<main><h1>Lamps</h1><p>She had a lamp.</p></main>")).toEqual([]);
  });
});

describe("versions in other languages", () => {
  const version = (path: string, ...named: string[]) =>
    facetsOf(
      path,
      readPage(
        named.map((to) => `<link rel=alternate hreflang=${to.slice(1)} href="https://a.example${to}">`).join(""),
        { address: `https://a.example${path}` },
      ),
    );
  const found = (...pages: ReturnType<typeof version>[]) =>
    auditSite(new Site(pages), DEFAULT_HOUSE_STYLE)
      .filter(({ rule }) => rule === "alternate/no-return")
      .flatMap(({ on }) => on.map(({ page }) => page));
  it("name each other", () => {
    expect(found(version("/en", "/en", "/cy"), version("/cy", "/cy"))).toEqual(["/en"]);
    expect(found(version("/en", "/en", "/cy"), version("/cy", "/cy", "/en/"))).toEqual([]);
    expect(found(version("/en", "/en", "/cy"))).toEqual([]);
  });
});

describe("a page that is hidden from search", () => {
  const hidden = '<meta name=robots content="noindex">';
  const of = (pages: [path: string, source: string][], inSitemap = false) =>
    auditSite(
      new Site(
        pages.map(([path, source]) =>
          facetsOf(path, readPage(source, { address: `https://a.example${path}` }), { inSitemap }),
        ),
      ),
      DEFAULT_HOUSE_STYLE,
    ).filter(({ rule }) => rule === "head/noindex-in-menu");
  it("is a must where a menu or a sitemap leads to it", () => {
    expect(
      of([
        ["/", "<nav><a href=/give>Give</a></nav>"],
        ["/give", hidden],
      ]).map(({ on, weight }) => [on.map(({ page }) => page), weight]),
    ).toEqual([[["/give"], "must"]]);
    expect(
      of([
        ["/", "<p><a href=/give>Give</a>"],
        ["/give", hidden],
      ]),
    ).toEqual([]);
    expect(of([["/give", hidden]], true)).toHaveLength(1);
  });
});
