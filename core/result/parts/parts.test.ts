import { describe, expect, it } from "vitest";
import { readPage } from "../../page/read.ts";
import { partsOf } from "./all.ts";
import { dayInResult, type PartId } from "./part.ts";
import { priceInResult } from "./price.ts";

const at = (id: PartId, source: string, { address = "https://quay.example/a", query = "", called = "Quay" } = {}) => {
  const page = readPage(`<html lang=en>${source}`, { address });
  const part = partsOf(page, { query, called, today: "2026-11-28" }).find((one) => one.id === id);
  if (!part) throw new Error(id);
  return part;
};
const data = (value: object) =>
  `<script type="application/ld+json">${JSON.stringify({ "@context": "https://schema.org", ...value })}</script>`;

describe("a part of the result is there where it is earned, and says why", () => {
  it("site name: stated, the house style's, or the host", () => {
    expect(at("site-name", data({ "@type": "WebSite", name: "The Quay" })).shown).toEqual(["The Quay"]);
    expect(at("site-name", '<meta property="og:site_name" content="Old Quay">').shown).toEqual(["Old Quay"]);
    expect(at("site-name", "")).toMatchObject({
      shown: ["Quay"],
      needs: ["a WebSite with its name, on the home page"],
    });
    expect(at("site-name", "", { called: "" }).shown).toEqual(["quay.example"]);
  });

  it("breadcrumb: stated, or the path", () => {
    expect(at("trail", "").why).toBe("The path is shown: the page states no breadcrumb.");
    const crumbs = data({
      "@type": "BreadcrumbList",
      itemListElement: [{ "@type": "ListItem", position: 1, name: "Boats" }],
    });
    expect(at("trail", crumbs)).toMatchObject({ shown: ["quay.example", "Boats"], needs: [] });
  });

  it("date: stated, or in a line near the H1; else it can be tried on", () => {
    const article = {
      "@type": "Article",
      headline: "x",
      datePublished: "2026-05-03",
      dateModified: "2026-05-04T10:00:00Z",
    };
    expect(at("date", data(article)).shown).toEqual(["4 May 2026"]);
    expect(at("date", "<h1>Gale</h1><p>Posted on 3 May 2026</p>").shown).toEqual(["3 May 2026"]);
    expect(at("date", "<h1>Gale</h1><p>Open 3–5 May 2026</p>")).toMatchObject({ shown: [], tried: ["28 Nov 2026"] });
    expect(at("date", "<h1>Gale</h1>").needs).toEqual(["datePublished or dateModified of an article"]);
  });

  it("date: none that is still to come", () => {
    const article = (day: string) => data({ "@type": "Article", headline: "x", datePublished: day });
    expect(at("date", article("2026-11-29"))).toMatchObject({
      shown: [],
      why: "The day that it states is still to come.",
    });
    expect(at("date", article("2026-11-28")).shown).toEqual(["28 Nov 2026"]);
    expect(at("date", article("2026-11-28T23:30:00-05:00")).shown).toEqual(["28 Nov 2026"]);
    expect(at("date", "<h1>Gale</h1><p>Posted on 3 May 2027</p>").shown).toEqual([]);
    expect(at("date", '<meta property="article:published_time" content="2027-01-01">').shown).toEqual([]);
  });

  it("stars: a rating that somebody gave, of a kind that has stars", () => {
    const rated = (type: string, rating: object) => data({ "@type": type, name: "Mug", aggregateRating: rating });
    expect(at("rating", rated("Product", { ratingValue: "4.4", reviewCount: 31 })).shown).toEqual([
      "4.4",
      "31 ratings",
    ]);
    expect(at("rating", rated("Product", { ratingValue: 8, bestRating: 10, ratingCount: 1 })).shown).toEqual([
      "4",
      "1 rating",
    ]);
    expect(at("rating", rated("Museum", { ratingValue: 5, ratingCount: 3 })).why).toContain("about itself earns none");
    expect(at("rating", rated("Product", { ratingValue: "good" })).needs).toEqual(["a rating between 1 and its best"]);
    expect(at("rating", rated("Product", { ratingValue: 4 })).needs).toEqual(["how many have rated"]);
    expect(at("rating", "").tried).toEqual(["4.5", "12 ratings"]);
  });

  it("price and stock: none that data/expired calls over", () => {
    const mug = (until: string) =>
      data({
        "@type": "Product",
        name: "Mug",
        offers: { "@type": "Offer", price: 9, priceCurrency: "GBP", priceValidUntil: until },
      });
    expect(at("price", mug("2026-11-28")).shown).toEqual(["£9.00"]);
    expect(at("price", mug("2026-11-27"))).toMatchObject({ shown: [], needs: ["a price that still holds"] });
  });

  it("price and stock: of variants from the least to the greatest", () => {
    const group = (...offers: object[]) =>
      data({
        "@type": "ProductGroup",
        name: "Jersey",
        hasVariant: offers.map((offer) => ({
          "@type": "Product",
          name: "One",
          offers: { "@type": "Offer", ...offer },
        })),
      });
    const [small, large] = [
      { price: 40, priceCurrency: "GBP", availability: "OutOfStock" },
      { price: "55.5", priceCurrency: "GBP", availability: "https://schema.org/InStock" },
    ];
    expect(at("price", group(large, small)).shown).toEqual(["£40.00 – £55.50", "In stock"]);
    expect(at("price", group(small)).shown).toEqual(["£40.00", "Out of stock"]);
    expect(at("price", group({})).needs).toEqual(["a price of a variant, a review or ratings"]);
  });

  it("price and stock: of a product for sale; what it lacks is named", () => {
    const mug = (offer: object) => data({ "@type": "Product", name: "Mug", offers: { "@type": "Offer", ...offer } });
    expect(
      at("price", mug({ price: "11.50", priceCurrency: "GBP", availability: "https://schema.org/InStock" })).shown,
    ).toEqual(["£11.50", "In stock"]);
    // What has a least price only is said to begin there; what has a price of its own has that one.
    expect(at("price", mug({ "@type": "AggregateOffer", lowPrice: "9", priceCurrency: "GBP" })).shown).toEqual([
      "from £9.00",
    ]);
    expect(at("price", mug({ lowPrice: "9", price: "11.50", priceCurrency: "GBP" })).shown).toEqual(["£11.50"]);
    expect(
      at("price", mug({ "@type": "AggregateOffer", lowPrice: 9, highPrice: 12, priceCurrency: "GBP" })).shown,
    ).toEqual(["£9.00 – £12.00"]);
    expect(at("price", mug({ price: "11.50" })).needs).toEqual(["currency of the price"]);
    expect(at("price", "<p>A mug for £9.00")).toMatchObject({
      why: "The page shows £9.00, but states no product.",
      tried: ["£9.00", "In stock"],
    });
  });

  it("dates and place of events", () => {
    const night = {
      "@type": "Event",
      name: "Knots",
      startDate: "2026-12-03",
      endDate: "2026-12-05",
      location: { "@type": "Place", name: "Quay" },
    };
    expect(at("event-dates", data(night)).shown.map((text) => text.replace(/\u2009/g, ""))).toEqual([
      "3–5 Dec 2026 · Knots · Quay",
    ]);
    expect(at("event-dates", data({ "@type": "Event", name: "Knots" })).needs).toEqual(["startDate", "a place"]);
  });

  it("event dates: none of an event that is over; a cancelled one says so", () => {
    const event = (over: object) =>
      data({ "@type": "Event", name: "Gale", location: "Quay", startDate: "2026-12-03", ...over });
    expect(at("event-dates", event({ eventStatus: "https://schema.org/EventCancelled" })).shown).toEqual([
      "Cancelled · 3 Dec 2026 · Gale · Quay",
    ]);
    expect(at("event-dates", event({ startDate: "2026-11-28" })).shown).toHaveLength(1);
    expect(at("event-dates", event({ startDate: "2026-11-27" }))).toMatchObject({
      shown: [],
      why: "Its event is over.",
    });
    expect(at("event-dates", event({ startDate: "2026-11-01", endDate: "2026-12-01" })).shown).toHaveLength(1);
    expect(at("event-dates", event({ expires: "2026-11-01" })).shown).toEqual([]);
  });

  it("questions: tried on where they are stated, but no longer shown", () => {
    const asked = { "@type": "Question", name: "Is it open?", acceptedAnswer: { "@type": "Answer", text: "Yes." } };
    expect(at("questions", data({ "@type": "FAQPage", mainEntity: [asked] }))).toMatchObject({
      shown: [],
      tried: ["Is it open?"],
    });
    const many = { "@type": "QAPage", mainEntity: { ...asked, answerCount: 3 } };
    expect(at("questions", data(many)).shown).toEqual(["3 answers"]);
  });

  it("site links: of the home page where its name is searched for, of another by its contents", () => {
    const menu = "<nav><a href=/a>Boats</a><a href=/b>Oars</a></nav>";
    const home = { address: "https://quay.example/" };
    expect(at("site-links", menu, { ...home, query: "quay" }).shown).toEqual(["Boats", "Oars"]);
    expect(at("site-links", menu, { ...home, query: "boats" })).toMatchObject({ shown: [], tried: ["Boats", "Oars"] });
    const contents = "<ul><li><a href=#x>X</a><li><a href=#y>Y</a></ul><h2 id=x>First</h2><h2 id=y>Second</h2>";
    expect(at("site-links", contents).shown).toEqual(["First", "Second"]);
    expect(at("site-links", "<h2>First</h2><h2>Second</h2>").tried).toEqual(["First", "Second"]);
  });

  it("picture: stated or wide, unless robots are told otherwise", () => {
    expect(at("picture", '<meta property="og:image" content="/lamp.jpg">').shown).toEqual([
      "https://quay.example/lamp.jpg",
    ]);
    expect(at("picture", "<main><img src=a.jpg alt=a width=64><img src=b.jpg alt=b width=640></main>").shown).toEqual([
      "https://quay.example/b.jpg",
    ]);
    expect(
      at("picture", '<meta name=robots content="max-image-preview:none"><meta property="og:image" content="/l.jpg">')
        .shown,
    ).toEqual([]);
  });

  it("description: as robots are told", () => {
    const described = '<meta name=description content="Boats.">';
    expect(at("description", described).shown).toEqual(["Boats."]);
    expect(at("description", `${described}<meta name=robots content=nosnippet>`).shown).toEqual([]);
    expect(at("description", `${described}<meta name=robots content=noindex>`).why).toContain("no result at all");
    expect(at("description", `${described}<meta name=robots content="max-snippet:40">`).why).toContain(
      "at most 40 characters",
    );
  });
});

// What CLDR has for each language, as the platform's Intl gives it.
it.each([
  ["en", { day: "3 May 2026", price: "£1,234.50" }],
  ["de", { day: "3. Mai 2026", price: "1.234,50 £" }],
  ["fr", { day: "3 mai 2026", price: "1 234,50 £GB" }],
  ["ja", { day: "2026年5月3日", price: "£1,234.50" }],
  ["no tag", { day: "3 May 2026", price: "£1,234.50" }],
])("days and prices are written as %s has them", (language, { day, price }) => {
  expect(dayInResult("2026-05-03", language)).toBe(day);
  expect(priceInResult("1234.50", "GBP", language).replace(/\s/g, " ")).toBe(price);
});

it("a currency that is none is left as it is written", () => {
  expect(priceInResult("12", "POUNDS", "en")).toBe("12 POUNDS");
});
