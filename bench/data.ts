import jsonld from "jsonld";
import { auditRule } from "../core/audit/auditor.ts";
import { originalFromText } from "../core/page/original.ts";
import { readPage } from "../core/page/read.ts";
import { PAGE_RULES } from "../core/rules/catalogue.ts";
import { DEFAULT_HOUSE_STYLE } from "../core/settings/house-style.ts";
import { readJsonLd } from "../core/structured-data/json-ld.ts";
import { unpackVocabulary, vocabulary } from "../core/structured-data/vocabulary.ts";
import type { Note } from "./note.ts";

type Ratio = (ours: () => void, theirs: () => void, runs?: number) => number;

const auditContext = { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" };
const DATA_RULES = PAGE_RULES.filter(({ id }) => id.startsWith("data/"));

const product = (n: number) => ({
  "@type": "Product",
  name: `Lamp ${n}`,
  description: "A brass lamp with forty-one parts, a wick and a drawing.",
  brand: { "@type": "Brand", name: "Gullhaven" },
  offers: { "@type": "Offer", price: "64.00", priceCurrency: "GBP", availability: "https://schema.org/InStock" },
});
const graph = (n: number, entities: number) =>
  JSON.stringify({
    "@context": "https://schema.org",
    "@graph": Array.from({ length: entities }, (_, i) => product(n + i)),
  });

const walk = (value: unknown): number =>
  typeof value === "object" && value !== null
    ? Object.values(value).reduce((sum: number, one) => sum + walk(one), 1)
    : 1;

/** Structured data: loading the vocabulary, checking a page, reading the blocks of a whole site. */
export function benchData(note: Note, ratio: Ratio): void {
  const start = performance.now();
  unpackVocabulary();
  const loading = performance.now() - start;
  note("unpacking schema.org’s vocabulary", `${loading.toFixed(0)} ms`, "≤ 60 ms", loading <= 60);

  const source = `<!doctype html><html lang=en><head><title>x</title><script type="application/ld+json">${graph(0, 7)}</script></head><body><h1>Lamp</h1><p>£64.00`;
  const times: number[] = [];
  for (let i = 0; i < 60; i++) {
    const page = readPage(originalFromText(`${source}${i}`), { address: "https://a.example/" });
    const from = performance.now();
    for (const { id } of DATA_RULES) auditRule(id, page, auditContext);
    times.push(performance.now() - from);
  }
  const checking = times.sort((a, b) => a - b)[30] ?? 0;
  note(
    "checking a page with 21 entities by all rules about data",
    `${checking.toFixed(1)} ms`,
    "≤ 5 ms",
    checking <= 5,
  );

  const blocks = Array.from({ length: 10_000 }, (_, n) => graph(n, 1));
  const reading = ratio(
    () => {
      for (const text of blocks) readJsonLd(JSON.parse(text), 0, "https://a.example/");
    },
    () => {
      for (const text of blocks) walk(JSON.parse(text));
    },
    3,
  );
  note(
    "reading 10,000 blocks of 3 entities, against JSON.parse and a walk",
    `${reading.toFixed(2)} ×`,
    "≤ 3 ×",
    reading <= 3,
  );
}

/** The reference implementation on the same blocks, for comparison: it is asynchronous. */
export async function benchReference(note: Note): Promise<void> {
  const blocks = Array.from({ length: 100 }, (_, n) => graph(n, 1));
  // A context of every term, as schema.org's own is, made from the same vocabulary since that one cannot be fetched.
  const terms = [...vocabulary().types.keys(), ...vocabulary().properties.keys()].map((name) => [
    name,
    { "@id": `http://schema.org/${name}` },
  ]);
  const context = { "@context": { "@vocab": "http://schema.org/", ...Object.fromEntries(terms) } };
  const documentLoader = (url: string) =>
    Promise.resolve({
      document: context,
      documentUrl: url,
      contextUrl: undefined,
    });
  const time = async (run: (text: string) => unknown) => {
    const from = performance.now();
    for (const text of blocks) await run(text);
    return performance.now() - from;
  };
  const theirs = (text: string) => jsonld.expand(JSON.parse(text), { documentLoader } as never);
  const ours = (text: string) => readJsonLd(JSON.parse(text), 0, "https://a.example/");
  await time(theirs);
  await time(ours);
  const faster = (await time(theirs)) / (await time(ours));
  note("reading blocks, against jsonld.expand", `${faster.toFixed(0)} × faster`, "≥ 20 ×", faster >= 20);
}
