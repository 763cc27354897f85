import { describe, expect, it } from "vitest";
import { guessKind } from "./page-kind.ts";
import { readPage } from "./read.ts";
import { structuredValues } from "./structured-values.ts";

const kind = (path: string, source = "<h1>x</h1><p>Some words of text that are no link.") =>
  guessKind(readPage(source, { address: `https://a.example${path}` }));
const data = (json: unknown) => `<script type="application/ld+json">${JSON.stringify(json)}</script><h1>x</h1>`;

describe("the kind of a page is guessed", () => {
  // Common practice, no source: what such addresses usually hold.
  it.each([
    ["/", "home"],
    ["/en/", "home"],
    ["/shop/brass-lamp", "product"],
    ["/shop/", "list"],
    ["/events/lantern-walk", "event"],
    ["/news/2024/gale", "article"],
    ["/visit/opening-times", "visit"],
    ["/privacy", "legal"],
    ["/jobs/deckhand.html", "job"],
    ["/how-to/bowline", "help"],
    ["/ship/lamp", "other"],
  ])("from the address %s: %s", (path, expected) => {
    expect(kind(path)).toBe(expected);
  });

  it("from structured data before the address", () => {
    expect(kind("/news/x", data({ "@context": "https://schema.org", "@type": "Product", name: "Lamp" }))).toBe(
      "product",
    );
    expect(kind("/x", data({ "@graph": [{ "@type": "Organization" }, { "@type": ["Thing", "MusicEvent"] }] }))).toBe(
      "event",
    );
    // What any page may carry decides nothing.
    expect(kind("/x", data({ "@type": "Organization", name: "A" }))).toBe("other");
  });

  it("from its content", () => {
    const links = Array.from({ length: 12 }, (_, i) => `<li><a href="/${i}">A link of some length ${i}</a></li>`).join(
      "",
    );
    expect(kind("/x", `<main><h1>All</h1><ul>${links}</ul></main>`)).toBe("list");
    expect(kind("/x", '<meta property="og:type" content="article"><h1>x</h1>')).toBe("article");
  });
});

it("structured values are flattened by path, the first of each; broken JSON says nothing", () => {
  const page = readPage(
    `${data({ "@type": "Product", name: "Lamp", offers: [{ price: 24 }, { price: 30 }], brand: { "@value": "Q" } })}<script type="application/ld+json">{,}</script>`,
    { address: "https://a.example/" },
  );
  expect(structuredValues(page)).toEqual({
    types: ["Product"],
    values: { name: "Lamp", "offers.price": "24", brand: "Q" },
  });
});
