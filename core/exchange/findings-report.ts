import { type Counted, countFound, packFound, type Totals } from "../findings/found.ts";
import { tallyOf } from "../findings/tally.ts";
import { countedAs } from "../rules/counted.ts";
import { subjectOf } from "../rules/subjects.ts";
import { TOLD, TOLD_SUBJECTS } from "../rules/told.ts";
import { WEIGHTS, type Weight } from "../settings/setting.ts";
import { csvOf } from "./csv.ts";
import { escapedHtml } from "./html-text.ts";

/** What a report tells: findings of each page, and findings across pages with the addresses of theirs. */
export interface Reported {
  pages: readonly { address: string; findings: readonly (Counted & { message: string })[] }[];
  across: readonly { rule: string; weight: Weight; message: string; addresses: readonly string[] }[];
}

interface Line {
  rule: string;
  weight: Weight;
  /** “7 titles are cut on desktop”. */
  sentence: string;
  /** What is found where, in the order of the pages. */
  on: { address: string; messages: string[] }[];
}

/** Findings by subject, the weightiest first: the report for people who get a document. */
export interface FindingsReport {
  /** What it is of: a site's name or address. */
  of: string;
  /** YYYY-MM-DD. */
  day: string;
  pages: number;
  totals: Totals;
  parts: { subject: string; lines: Line[] }[];
}

const order = (weight: Weight) => WEIGHTS.indexOf(weight);

/** Puts a report together. */
export function findingsReport({ pages, across }: Reported, about: { of: string; day: string }): FindingsReport {
  const rules = new Map<string, { weight: Weight; on: Map<string, string[]> }>();
  const add = (rule: string, weight: Weight, address: string, message: string) => {
    const line = rules.get(rule) ?? { weight, on: new Map<string, string[]>() };
    if (order(weight) < order(line.weight)) line.weight = weight;
    line.on.set(address, [...(line.on.get(address) ?? []), message]);
    rules.set(rule, line);
  };
  for (const { address, findings } of pages)
    for (const { rule, weight, message } of findings) add(rule, weight, address, message);
  const { totals } = tallyOf(
    pages.map(({ address, findings }) => ({ id: address, found: packFound(countFound(findings)) })),
    [],
  );
  for (const { rule, weight, message, addresses } of across) {
    totals[weight]++;
    for (const address of addresses) add(rule, weight, address, message);
  }
  const lines = [...rules].map(([rule, { weight, on }]): Line => {
    const facts = TOLD.get(rule);
    const { what, rest } = facts ? countedAs(facts, on.size) : { what: String(on.size), rest: rule };
    return {
      rule,
      weight,
      sentence: `${what} ${rest}`,
      on: Array.from(on, ([address, messages]) => ({ address, messages })),
    };
  });
  lines.sort((a, b) => order(a.weight) - order(b.weight) || b.on.length - a.on.length || (a.rule < b.rule ? -1 : 1));
  const parts = Object.entries(TOLD_SUBJECTS).flatMap(([id, subject]) => {
    const own = lines.filter(({ rule }) => subjectOf(rule) === id);
    return own.length > 0 ? [{ subject, lines: own }] : [];
  });
  return { ...about, pages: pages.length, totals, parts };
}

const pagesOf = (n: number) => (n === 1 ? "1 page" : `${n} pages`);
const summary = ({ pages, totals: { must, should, may }, day }: FindingsReport) =>
  `${pagesOf(pages)}: ${must} must, ${should} should, ${may} may. ${day}`;

/** Every message in a row of its own. */
export const findingsCsv = ({ parts }: FindingsReport): string =>
  csvOf(
    parts.flatMap(({ subject, lines }) =>
      lines.flatMap(({ rule, weight, on }) =>
        on.flatMap(({ address, messages }) => messages.map((message) => ({ subject, rule, weight, address, message }))),
      ),
    ),
  );

/** Characters that Markdown would read as markup, and line ends. */
const plain = (text: string) =>
  text.replace(/\s*\n\s*/g, " ").replace(/[\\`*_{}[\]<>#|~&]/g, (character) => `\\${character}`);

/** CommonMark: a heading a subject, a list a rule. */
export function findingsMarkdown(report: FindingsReport): string {
  const text = [`# What ${plain(report.of)} needs`, "", summary(report), ""];
  for (const { subject, lines } of report.parts) {
    text.push(`## ${subject}`, "");
    for (const { weight, sentence, on } of lines) {
      text.push(`### ${plain(sentence)} (${weight})`, "");
      for (const { address, messages } of on) text.push(`- ${plain(address)}: ${messages.map(plain).join(" ")}`);
      text.push("");
    }
  }
  return `${text.join("\n").trimEnd()}\n`;
}

const STYLE =
  "body{max-width:44rem;margin:2rem auto;padding:0 1rem;font:1rem/1.5 Georgia,serif;color:#1b2330;background:#fff}" +
  "h1{font-size:1.5rem}h2{font-size:1.2rem;border-bottom:1px solid #ddd6c8}h3{font-size:1rem;margin-bottom:.25rem}" +
  "dl{margin:0 0 1rem}dt{font-family:monospace;overflow-wrap:anywhere}dd{margin:0 0 .25rem 1.5rem}";

/** A document of its own, without script and without anything to be loaded. */
export function findingsHtml(report: FindingsReport): string {
  const title = `What ${escapedHtml(report.of)} needs`;
  const parts = report.parts.map(
    ({ subject, lines }) =>
      `<section>\n<h2>${escapedHtml(subject)}</h2>\n${lines
        .map(
          ({ weight, sentence, on }) =>
            `<h3>${escapedHtml(sentence)} (${weight})</h3>\n<dl>\n${on
              .map(
                ({ address, messages }) =>
                  `<dt>${escapedHtml(address)}</dt>\n${messages.map((message) => `<dd>${escapedHtml(message)}</dd>`).join("\n")}`,
              )
              .join("\n")}\n</dl>`,
        )
        .join("\n")}\n</section>`,
  );
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${title}</title>
<style>${STYLE}</style>
</head>
<body>
<main>
<h1>${title}</h1>
<p>${escapedHtml(summary(report))}</p>
${parts.join("\n")}
</main>
</body>
</html>
`;
}
