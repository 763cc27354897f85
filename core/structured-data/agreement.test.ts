import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { plain, pricesIn, unseenOf } from "./agreement.ts";
import { dataOf } from "./page-data.ts";

const address = "https://www.example/lamp";
const pageOf = (data: object, body: string) =>
  readPage(
    `<!doctype html><html lang="en"><title>Lamp</title><script type="application/ld+json">${JSON.stringify({
      "@context": "https://schema.org",
      ...data,
    })}</script><body><main>${body}</main>`,
    { address },
  );
const unseen = (data: object, body: string) => {
  const page = pageOf(data, body);
  return unseenOf(dataOf(page), page).map(({ text, shown }) => [text, shown]);
};

describe("prices in a text, against Unicode's CLDR as Node has it", () => {
  const LOCALES = [
    ["en-GB", "GBP"],
    ["en-US", "USD"],
    ["de-DE", "EUR"],
    ["de-AT", "EUR"],
    ["de-CH", "CHF"],
    ["fr-FR", "EUR"],
    ["fr-CH", "CHF"],
    ["es-ES", "EUR"],
    ["it-IT", "EUR"],
    ["nl-NL", "EUR"],
    ["pt-PT", "EUR"],
    ["sv-SE", "SEK"],
    ["nb-NO", "NOK"],
    ["da-DK", "DKK"],
    ["pl-PL", "PLN"],
    ["fi-FI", "EUR"],
    ["ja-JP", "JPY"],
  ] as const;

  it.each(LOCALES)("%s in %s", (locale, currency) => {
    const format = new Intl.NumberFormat(locale, { style: "currency", currency });
    const whole = currency === "JPY";
    for (const amount of whole ? [12, 1234, 1234567] : [0.5, 8.5, 12, 1234.56, 1234567.89]) {
      const text = `Now ${format.format(amount)} for each.`;
      expect(
        pricesIn(text).map((one) => one.amount),
        text,
      ).toEqual([amount]);
    }
  });

  it("are found where they stand, and years and telephone numbers are none", () => {
    const text = "Adults £12.50, children £6. Since 1925. Ring 01632 960117.";
    expect(pricesIn(text).map(({ start, end }) => text.slice(start, end))).toEqual(["£12.50", "£6"]);
  });
});

describe("two texts as they are compared", () => {
  it.each([
    ["“Quay” – open", "quay - open"],
    ["Café  Hafen", "cafe hafen"],
    ["The keeper’s log .", "the keeper's log."],
    ["10\u202f000\u00a0lamps", "10 000 lamps"],
  ])("%s and %s are the same", (a, b) => {
    expect(plain(a)).toBe(plain(b));
  });

  it("other words are not", () => {
    expect(plain("red lamp")).not.toBe(plain("read lamp"));
  });
});

describe("what the data says and the page does not show", () => {
  it("is nothing where the page shows the name, the price and the day in its own notation", () => {
    const product = {
      "@type": "Product",
      name: "Brass lamp",
      offers: { "@type": "Offer", price: "48.00", priceCurrency: "GBP" },
    };
    expect(unseen(product, "<h1>Brass lamp</h1><p>It costs £48.")).toEqual([]);
    const event = { "@type": "Event", name: "Lantern walk", startDate: "2026-12-03T18:00" };
    expect(unseen(event, "<h1>Lantern walk</h1><p>On 3 December 2026 at six.")).toEqual([]);
  });

  it("is a price that differs, with the one that is shown", () => {
    const product = {
      "@type": "Product",
      name: "Brass lamp",
      offers: { "@type": "Offer", price: "48.00", priceCurrency: "GBP" },
    };
    expect(unseen(product, "<h1>Brass lamp</h1><p>It costs £52.")).toEqual([["48.00", "£52"]]);
  });

  it("is a name, a question or a day that nobody reads there", () => {
    expect(unseen({ "@type": "Product", name: "Copper kettle" }, "<h1>Brass lamp</h1><p>Lit.")).toEqual([
      ["Copper kettle", null],
    ]);
    const faq = {
      "@type": "FAQPage",
      mainEntity: {
        "@type": "Question",
        name: "Is there a toilet?",
        acceptedAnswer: { "@type": "Answer", text: "<p>Two, below deck.</p>" },
      },
    };
    expect(unseen(faq, "<h2>Is there a toilet?</h2><p>Two, below deck.")).toEqual([]);
    expect(unseen(faq, "<h2>Is there a toilet?</h2><p>One.")).toEqual([["<p>Two, below deck.</p>", null]]);
    const event = { "@type": "Event", name: "Lantern walk", startDate: "2026-12-03" };
    expect(unseen(event, "<h1>Lantern walk</h1><p>On 4 December.")).toEqual([["2026-12-03", null]]);
  });
});
