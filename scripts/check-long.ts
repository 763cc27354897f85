// npm run check:long: the three invariants of rewriting, axe-core's verdicts, reworded paragraphs and false alarms, over the
// real pages of Debian's handbooks; result in docs/check-long.md.
import { existsSync, readdirSync, readFileSync, realpathSync, statSync, writeFileSync } from "node:fs";
import fc from "fast-check";
import { chromium } from "playwright-core";
import { audit } from "../core/audit/auditor.ts";
import { addEntity } from "../core/compose/add-entity.ts";
import { proposalsFor } from "../core/compose/compose.ts";
import { writtenData } from "../core/compose/data-edit.ts";
import { loadMarkdown } from "../core/page/load-markdown.ts";
import { type Original, sourceOf } from "../core/page/original.ts";
import { originalFromBytes } from "../core/page/original-from-bytes.ts";
import type { Page } from "../core/page/page.ts";
import { readPage } from "../core/page/read.ts";
import { differenceFromParse5 } from "../core/page/testing.ts";
import { applyToPage, applyToSource } from "../core/rewrite/apply.ts";
import { loadCharset } from "../core/rewrite/bytes.ts";
import { type Edit, slotOf } from "../core/rewrite/edits.ts";
import { editsFor, tellsApart } from "../core/rewrite/testing.ts";
import { firstDifference } from "../core/rewrite/verify.ts";
import { DEFAULT_HOUSE_STYLE } from "../core/settings/house-style.ts";
import { differingFromAxe } from "../e2e/axe.ts";
import { alarmsOver } from "./check-long/alarms.ts";
import { type Contents, changeContents } from "./check-long/contents.ts";
import { hostileFaults } from "./check-long/hostile.ts";
import { type Reworded, reword } from "./check-long/reworded.ts";
import { CHROMIUM_FLAGS, ensureChromium } from "./chromium.mjs";
import { run } from "./run.mjs";

