// What the core takes, given as ratios within one run.
import { existsSync, readdirSync, readFileSync } from "node:fs";
import { HtmlValidate } from "html-validate";
import { parse } from "parse5";
import { audit, auditor } from "../core/audit/auditor.ts";
import { auditSite, siteAuditor } from "../core/audit/examine-site.ts";
import { repairLevels } from "../core/outline/repair.ts";
import { originalFromText, sourceOf } from "../core/page/original.ts";
import { originalFromBytes } from "../core/page/original-from-bytes.ts";
import { parseSource } from "../core/page/parse.ts";
import { readPage } from "../core/page/read.ts";
import { phraseFinder } from "../core/phrase/phrase-finder.ts";
import { stem } from "../core/phrase/stem.ts";
import { wordsOf } from "../core/phrase/words.ts";
import { applyToPage, applyToSource } from "../core/rewrite/apply.ts";
import type { Edit } from "../core/rewrite/edits.ts";
import { handOver } from "../core/rewrite/verify.ts";
import { DEFAULT_HOUSE_STYLE } from "../core/settings/house-style.ts";
import { facetsOf, type PageFacets } from "../core/site/facets/page-facets.ts";
import { HEADING_SHAPES } from "../core/site/index/heading-shapes.ts";
import { PHRASE_PLACES } from "../core/site/index/phrase-places.ts";
import { Site } from "../core/site/index/site.ts";
import { suggestPhrases } from "../core/standing/suggest.ts";
import { largeSite } from "../demo/large.ts";
import { benchData, benchReference } from "./data.ts";
import type { Note } from "./note.ts";

