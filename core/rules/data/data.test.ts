import { describe, expect, it } from "vitest";
import { audit, auditRule } from "../../audit/auditor.ts";
import { readPage } from "../../page/read.ts";
import { applyToPage } from "../../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE } from "../../settings/house-style.ts";

const address = "https://a.example/lamp";
const context = { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" };
const block = (json: string) => `<script type="application/ld+json">${json}</script>`;
const pageOf = (json: string, body = "") =>
  readPage(`<!doctype html><html lang=en><head><title>Lamp</title>${block(json)}</head><body><main>${body}`, {
    address,
  });
const said = (entity: object) => JSON.stringify({ "@context": "https://schema.org", ...entity });
const findings = (id: string, json: string, body = "") => auditRule(id, pageOf(json, body), context);
const product = (says: object) => said({ "@type": "Product", ...says });
const offer = (says: object) => product({ offers: { "@type": "Offer", ...says } });

const crumb = (position: number, item?: string) => ({
  "@type": "ListItem",
  position,
  name: "x",
  ...(item && { item }),
});
const list = (...positions: unknown[]) =>
  said({
    "@type": "BreadcrumbList",
    itemListElement: positions.map((position, i) => ({ "@type": "ListItem", name: "x", item: `/${i}`, position })),
  });
const faq = (...questions: string[]) =>
  said({
    "@type": "FAQPage",
    mainEntity: questions.map((name) => ({
      "@type": "Question",
      name,
      acceptedAnswer: { "@type": "Answer", text: "x" },
    })),
  });

describe("a rule about structured data finds what it is for, and nothing where that is not", () => {
  it.each<[string, string, string]>([
    ["data/syntax", '{"@type": "Product",}', '{"@type": "Product"}'],
    ["data/doubled-name", '{"name": "a", "name": "b"}', '{"name": "a\\": b", "b": {"name": "b"}}'],
    ["data/not-schema-org", '{"@context": "https://x.example/", "@type": "A"}', product({})],
    ["data/context-unknown", '{"@type": "Product"}', product({})],
    ["data/context-unknown", '{"@context": "https://shema.org", "@type": "Product"}', product({})],
    [
      "data/context-unknown",
      '{"@context": "schema.org", "@type": "Product"}',
      '{"@context": "https://x.example/", "@type": "A"}',
    ],
    // schema.org, Actions: -input and -output annotations.
    [
      "data/unknown-property",
      said({ "@type": "SearchAction", "qery-input": "required" }),
      said({ "@type": "SearchAction", "query-input": "required name=q", "result-output": "x" }),
    ],
    [
      "data/coordinates",
      said({ "@type": "GeoCoordinates", latitude: 91 }),
      said({ "@type": "GeoCoordinates", latitude: -51.4, longitude: "-179.9" }),
    ],
    [
      "data/coordinates",
      said({ "@type": "GeoCoordinates", longitude: "east" }),
      said({ "@type": "GeoCoordinates", longitude: 0 }),
    ],
    [
      "data/contact-format",
      said({ "@type": "Person", email: "ann at a.example" }),
      said({ "@type": "Person", email: "mailto:ann@a.example" }),
    ],
    [
      "data/contact-format",
      said({ "@type": "Person", telephone: "ask at the desk" }),
      said({ "@type": "Person", telephone: "+44 (0)1632 960-001 ext. 12" }),
    ],
    [
      "data/contact-format",
      said({ "@type": "Person", telephone: "112" }),
      said({ "@type": "Person", telephone: "1-800-FLOWERS" }),
    ],
    ["data/list-positions", list(1, 1), list(1, 2)],
    ["data/list-positions", list(1, 3), list(2, 1)],
    [
      "data/list-positions",
      list(1, "two"),
      said({ "@type": "ItemList", itemListElement: [{ "@type": "ListItem", name: "x" }] }),
    ],
    [
      "data/expired",
      said({ "@type": "JobPosting", validThrough: "2026-11-22" }),
      said({ "@type": "JobPosting", validThrough: "2026-11-23" }),
    ],
    ["data/expired", offer({ priceValidUntil: "2025-12-31T23:59Z" }), offer({ priceValidUntil: "2026-12-31" })],
    ["data/entities-as-text", product({ name: "A &amp; B" }), product({ name: "A & B; R&D" })],
    [
      "data/entities-as-text",
      product({ description: "Fish &#39;n&#39; chips" }),
      product({ description: "<p>A &amp; B</p>" }),
    ],
    ["data/question-twice", faq("When?", "when ?"), faq("When?", "Where?")],
    [
      "data/review-without-author",
      product({ review: { "@type": "Review" } }),
      product({ review: { "@type": "Review", author: "Ann" } }),
    ],
    // ISO 8601-1, 5.2.2 and 5.4: basic forms.
    [
      "data/date",
      said({ "@type": "Event", startDate: "202605" }),
      said({ "@type": "Event", startDate: "20260512T1900Z" }),
    ],
    [
      "data/date",
      said({ "@type": "Event", startDate: "2026-5-12" }),
      said({ "@type": "Event", startDate: "2026W195", endDate: "2026-05-12T19Z" }),
    ],
    [
      "data/duration",
      said({ "@type": "Recipe", cookTime: "P20" }),
      said({ "@type": "Recipe", cookTime: "P0000-00-00T00:20:00" }),
    ],
    [
      "data/number",
      said({ "@type": "AggregateRating", ratingValue: "4,5" }),
      said({ "@type": "AggregateRating", ratingValue: "4.5" }),
    ],
    ["data/url", product({ sameAs: "the ship" }), product({ sameAs: "https://a.example/lamp" })],
    ["data/url", product({ url: "www.a.example/lamp" }), product({ url: "../lamp" })],
    ["data/currency", offer({ priceCurrency: "gbp" }), offer({ priceCurrency: "BTC" })],
    [
      "data/feature-retired",
      said({ "@type": "WebSite", potentialAction: { "@type": "SearchAction", target: "/?q={q}" } }),
      said({ "@type": "WebSite" }),
    ],
    [
      "data/feature-retired",
      said({ "@type": "Car", mileageFromOdometer: 9, offers: { "@type": "Offer", price: 9 } }),
      said({ "@type": "Car", offers: { "@type": "Offer", price: 9 } }),
    ],
    [
      "data/number",
      said({ "@type": "AggregateRating", ratingValue: "four" }),
      said({ "@type": "AggregateRating", ratingValue: "4/5" }),
    ],
    [
      "data/number",
      said({ "@type": "JobPosting", baseSalary: { "@type": "MonetaryAmount", value: "£30k" } }),
      said({ "@type": "JobPosting", baseSalary: { "@type": "MonetaryAmount", value: 30_000 } }),
    ],
    [
      "data/number",
      said({
        "@type": "JobPosting",
        baseSalary: { "@type": "MonetaryAmount", value: { "@type": "QuantitativeValue", value: "£30k" } },
      }),
      said({ "@type": "PropertyValue", value: "£30k" }),
    ],
    [
      "data/number",
      said({ "@type": "JobPosting", baseSalary: { "@type": "MonetaryAmount", value: "30,000" } }),
      said({ "@type": "JobPosting", baseSalary: { "@type": "MonetaryAmount", value: "30000" } }),
    ],
    ["data/number", said({ "@type": "JobPosting", baseSalary: "£30k" }), said({ "@type": "JobPosting" })],
    [
      "data/enumeration",
      said({ "@type": "JobPosting", employmentType: "Full time" }),
      said({ "@type": "JobPosting", employmentType: ["FULL_TIME", "INTERN"] }),
    ],
    [
      "data/list-positions",
      said({ "@type": "BreadcrumbList", itemListElement: [crumb(1), crumb(2, "/b")] }),
      said({ "@type": "BreadcrumbList", itemListElement: [crumb(1, "/a"), crumb(2)] }),
    ],
    [
      "data/required-for-feature",
      said({ "@type": "Article", image: "/x.png" }),
      said({ "@type": "Article", name: "x" }),
    ],
    ["data/context-http", '{"@context": "http://schema.org", "@type": "Product"}', product({})],
    ["data/unknown-type", said({ "@type": "Produkt" }), product({})],
    ["data/unknown-property", product({ nme: "x" }), product({ name: "x" })],
    ["data/type-case", said({ "@type": "product" }), product({})],
    ["data/type-case", product({ Name: "x" }), product({ name: "x" })],
    ["data/property-not-for-type", product({ recipeYield: "6" }), said({ "@type": "Recipe", recipeYield: "6" })],
    ["data/value-type", product({ brand: { "@type": "Recipe" } }), product({ brand: { "@type": "Brand", name: "x" } })],
    [
      "data/value-type",
      said({ "@type": "Person", knows: "Wren" }),
      said({ "@type": "Person", knows: "https://a.example/wren" }),
    ],
    [
      "data/value-type",
      said({ "@type": "Event", isAccessibleForFree: "no" }),
      said({ "@type": "Event", isAccessibleForFree: "true" }),
    ],
    ["data/superseded", said({ "@type": "Person", parents: "x" }), said({ "@type": "Person", parent: "x" })],
    ["data/pending", said({ "@type": "Article", abstract: "x" }), said({ "@type": "Article", headline: "x" })],
    ["data/enumeration", offer({ availability: "in stock" }), offer({ availability: "https://schema.org/InStock" })],
    ["data/enumeration", offer({ availability: "https://schema.org/Instock" }), offer({ availability: "InStock" })],
    [
      "data/date",
      said({ "@type": "Event", startDate: "12 May" }),
      said({ "@type": "Event", startDate: "2026-05-12T19:00+01:00" }),
    ],
    [
      "data/duration",
      said({ "@type": "Recipe", cookTime: "20 minutes" }),
      said({ "@type": "Recipe", cookTime: "PT20M" }),
    ],
    ["data/url", product({ url: "www a example" }), product({ url: "/lamp" })],
    ["data/currency", offer({ priceCurrency: "£" }), offer({ priceCurrency: "GBP" })],
    [
      "data/country",
      said({ "@type": "PostalAddress", addressCountry: "England" }),
      said({ "@type": "PostalAddress", addressCountry: "GB" }),
    ],
    ["data/language", said({ "@type": "Book", inLanguage: "English" }), said({ "@type": "Book", inLanguage: "en-GB" })],
    ["data/gtin", product({ gtin13: "4006381333932" }), product({ gtin13: "4006381333931" })],
    ["data/gtin", product({ gtin8: "4006381333931" }), product({ gtin: "https://id.gs1.example/01/4006381333931" })],
    [
      "data/isbn",
      said({ "@type": "Book", isbn: "978-0-306-40615-8" }),
      said({ "@type": "Book", isbn: "978-0-306-40615-7" }),
    ],
    [
      "data/number",
      said({ "@type": "Book", numberOfPages: "212 pages" }),
      said({ "@type": "Book", numberOfPages: "212" }),
    ],
    ["data/number", said({ "@type": "Book", numberOfPages: 21.5 }), said({ "@type": "Book", numberOfPages: 21 })],
    ["data/price-format", offer({ price: "£18" }), offer({ price: 18 })],
    [
      "data/rating-bounds",
      said({ "@type": "AggregateRating", ratingValue: 8 }),
      said({ "@type": "AggregateRating", ratingValue: 8, bestRating: 10 }),
    ],
    [
      "data/opening-hours",
      said({ "@type": "Museum", openingHours: "weekends" }),
      said({ "@type": "Museum", openingHours: "Sa,Su 10:00-16:00" }),
    ],
    [
      "data/opening-hours",
      said({ "@type": "OpeningHoursSpecification", opens: "10:00" }),
      said({ "@type": "OpeningHoursSpecification", opens: "10:00", closes: "17:00" }),
    ],
    [
      "data/dangling-id",
      product({ brand: { "@id": "#none" } }),
      product({ "@id": "#p", brand: { "@id": "https://b.example/" } }),
    ],
    [
      "data/duplicate-id-conflict",
      said({
        "@graph": [
          { "@id": "#a", "@type": "Person", name: "x" },
          { "@id": "#a", "@type": "Person", name: "y" },
        ],
      }),
      said({
        "@graph": [
          { "@id": "#a", "@type": "Person", name: "x" },
          { "@id": "#a", "@type": "Person", email: "y" },
        ],
      }),
    ],
    [
      "data/date-order",
      said({ "@type": "Event", startDate: "2026-05-12", endDate: "2026-05-11" }),
      said({ "@type": "Event", startDate: "2026-05-12T19:00", endDate: "2026-05-12" }),
    ],
    [
      "data/url-not-this-page",
      product({ url: "https://a.example/other" }),
      product({ url: "https://www.a.example/lamp/" }),
    ],
    [
      "data/breadcrumb-unlike-address",
      said({ "@type": "BreadcrumbList", itemListElement: [{ "@type": "ListItem", item: "/other/place" }] }),
      said({ "@type": "BreadcrumbList", itemListElement: [{ "@type": "ListItem", item: "/lamp" }] }),
    ],
    [
      "data/required-for-feature",
      product({ name: "x" }),
      product({ name: "x", offers: { "@type": "Offer", price: 1, priceCurrency: "GBP" } }),
    ],
    [
      "data/required-for-feature",
      said({ "@type": "ProductGroup", name: "x", hasVariant: [{ "@type": "Product", name: "y" }] }),
      said({
        "@type": "ProductGroup",
        name: "x",
        hasVariant: [{ "@type": "Product", offers: { "@type": "Offer", price: 1, priceCurrency: "GBP" } }],
      }),
    ],
    [
      "data/required-for-feature",
      said({ "@type": "ProductGroup", hasVariant: { "@type": "Product", url: "/a" } }),
      said({ "@type": "ProductGroup", name: "x" }),
    ],
    ["data/feature-retired", said({ "@type": "HowTo", name: "x" }), product({})],
  ])("%s: %s", (id, wrong, right) => {
    expect([...new Set(findings(id, wrong, "<p>x").map(({ rule }) => rule))]).toEqual([id]);
    expect(findings(id, right, "<p>x")).toEqual([]);
  });

  it("says nothing about a page where there is none, as in a file of JSON-LD", () => {
    const trail = said({ "@type": "BreadcrumbList", itemListElement: [crumb(1, "/other/place")] });
    expect(findings("data/url-not-this-page", product({ url: "https://a.example/other" }))).toEqual([]);
    expect(findings("data/breadcrumb-unlike-address", trail)).toEqual([]);
  });

  it("makes no fraction of thousands, and tells of a count once", () => {
    const salary = said({ "@type": "JobPosting", baseSalary: { "@type": "MonetaryAmount", value: "30,000" } });
    expect(findings("data/number", salary).map(({ fix }) => fix)).toEqual([null]);
    expect(findings("data/number", said({ "@type": "AggregateRating", ratingCount: "many" }))).toHaveLength(1);
  });

  it("writes the kind of employment that is meant", () => {
    const [found] = findings("data/enumeration", said({ "@type": "JobPosting", employmentType: "Full time" }));
    expect(found?.fix?.label).toBe("Write FULL_TIME");
  });

  it("points at the exact value or name in the source", () => {
    const page = pageOf(offer({ price: "£18.00" }));
    const [finding] = auditRule("data/price-format", page, context);
    const at = finding?.at;
    expect(at?.part === "data" && page.source.slice(at.range.start, at.range.end)).toBe('"£18.00"');
    expect(at?.part === "data" && at.pointer).toBe("0/offers/price");
  });

  it("mends one value and nothing else", () => {
    const json =
      '{\n\t"@context": "https://schema.org",\n\t"@type": "Offer",\n\t"price" : "£18.00",\n\t"priceCurrency":"GBP"\n}';
    const page = pageOf(json);
    const [finding] = auditRule("data/price-format", page, context);
    const mended = applyToPage(page, finding?.fix?.edits ?? []).page;
    expect(mended.data[0]?.text).toBe(json.replace("£18.00", "18.00"));
  });
});

describe("what the page shows", () => {
  const seen = (entity: object, body: string) =>
    findings("data/not-on-page", said(entity), body).map(({ message }) => message);
  it("is compared without case, quotation marks and spacing", () => {
    const faq = (answer: string) => ({
      "@type": "FAQPage",
      mainEntity: {
        "@type": "Question",
        name: "Is there a lift?",
        acceptedAnswer: { "@type": "Answer", text: answer },
      },
    });
    expect(seen(faq("<p>It’s “No”.</p>"), '<h2>Is there  a lift?</h2><p>it\'s "no".')).toEqual([]);
    expect(seen(faq("Yes."), "<h2>Is there a lift?</h2><p>No.")).toEqual([
      "The data says the answer “Yes.”, and the page does not show it.",
    ]);
  });
  it("may write a price in any usual way, and is told beside the data’s", () => {
    const at = (price: unknown) => ({
      "@type": "Product",
      name: "Lamp",
      offers: { "@type": "Offer", price, priceCurrency: "GBP" },
    });
    for (const shown of ["£18.00", "18 pounds", "18,00 €", "eighteen pounds"])
      expect(seen(at("18.00"), `<h1>Lamp</h1><p>${shown}`)).toEqual([]);
    expect(seen(at("18.00"), "<h1>Lamp</h1><p>It costs £22.50.")).toEqual([
      "The data says the price “18.00”, and the page does not show it. It shows “£22.50”.",
    ]);
  });
  it("may show a picture in another size, or name it for previews", () => {
    const at = {
      "@type": "Recipe",
      name: "Stew",
      image: ["https://a.example/img/stove-1200x630.jpg?v=2", "/img/pot.png"],
    };
    const stew = "<h1>Stew</h1>";
    expect(seen(at, `${stew}<img src="/img/stove.webp" alt="">`)).toEqual([
      "The data says the picture “/img/pot.png”, and the page does not show it.",
    ]);
    expect(
      seen(at, `${stew}<img src="/x/stove@2x.jpg" alt=""><video poster="https://c.example/pot.jpg"></video>`),
    ).toEqual([]);
    const weights = auditRule("data/not-on-page", pageOf(said(at), stew), context).map(({ weight }) => weight);
    expect(weights).toEqual(["may", "may"]);
  });
  it("may write a date in any usual way", () => {
    const at = { "@type": "Event", name: "Talk", startDate: "2026-05-12T19:00" };
    for (const shown of ["12 May", "May 12th, 2026", "the 12th of May", "12.5.2026"])
      expect(seen(at, `<h1>Talk</h1><p>${shown}`)).toEqual([]);
    expect(seen(at, "<h1>Talk</h1><p>13 May")).toHaveLength(1);
  });
});

describe("data in the markup", () => {
  // HTML Living Standard 5.1.5, its example of a product review, shortened.
  it("is read as microdata", () => {
    const page = readPage(
      `<html lang=en><title>x</title><div itemscope itemtype="https://schema.org/Product"><span itemprop=name>ACME Executive Anvil</span>
       <div itemprop=offers itemscope itemtype="https://schema.org/Offer"><span itemprop=price content="1,00">£1</span><link itemprop=availability href="https://schema.org/InStok"></div></div>`,
      { address },
    );
    expect(auditRule("data/price-format", page, context)).toHaveLength(1);
    expect(auditRule("data/enumeration", page, context)[0]?.message).toContain("Nearest: InStock");
  });
  // RDFa Lite 1.1, section 2.1 and 2.2: vocab, typeof, property and resource.
  it("is read as RDFa, and previews for social sites are none", () => {
    const page = readPage(
      `<html lang=en><head><title>x</title><meta property="og:title" content="x"></head><p vocab="https://schema.org/" resource="#manu" typeof="Person">
       <span property="nme">Manu Sporny</span> <a property="url" href="/manu">x</a></p>`,
      { address },
    );
    expect(auditRule("data/unknown-property", page, context).map(({ message }) => message)).toEqual([
      "schema.org has no property “nme”. Nearest: name.",
    ]);
  });
});

// The bad input that every part of the application has to survive: a message, and nothing lost.
describe("what nobody should send", () => {
  const all = (json: string) => audit(pageOf(json), context).filter(({ rule }) => rule.startsWith("data/"));
  const rules = (json: string) => [...new Set(all(json).map(({ rule }) => rule))];

  it("is a block of 5 MB: what goes wrong in each of its entities is listed a hundred times and no more", () => {
    const lamp = (n: number) => ({
      "@type": "Product",
      "@id": `#lamp-${n}`,
      name: "A brass lamp with forty-one parts, a wick and a drawing by the last keeper ".repeat(3),
      offers: { "@type": "Offer", price: "£64.00", priceCurrency: "GBP" },
    });
    const json = said({ "@graph": Array.from({ length: 15_000 }, (_, n) => lamp(n)) });
    expect(json.length).toBeGreaterThan(5_000_000);
    const prices = all(json).filter(({ rule }) => rule === "data/price-format");
    expect(prices).toHaveLength(100);
    expect(prices.at(-1)?.message).toContain("More like it are not listed.");
    // Each can still be put right by itself.
    const [edit] = prices[99]?.fix?.edits ?? [];
    expect(edit && "value" in edit && JSON.parse(String(edit.value))["@graph"][99].offers.price).toBe("64.00");
  }, 60_000);

  it("is nested deep", () => {
    const nested = (depth: number) =>
      `${'{"@context":"https://schema.org","@type":"Thing","about":'.repeat(depth)}1${"}".repeat(depth)}`;
    const syntax = (json: string) => all(json).find(({ rule }) => rule === "data/syntax")?.message;
    expect(syntax(nested(100))).toMatch(/nested more than 60 deep/);
    expect(syntax(nested(10_000))).toMatch(/nested more than 400 deep/);
    for (const open of ["[", '{"a":'])
      for (const close of ["", open === "[" ? "]" : "}"])
        expect(rules(open.repeat(10_000) + close.repeat(10_000))).toEqual(["data/syntax"]);
  });

  it("points in a circle, or is named like what it is made of", () => {
    expect(
      rules(
        said({
          "@graph": [
            { "@type": "Person", "@id": "#a", knows: { "@id": "#b" } },
            { "@type": "Person", "@id": "#b", knows: { "@id": "#a" } },
          ],
        }),
      ),
    ).toEqual([]);
    expect(rules('{"@context":"https://schema.org","@type":"Person","__proto__":{"x":1},"constructor":"y"}')).toContain(
      "data/unknown-property",
    );
    expect(rules('{"@context":"https://schema.org","@type":"Person","name":"a","name":"b"}')).toEqual([
      "data/doubled-name",
    ]);
  });

  // RFC 8259, section 8.2: half a character may be written, and what it does is unpredictable.
  it("holds half a character, which a change of something else leaves as it is", () => {
    const json =
      '{"@context":"https://schema.org","@type":"Product","name":"Lamp \\ud83d","offers":{"@type":"Offer","price":"£6","priceCurrency":"GBP"}}';
    const page = pageOf(json);
    const [finding] = auditRule("data/price-format", page, context);
    const after = applyToPage(page, finding?.fix?.edits ?? []).page;
    expect(after.data[0]?.text).toBe(json.replace("£6", "6"));
    expect(() => all('{"@context":"https://schema.org","@type":"Product","name":"\ud83d"}')).not.toThrow();
  });

  it.each([
    "<p>Not data</p>",
    "window.data = {}",
    "",
    "null",
    "3",
    '"text"',
    "[[[]]]",
    '{"@context":5,"@type":{},"@id":[],"name":{"@value":{}}}',
    '{"@context":"https://schema.org","@type":"Event","startDate":{"@value":null},"@graph":7}',
  ])("is %j", (json) => expect(() => all(json)).not.toThrow());

  it("names a context that is never fetched, and says so", () => {
    const [finding] = auditRule(
      "data/not-schema-org",
      pageOf('{"@context":"https://vocab.example/v1","name":"x"}'),
      context,
    );
    expect(finding?.message).toMatch(/vocab\.example/);
    expect(finding?.message).toMatch(/fetched/);
  });
});

describe("of a page that only its publishing system has described", () => {
  it("nothing is asked; what it could earn is said once", () => {
    const graph = JSON.stringify({
      "@context": "https://schema.org",
      "@graph": [
        { "@type": "Organization", "@id": "#o", name: "Museum" },
        { "@type": "Article", "@id": "#a", name: "Lamp" },
        { "@type": "ImageObject", contentUrl: "/x.png" },
      ],
    });
    expect(findings("data/required-for-feature", graph)).toEqual([]);
    const recommended = findings("data/recommended-for-feature", graph);
    expect(recommended).toHaveLength(1);
    expect(recommended[0]?.message).toContain("could earn");
  });

  it("other currencies than those of ISO 4217 are never a must: schema.org allows them", () => {
    expect(findings("data/currency", offer({ priceCurrency: "Ithaca HOUR" })).map(({ weight }) => weight)).toEqual([
      "may",
    ]);
  });
});
