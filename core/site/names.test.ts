import { expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { gatherNames, namesOnPage } from "./names.ts";

const read = (source: string, lang = "en") =>
  readPage(`<html lang=${lang}>${source}`, { address: "https://quay.example/a" });
const words = (source: string, style = DEFAULT_HOUSE_STYLE) => namesOnPage(read(source), style).words;

it("reads names from text, footer and data", () => {
  expect(words("<p>We sail to Portloe.").get("portloe")).toBe("Portloe");
  expect(words("<footer><address>Boats of Portloe</address></footer>").get("portloe")).toBe("Portloe");
  const data = `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Person","name":"Ines"}</script>`;
  expect(words(`${data}<p>x`).get("ines")).toBe("Ines");
});

it("takes no codes of countries and states, which are words too", () => {
  const address = { "@type": "PostalAddress", addressLocality: "Portland", addressRegion: "OR", addressCountry: "US" };
  const data = JSON.stringify({ "@context": "https://schema.org", "@type": "Museum", name: "Quay", address });
  const names = words(`<script type="application/ld+json">${data}</script><p>Contact us.`);
  expect(names.get("portland")).toBe("Portland");
  expect(names.has("us") || names.has("or")).toBe(false);
});

it("takes names from the house style, and leaves out what it says is none", () => {
  const style = { ...DEFAULT_HOUSE_STYLE, names: { always: ["eBoats"], never: ["Harbour"] } };
  const names = namesOnPage(read("<p>We saw the Harbour."), style);
  expect(names.words.get("eboats")).toBe("eBoats");
  expect(names.words.has("harbour")).toBe(false);
  expect(names.small.has("harbour")).toBe(true);
});

it("gathers names of several pages, the most frequent first, without days and without those that are listed", () => {
  const pages = [
    read("<p>We sail to Portloe and to Quay on Monday. In May at Portloe."),
    read("<p>From Portloe with Ines to the Harbour."),
    read("<p>To Quay and to Portloe on Monday with the Harbour."),
  ];
  expect(gatherNames(pages, DEFAULT_HOUSE_STYLE)).toEqual(["Portloe", "Quay", "Harbour"]);
  const names = { always: ["Quay"], never: ["Harbour"] };
  expect(gatherNames(pages, { ...DEFAULT_HOUSE_STYLE, names })).toEqual(["Portloe"]);
});

it("gathers no word that has its capital within a longer name only", () => {
  const page = read("<p>We saw the Old Quay and went to Portloe.");
  expect(gatherNames([page, page], DEFAULT_HOUSE_STYLE).sort()).toEqual(["Old Quay", "Portloe"]);
});

it("takes nothing but stated names from German, where nouns have capitals too", () => {
  const data = `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Place","name":"Kai"}</script>`;
  const pages = [read(`${data}<p>Wir sehen die Lampe.`, "de"), read("<p>Wir sehen die Lampe.", "de")];
  expect(gatherNames(pages, DEFAULT_HOUSE_STYLE)).toEqual(["Kai"]);
});