const folder = process.argv[2] ?? "/usr/share/doc/apache2-doc/manual";
if (!existsSync(folder)) {
  console.error("Name a folder of HTML pages, or install Debian's apache2-doc first: apt-get install apache2-doc.");
  process.exit(1);
}
await Promise.all([loadCharset("gbk"), loadCharset("windows-1252"), loadMarkdown({ kind: "markdown" })]);
const address = "https://www.example/a/page.html";
const broken: string[] = [];
let pages = 0;
let refusals = 0;
let proposals = 0;
let edited = 0;
const charsets = new Map<string, number>();
const context = { phrase: "server", houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" };
const files = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((file) => file.endsWith(".html"));
for (const file of files) {
  const original = originalFromBytes(new Uint8Array(readFileSync(`${folder}/${file}`)));
  pages++;
  charsets.set(original.charset.name, (charsets.get(original.charset.name) ?? 0) + 1);
  try {
    const page = readPage(original, { address });
    audit(page, context);
    const some = page.headings.filter((_, i) => i % 3 === 0).slice(0, 12);
    const edits: Edit[] = [
      { op: "set-title", value: "Naïve “title” & 船", was: null },
      { op: "set-description", value: 'Say "boat" <twice>', was: null },
      { op: "set-canonical", value: "https://www.example/x?a=1&b=2", was: null },
      ...some.map((h, i): Edit => {
        if (i % 3 === 0) return { op: "set-heading-level", heading: h.key, level: (h.level % 6) + 1, was: h.level };
        if (i % 3 === 1) return { op: "set-heading-text", heading: h.key, value: `${h.text} 船`, was: h.text };
        return { op: "remove-heading", heading: h.key, was: h.text };
      }),
    ];
    const once = applyToSource(original, edits, { address });
    refusals += once.refused.length;
    const again = readPage({ ...original, bytes: once.bytes }, { address });
    const difference = firstDifference(again, applyToPage(page, edits).page);
    if (difference) broken.push(`${file}: model and source differ in ${difference}`);
    const twice = applyToSource({ ...original, bytes: once.bytes }, edits, { address });
    if (!Buffer.from(twice.bytes).equals(Buffer.from(once.bytes)))
      broken.push(`${file}: a second application changed something`);
    // Edits of every operation, other ones on each page, the same in each run.
    const [random = []] = fc.sample(editsFor(page), { seed: pages, numRuns: 1 });
    edited += random.length;
    const made = applyToSource(original, random, { address });
    const onPage = applyToPage(page, random).page;
    const read = readPage({ ...original, bytes: made.bytes }, { address: onPage.address });
    const misread = firstDifference(read, onPage);
    const left = new Set(made.refused.map(({ edit }) => slotOf(edit)));
    const latest = [...new Map(random.map((edit) => [slotOf(edit), edit])).values()].filter(
      (edit) => !left.has(slotOf(edit)),
    );
    const repeated = applyToSource({ ...original, bytes: made.bytes }, latest, { address });
    const moved = tellsApart(latest) && !Buffer.from(repeated.bytes).equals(Buffer.from(made.bytes));
    if (misread || moved)
      broken.push(`${file}: ${random.map(({ op }) => op).join(", ")}: ${misread ?? "a second application"}`);
    const wrong = statedWrongly(original, page);
    if (wrong) broken.push(`${file}: ${wrong}`);
  } catch (error) {
    broken.push(`${file}: ${String(error)}`);
  }
}

/** What is wrong with the data that a page proposes of itself, once it is written into its source; null where nothing is. */
function statedWrongly(original: Original, page: Page): string | null {
  const stated = proposalsFor(page).map((one, i) => addEntity({ page, written: [] }, one, "blocks", String(i)));
  proposals += stated.length;
  const { bytes, refused } = applyToSource(original, stated, { address });
  const [refusal] = refused;
  if (refusal) return refusal.reason;
  const again = readPage({ ...original, bytes }, { address });
  const found = audit(again, { ...context, written: writtenData(stated) }).find(
    ({ rule, weight }) => rule.startsWith("data/") && weight !== "may",
  );
  return found ? `${found.rule}: ${found.message}` : null;
}

/** Every so many pages are held against axe-core too. */
const EVERY = 9;
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
const tab = await browser.newPage();
/** Some pages move a box with a heading by script; ours are read as they stand. */
const withoutScripts = (source: string) => source.replace(/<script\b[\s\S]*?<\/script>/gi, "");
const differing = new Map<string, string[]>();
let held = 0;
for (const [i, file] of files.entries()) {
  if (i % EVERY !== 0) continue;
  held++;
  const page = readPage(originalFromBytes(new Uint8Array(readFileSync(`${folder}/${file}`))), { address });
  const ours = new Set(audit(page, context).map(({ rule }) => rule));
  for (const one of await differingFromAxe(tab, withoutScripts(page.source), ours))
    differing.set(one, [...(differing.get(one) ?? []), file]);
}
await browser.close();
const against = `${held} of them are held against axe-core in Chromium, their scripts taken out: ${differing.size === 0 ? "no differences" : [...differing].map(([one, where]) => `${one} on ${where.length} pages, such as ${where[0]}`).join("; ")}.`;
/** Other handbooks, where they are installed: docbook, Sphinx and hand-made HTML. */
const OTHERS = ["postgresql-doc-15", "docbook-xsl-doc-html", "python3.11", "debian-policy", "debian-reference-common"];
const handbooks = [folder, ...OTHERS.map((name) => `/usr/share/doc/${name}`).filter((path) => existsSync(path))];
const pagesOf = (path: string) =>
  readdirSync(path, { recursive: true, encoding: "utf8" })
    .filter((file) => file.endsWith(".html"))
    .map((file) => realpathSync(`${path}/${file}`))
    .filter((file) => statSync(file).isFile());
const real = [...new Set(handbooks.flatMap(pagesOf))];

const unlike = real.flatMap((path) => {
  const difference = differenceFromParse5(sourceOf(originalFromBytes(new Uint8Array(readFileSync(path)))));
  return difference ? [`${path}: ${difference}`] : [];
});
broken.push(...unlike);
const trees = `The trees of ${real.length} pages are held against parse5's own, with the offsets of every node and tag: ${unlike.length} differ.`;

/** Every so many pages have some of their paragraphs reworded. */
const REWORDED_EVERY = 25;
const words: Reworded = { paragraphs: 0, rewordings: 0, refused: new Map(), faults: [] };
const contents: Contents = { paragraphs: 0, refused: 0, faults: [] };
for (const [i, path] of real.entries()) {
  if (i % REWORDED_EVERY !== 0) continue;
  const original = originalFromBytes(new Uint8Array(readFileSync(path)));
  const file = path.replace("/usr/share/doc/", "");
  reword(sourceOf(original), file, 8, words);
  changeContents(original, file, 20, contents);
}
const changed = `${contents.paragraphs} paragraphs changed as in the editor of paragraphs (a word, markup, a link, a line break, a piece less): ${contents.faults.length} read otherwise than was meant, or differ in anything else. ${contents.refused} were refused with a reason.`;
broken.push(...contents.faults);
const refusedWords = [...words.refused].map(([why, n]) => `- ${n} × ${why}\n`).join("");
const reworded = `${words.paragraphs} paragraphs with inline markup, reworded in ${words.rewordings} ways: ${words.faults.length} left an empty element, cut a word, lost markup that kept its words, or read otherwise. ${[...words.refused.values()].reduce((a, b) => a + b, 0)} were refused with a reason:`;
broken.push(...words.faults);

/** Made-up hostile inputs beside the known ones. */
const HOSTILE = 150;
const hostile = hostileFaults(HOSTILE);
const against1MB = `${HOSTILE} made-up inputs and every known one, up to 1 MB each, are read, audited, summarised and applied to: ${hostile.length} took longer than two seconds for a step, grew faster than n log n, or threw.`;
const alarms = alarmsOver(real, context.today);
const sets = [...charsets].map(([name, n]) => `${name} ${n}`).join(", ");
const result = `${pages} pages of ${folder} (${sets}), up to 15 edits each and ${edited} of every operation at random, ${refusals} edits refused with a reason, ${proposals} entities proposed and stated, ${broken.length} broken.`;
console.log(result, trees, against, reworded, changed, [...broken, ...hostile].slice(0, 20).join("\n"));
writeFileSync(
  new URL("../docs/check-long.md", import.meta.url),
  `# The long check\n\nWritten by \`npm run check:long\` on ${new Date().toISOString().slice(0, 10)}: every page of ${folder} is read, audited and rewritten; the model must equal the rewritten source read again, and a second application must change nothing. What a page proposes of itself is stated in its source, and must pass the rules about data.\n\n${result}\n\n${trees}\n\n${against}\n\n## Reworded paragraphs\n\n${reworded}\n\n${refusedWords}\n${changed}\n\n## Hostile inputs\n\n${against1MB}\n\n${hostile.map((one) => `- ${one}\n`).join("")}\n## What rules find on real pages\n\n${real.length} pages of ${handbooks.length} handbooks. Of rules that once raised false alarms: what is left, and why.\n\n| rule | findings | pages | what they are |\n| --- | --- | --- | --- |\n${alarms.join("\n")}\n${broken.map((b) => `- ${b}\n`).join("")}`,
);
run("npx", ["--no-install", "biome", "format", "--write", "docs/check-long.md"], { stdio: "ignore" });
process.exit(broken.length + hostile.length + differing.size > 0 ? 1 : 0);