const context = { phrase: "lightship opening times", houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" };

function timed(run: () => void): number {
  const start = performance.now();
  run();
  return performance.now() - start;
}

/** Processor time in ms: what else the machine does is not counted. */
function processed(run: () => void): number {
  const start = process.cpuUsage();
  run();
  const { user, system } = process.cpuUsage(start);
  return (user + system) / 1000;
}

/** Median of several runs by processor time, the two sides taken in turn so that a busy machine slows both. */
function ratio(ours: () => void, theirs: () => void, runs = 7): number {
  const ratios: number[] = [];
  for (let i = 0; i < runs + 2; i++) {
    const a = processed(ours);
    const b = processed(theirs);
    if (i >= 2) ratios.push(a / b);
  }
  return ratios.sort((a, b) => a - b)[Math.floor(ratios.length / 2)] ?? Number.NaN;
}

function files(folder: string): string[] {
  return readdirSync(folder, { recursive: true, encoding: "utf8" })
    .filter((f) => f.endsWith(".html"))
    .map((f) => sourceOf(originalFromBytes(new Uint8Array(readFileSync(`${folder}/${f}`)))));
}

const APACHE = "/usr/share/doc/apache2-doc/manual";
const readAndAudit = (source: string) => audit(readPage(source, { address: "https://a.example/b" }), context);

export async function benchCore(note: Note): Promise<void> {
  const corpora: [string, string[]][] = [
    [
      "demo pages, ten times over",
      Array.from({ length: 10 }, () => files(new URL("../demo/gullhaven", import.meta.url).pathname)).flat(),
    ],
    ["generated large site, 60 pages", [...largeSite(60)].map((p) => p.source)],
  ];
  if (existsSync(APACHE))
    corpora.push([
      "apache2-doc, 150 pages",
      files(`${APACHE}/fr`)
        .slice(0, 75)
        .concat(files(`${APACHE}/ja`).slice(0, 75)),
    ]);

  for (const [name, sources] of corpora) {
    const bare = () => sources.forEach((s) => void parse(s, { sourceCodeLocationInfo: true }));
    const parsing = ratio(() => sources.forEach((s) => void parseSource(s)), bare);
    const auditing = ratio(() => sources.forEach((s) => void readAndAudit(s)), bare);
    // Demo pages are ten times smaller than real ones.
    const [parseBar, auditBar] = name.startsWith("demo")
      ? [0.4, 3]
      : name.startsWith("apache")
        ? [0.25, 1]
        : [0.2, 0.6];
    note(`parsing against a bare parse, ${name}`, `${parsing.toFixed(2)} ×`, `≤ ${parseBar} ×`, parsing <= parseBar);
    note(
      `read + audit against a bare parse, ${name}`,
      `${auditing.toFixed(2)} ×`,
      `≤ ${auditBar} ×`,
      auditing <= auditBar,
    );
  }

  const tiny = Array.from(
    { length: 2000 },
    (_, i) =>
      `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Page ${i} of the lamp</title><meta name="description" content="Words about the lamp."></head><body><h1>Lamp ${i}</h1><p>Some words here.</p></body></html>`,
  );
  const once = () => tiny.forEach((s) => void readAndAudit(s));
  const each = Math.min(...Array.from({ length: 5 }, () => (processed(once) / tiny.length) * 1000));
  note("read + audit of a page of 230 bytes", `${each.toFixed(0)} µs`, "≤ 150 µs", each <= 150);

  const validator = new HtmlValidate({ root: true, extends: ["html-validate:standard"] });
  const sample = (corpora.at(-1)?.[1] ?? []).slice(0, 12);
  const faster =
    1 /
    ratio(
      () => sample.forEach((s) => void readAndAudit(s)),
      () => sample.forEach((s) => void validator.validateStringSync(s)),
      3,
    );
  note("read + audit, against html-validate's standard preset", `${faster.toFixed(1)} × faster`, "≥ 8 ×", faster >= 8);

  const [hundred = ""] = [...largeSite(400, 3)]
    .map((p) => p.source)
    .filter((s) => s.length > 60_000 && s.length < 400_000)
    .sort((a, b) => b.length - a.length);
  const page = readPage(hundred.repeat(1) + "<p>x".repeat(Math.max(0, (100_000 - hundred.length) / 4)), {
    address: "https://a.example/b",
  });
  const run = auditor(context);
  run(page);
  const keystrokes: number[] = [];
  let typed = "";
  for (let i = 0; i < 400; i++) {
    typed = typed.length > 70 ? "" : `${typed}${"lightship opening "[i % 18]}`;
    keystrokes.push(timed(() => void run(applyToPage(page, [{ op: "set-title", value: typed, was: null }]).page)));
  }
  const p95 = keystrokes.slice(50).sort((a, b) => a - b)[Math.floor(350 * 0.95)] ?? Number.NaN;
  note(
    `re-audit after a keystroke in the title, ${Math.round(page.source.length / 1000)} KB page`,
    `p95 ${p95.toFixed(2)} ms`,
    "≤ 1 ms",
    p95 <= 1,
  );

  let megabyte = "";
  for (const { source } of largeSite(40, 5))
    megabyte += source.slice(source.indexOf("<main>"), source.indexOf("</main>"));
  megabyte = `<!DOCTYPE html><html lang=en><head><meta charset=utf-8><title>x</title></head><body>${megabyte.slice(0, megabyte.lastIndexOf("</section>", 1_000_000))}</section></body></html>`;
  const original = originalFromText(megabyte);
  const big = readPage(original, { address: "https://a.example/b" });
  const edits: Edit[] = big.headings
    .slice(0, 20)
    .map((h) => ({ op: "set-heading-level", heading: h.key, level: (h.level % 6) + 1, was: h.level }));
  const bare = () => void parse(megabyte, { sourceCodeLocationInfo: true });
  const apply = ratio(() => void applyToSource(original, edits, { address: big.address }), bare);
  note(
    `applyToSource, 20 edits, ${(megabyte.length / 1e6).toFixed(1)} MB page, against a bare parse`,
    `${apply.toFixed(2)} ×`,
    "≤ 1.2 ×",
    apply <= 1.2,
  );
  const exported = ratio(() => void handOver(original, edits, { address: big.address }), bare);
  note("the export, which reads the result again and compares", `${exported.toFixed(2)} ×`, "≤ 2.3 ×", exported <= 2.3);

  const taken = [...largeSite(100, 3)].map(({ source, address }) => facetsOf("", readPage(source, { address })));
  const facets = (n: number): PageFacets[] =>
    Array.from({ length: n }, (_, i) => ({
      ...(taken[i % taken.length] as PageFacets),
      id: String(i),
      address: `https://large.example/${i}`,
      title: `Title ${i % (n * 0.9)}`,
      description: `About ${i % (n * 0.8)}`,
      // As in most sites, pages link to each other.
      links: Array.from({ length: 40 }, (_, k) => `0/${(i + 1 + k * k * 7) % n}\tnext`).join("\n"),
    }));
  const [thousand, tenThousand] = [facets(1000), facets(10_000)];
  const growth = ratio(
    () => void auditSite(new Site(tenThousand), DEFAULT_HOUSE_STYLE),
    () => void auditSite(new Site(thousand), DEFAULT_HOUSE_STYLE),
    7,
  );
  note("site rules, 1,000 to 10,000 pages", `${growth.toFixed(1)} × the time`, "≤ 11 ×", growth <= 11);

  for (const many of [tenThousand, facets(50_000)]) {
    const times = Array.from({ length: 3 }, () => processed(() => void auditSite(new Site(many), DEFAULT_HOUSE_STYLE)));
    const page = (Math.min(...times) / many.length) * 1000;
    const of = many.length.toLocaleString("en-GB");
    note(`site rules, a page, at ${of} pages`, `${page.toFixed(0)} µs`, "≤ 50 µs", page <= 50);
  }

  const site = new Site(tenThousand);
  const auditAgain = siteAuditor(DEFAULT_HOUSE_STYLE);
  auditAgain(site);
  const changes: [string, (page: PageFacets, i: number) => PageFacets][] = [
    ["its title", (page, i) => ({ ...page, title: `Title ${i * 7}` })],
    ["its links", (page, i) => ({ ...page, links: `0/ship/${i}\tship\n${page.links}` })],
  ];
  for (const [what, change] of changes) {
    const times = Array.from({ length: 60 }, (_, i) =>
      timed(() => {
        site.put(change(tenThousand[i * 150] as PageFacets, i));
        auditAgain(site);
      }),
    );
    // The first of them are run by code that is still cold.
    const slowest = times.slice(20).sort((a, b) => a - b)[37] ?? Number.NaN;
    note(
      `one page of 10,000 changed, ${what}: rules across pages, from the indexes`,
      `p95 ${slowest.toFixed(0)} ms`,
      "≤ 40 ms",
      slowest <= 40,
    );
  }

  benchPhrases(tenThousand, note);

  const heap = () => {
    globalThis.gc?.();
    globalThis.gc?.();
    return process.memoryUsage().heapUsed / 1e6;
  };
  let count = 0;
  let early = 0;
  for (const { source } of largeSite(2000, 9)) {
    readAndAudit(source.slice(0, 50_000));
    if (++count === 200) early = heap();
  }
  const grown = heap() - early;
  note(
    "memory after 2,000 pages of 50 KB, against after 200",
    `${grown.toFixed(1)} MB more`,
    "does not grow (≤ 5 MB)",
    grown <= 5,
  );

  const tangled = Array.from({ length: 10_000 }, (_, i) => ({
    level: 1 + ((i * 7919) % 6),
    content: true,
    mayLeave: false,
  }));
  repairLevels(tangled);
  const repairing = timed(() => repairLevels(tangled));
  note("the least repair of an outline of 10,000 headings", `${repairing.toFixed(0)} ms`, "≤ 50 ms", repairing <= 50);

  const patterns = timed(() => site.index(HEADING_SHAPES).patterns());
  note("patterns of headings over 10,000 pages", `${patterns.toFixed(0)} ms`, "≤ 2 s", patterns <= 2000);

  benchData(note, ratio);
  await benchReference(note);
}

/** Words that many phrases of a site share. */
const SHARED = ["server", "module", "request", "file", "directive"];

function benchPhrases(pages: readonly PageFacets[], note: Note): void {
  // Other pages have other words: without these, nothing here compares with what was measured before.
  if (!existsSync(APACHE)) {
    console.log("Phrases are not measured: install Debian's apache2-doc.");
    return;
  }
  const sources = files(`${APACHE}/en`).slice(0, 120);
  const texts = sources.flatMap((source) =>
    readPage(source, { address: "https://a.example/b" }).blocks.map(({ text }) => text),
  );
  const words = [...new Set(texts.flatMap((text) => wordsOf(text, "en").map((word) => word.text)))].filter(
    (word) => word.length > 3,
  );
  const at = (n: number) => words[(n * 7919) % words.length] ?? "";
  const phrases = Array.from({ length: 500 }, (_, i) =>
    [SHARED[i % SHARED.length], at(i * 3), ...(i % 2 === 0 ? [] : [at(i * 3 + 1)])].join(" "),
  );
  const finder = phraseFinder(phrases, { language: "en" });
  const times = ratio(
    () => {
      for (const text of texts) finder.find(text);
    },
    () => {
      for (const text of texts) for (const word of wordsOf(text, "en")) stem(word.text, "en");
    },
  );
  note(
    "500 phrases found in the texts of pages, against splitting and stemming them",
    `${times.toFixed(2)} ×`,
    "≤ 2 ×",
    times <= 2,
  );

  const list = phrases.map((text, i) => ({ text, volume: i * 10 }));
  const suggesting = timed(() => {
    for (let i = 0; i < 1000; i++) {
      const page = readPage(sources[i % sources.length] ?? "", { address: "https://a.example/b" });
      suggestPhrases(page, { anchors: ["lamp room"], share: (word) => (word.length % 7) / 7, list, brand: "" });
    }
  });
  note(
    "phrases suggested for 1,000 pages, which are read for it, on one processor; two have half of it",
    `${(suggesting / 1000).toFixed(1)} s`,
    "≤ 40 s",
    suggesting <= 40_000,
  );

  const site = new Site(pages);
  site.setPhrases(phrases);
  site.index(PHRASE_PLACES).all();
  const added = Array.from({ length: 7 }, (_, i) =>
    timed(() => {
      site.setPhrases([...site.phrases, `${at(i * 31)} ${at(i * 57 + 3)}`]);
      site.index(PHRASE_PLACES).all();
    }),
  ).sort((a, b) => a - b);
  const median = added[3] ?? Number.NaN;
  note(
    "a phrase added to 500, looked for in what is kept of 10,000 pages",
    `${median.toFixed(0)} ms`,
    "≤ 1 s",
    median <= 1000,
  );
}
