import { describe, expect, it } from "vitest";
import { audit } from "../audit/auditor.ts";
import { readPage } from "../page/read.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE, type SiteOrganisation } from "../settings/house-style.ts";
import { type SiteWide, stateOnPage, trailTo } from "./site-wide.ts";

const OWN: SiteOrganisation = { type: "NGO", name: "Harbour Museum", logo: "https://a.example/logo.svg" };
const ORGANISATION: SiteWide = { what: "organisation", organisation: OWN };
const page = (data = "", address = "https://a.example/visit/lamp", body = "<p>Harbour Museum</p>") =>
  readPage(
    `<!doctype html><html lang=en><head><title>Lamp</title>${data && `<script type="application/ld+json">${data}</script>`}</head><body>${body}</body></html>`,
    { address },
  );
const stated = (shown: ReturnType<typeof page>, asked: SiteWide, how: "blocks" | "graph" = "blocks") => {
  const change = stateOnPage({ page: shown, written: [] }, asked, how, "a");
  if ("reason" in change) return change.reason;
  const { page: after, refused } = applyToPage(shown, change.edits);
  expect(refused).toEqual([]);
  return { ...change, after, data: after.data.map(({ text }) => JSON.parse(text)) };
};

describe("an entity of the whole site", () => {
  it("is stated where it is not, once", () => {
    const first = stated(page(), ORGANISATION);
    if (typeof first === "string") throw new Error(first);
    expect(first.data).toEqual([
      {
        "@context": "https://schema.org",
        "@type": "NGO",
        "@id": "https://a.example/#organization",
        name: "Harbour Museum",
        url: "https://a.example/",
        logo: "https://a.example/logo.svg",
      },
    ]);
    expect(first.lines).toContainEqual({ property: "name", was: "", is: "Harbour Museum" });
    expect(stateOnPage({ page: first.after, written: [] }, ORGANISATION, "blocks", "b")).toEqual({
      edits: [],
      lines: [],
    });
    const context = { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-26" };
    expect(
      audit(first.after, context).filter(({ rule, weight }) => rule.startsWith("data/") && weight !== "may"),
    ).toEqual([]);
  });

  it("is brought up to date in place, and leaves what the page says beside it", () => {
    const there =
      '{ "@context": "https://schema.org", "@type": "NGO", "name": "Harbour Museum", "logo": "/old.svg", "foundingDate": "1936" }';
    const second = stated(page(there), ORGANISATION);
    if (typeof second === "string") throw new Error(second);
    expect(second.data[0]).toMatchObject({ foundingDate: "1936", logo: "https://a.example/logo.svg" });
    expect(second.lines).toContainEqual({ property: "logo", was: "/old.svg", is: "https://a.example/logo.svg" });
    expect(second.after.data[0]?.text).toContain('"foundingDate": "1936"');
    // One of another name is another one.
    const other = stated(page(there.replace("Harbour Museum", "Friends of it")), ORGANISATION);
    expect(typeof other === "object" && other.data).toHaveLength(2);
  });

  it("keeps a kind of its own", () => {
    const there = '{"@context":"https://schema.org","@type":"NewsMediaOrganization","name":"Harbour Museum"}';
    const third = stated(page(there), { what: "organisation", organisation: { ...OWN, type: "Organization" } });
    expect(typeof third === "object" && third.data[0]["@type"]).toBe("NewsMediaOrganization");
  });

  it("of the site names who publishes it", () => {
    const site = stated(page(), { what: "site", name: "Harbour Museum", organisation: OWN }, "graph");
    expect(typeof site === "object" && site.data[0]["@graph"]).toEqual([
      {
        "@type": "WebSite",
        "@id": "https://a.example/#website",
        name: "Harbour Museum",
        url: "https://a.example/",
        publisher: { "@id": "https://a.example/#organization" },
      },
    ]);
    // Whoever publishes it may be described elsewhere on the site.
    const houseStyle = { ...DEFAULT_HOUSE_STYLE, data: { written: "graph" as const, organisation: OWN } };
    const rules = (style: typeof DEFAULT_HOUSE_STYLE) =>
      typeof site === "object"
        ? audit(site.after, { phrase: null, houseStyle: style, today: "2026-11-26" }).map(({ rule }) => rule)
        : [];
    expect(rules(houseStyle)).not.toContain("data/dangling-id");
    expect(rules(DEFAULT_HOUSE_STYLE)).toContain("data/dangling-id");
  });

  it("is refused where it cannot be", () => {
    expect(stated(readPage("---\ntitle: x\n---\n# x", { address: "file:///x" }), ORGANISATION)).toMatch(
      /address of the web/,
    );
    const micro = page(
      "",
      undefined,
      '<div itemscope itemtype="https://schema.org/NGO"><b itemprop=name>Harbour Museum</b></div>',
    );
    expect(stated(micro, ORGANISATION)).toMatch(/Make it JSON-LD first/);
    const trail = '{"@context":"https://schema.org","@type":"BreadcrumbList","itemListElement":[]}';
    expect(stated(page(trail), { what: "trail", steps: [] })).toBe("It states a trail of its own.");
  });
});

describe("the way to a page", () => {
  const known = new Map([
    ["https://a.example/visit/", "Visit"],
    ["https://a.example/visit/ship", "The ship"],
  ]);
  it("leads through the pages that the site has above it", () => {
    expect(trailTo("https://a.example/visit/ship/lamp", "The lamp", known, "Museum")).toEqual([
      { name: "Museum", address: "https://a.example/" },
      { name: "Visit", address: "https://a.example/visit/" },
      { name: "The ship", address: "https://a.example/visit/ship" },
      { name: "The lamp", address: null },
    ]);
    expect(trailTo("https://a.example/shop/kit", "Kit", known, "Museum")).toHaveLength(2);
    expect(trailTo("https://a.example/", "Home", known, "Museum")).toEqual([]);
  });
});
