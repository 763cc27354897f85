import type { Finding } from "../findings/finding.ts";
import { NO_TOTALS, type Totals } from "../findings/found.ts";
import type { Page } from "../page/page.ts";
import type { HouseStyle } from "../settings/house-style.ts";
import type { Weight } from "../settings/setting.ts";
import { type AuditEnd, type FindingsEntry, findingsEntry, pageEntry } from "./audit-report.ts";
import { csvOf } from "./csv.ts";
import { findingsHtml, findingsMarkdown, findingsReport, type Reported } from "./findings-report.ts";
import { pageResults, sarifAround, siteResult } from "./sarif.ts";

/** What a format writes of one page, by itself: it may be made on another thread, and kept. */
export interface WrittenPage {
  file: string;
  address: string;
  /** "" where there is nothing. */
  text: string;
  /** Rules that have found something. */
  rules: readonly string[];
  totals: Readonly<Totals>;
}

/** An audit that is written page by page, so that of 100,000 pages no more is kept than the format needs. */
interface AuditWriter {
  /** What is written for the next page; "" where there is nothing. */
  page(written: WrittenPage): string;
  /** What is written behind the last page. */
  end(end: AuditEnd): string;
}

/** A page with what was found on it, and the house style of its kind. */
interface Audited {
  file: string;
  page: Page;
  findings: readonly Finding[];
  houseStyle: HouseStyle;
}

interface AuditWriting {
  page(audited: Audited): string;
  writer(about: About): AuditWriter;
}

/** Writes what was found, for a format that tells nothing else of a page. */
const ofFindings =
  (write: (entry: FindingsEntry) => string) =>
  ({ file, page, findings }: Audited): string =>
    write(findingsEntry(file, page, findings));

/** What a document tells beside its findings. */
interface About {
  of: string;
  /** YYYY-MM-DD. */
  day: string;
  /** This program's version. */
  version: string;
}

export type AuditFormat = "text" | "json" | "sarif" | "github" | "csv" | "markdown" | "html";

const asItIs = ({ text }: WrittenPage) => text;

/** What a format writes of one page. */
export function writePage(format: AuditFormat, audited: Audited): WrittenPage {
  const { file, page, findings } = audited;
  const totals = { ...NO_TOTALS };
  for (const { weight } of findings) totals[weight]++;
  const rules = [...new Set(findings.map(({ rule }) => rule))];
  return { file, address: page.address, text: FORMATS[format].page(audited), rules, totals };
}

/** Puts together what a format writes of pages. */
export const auditWriter = (format: AuditFormat, about: About): AuditWriter => FORMATS[format].writer(about);

const TEXT: AuditWriting = {
  page: ofFindings(({ file, findings }) => {
    if (findings.length === 0) return "";
    const lines = findings.map(({ rule, weight, message, line, column }) => {
      const place = line === null ? "" : `${line}:${column} `;
      return `  ${weight.padEnd(6)} ${place}${message} (${rule})\n`;
    });
    return `${file}\n${lines.join("")}`;
  }),
  writer: () => ({
    page: asItIs,
    end({ site, pages, totals: { must, should, may } }) {
      const lines = site.map(
        ({ rule, weight, message, pages }) =>
          `${weight.padEnd(6)} ${message} (${rule})\n${pages.map((file) => `         ${file}\n`).join("")}`,
      );
      return `${lines.join("")}${pages === 1 ? "1 page" : `${pages} pages`}: ${must} must, ${should} should, ${may} may\n`;
    },
  }),
};

const ITEMS = "items of this list";

/** JSON around its one list. The list holds ITEMS alone, and nothing free stands before it. */
function partsAround(around: object): { before: string; between: string; after: string } {
  const marked = JSON.stringify(ITEMS);
  const text = JSON.stringify(around, null, 2);
  const at = text.indexOf(marked);
  const before = text.slice(0, at);
  return { before, between: `,${/\n *$/.exec(before)?.[0] ?? "\n"}`, after: text.slice(at + marked.length) };
}

/** Items of the list, one behind the other. */
function itemsIn(around: object, items: readonly object[]): string {
  const { between } = partsAround(around);
  return items.map((item) => JSON.stringify(item, null, 2).replaceAll("\n", between.slice(1))).join(between);
}

/** JSON whose one list is written in pieces. */
function listWriter(around: object): { items(text: string): string; end(around: object): string } {
  const { before, between } = partsAround(around);
  let begun = false;
  return {
    items(text) {
      if (text === "") return "";
      const written = `${begun ? between : before}${text}`;
      begun = true;
      return written;
    },
    end: (around) => `${begun ? "" : before}${partsAround(around).after}\n`,
  };
}

const JSON_AROUND = { version: 1, pages: [ITEMS] };

/** Version 1: documented in docs/cli.md and kept stable. */
const AS_JSON: AuditWriting = {
  page: ({ file, page, findings, houseStyle }) => itemsIn(JSON_AROUND, [pageEntry(file, page, findings, houseStyle)]),
  writer() {
    const list = listWriter(JSON_AROUND);
    return {
      page: ({ text }) => list.items(text),
      end: ({ site, totals }) => list.end({ ...JSON_AROUND, site: { findings: site }, totals }),
    };
  },
};

const SARIF_AROUND = sarifAround([ITEMS], [], "");

const AS_SARIF: AuditWriting = {
  page: ofFindings((entry) => itemsIn(SARIF_AROUND, pageResults(entry))),
  writer({ version }) {
    const list = listWriter(SARIF_AROUND);
    const used = new Set<string>();
    return {
      page({ text, rules }) {
        for (const rule of rules) used.add(rule);
        return list.items(text);
      },
      end({ site }) {
        for (const { rule } of site) used.add(rule);
        return `${list.items(itemsIn(SARIF_AROUND, site.map(siteResult)))}${list.end(sarifAround([ITEMS], used, version))}`;
      },
    };
  },
};

const COMMANDS: Record<Weight, string> = { must: "error", should: "warning", may: "notice" };

const escaped = (text: string) => text.replaceAll("%", "%25").replaceAll("\r", "%0D").replaceAll("\n", "%0A");
const property = (text: string) => escaped(text).replaceAll(":", "%3A").replaceAll(",", "%2C");

function annotation(weight: Weight, properties: Record<string, string | number | null>, message: string): string {
  const given = Object.entries(properties).filter(([, value]) => value !== null);
  const listed = given.map(([name, value]) => `${name}=${property(String(value))}`).join(",");
  return `::${COMMANDS[weight]} ${listed}::${escaped(message)}\n`;
}

/** Annotations as workflow commands of GitHub Actions, one a line. How they are escaped is from memory. */
const ANNOTATIONS: AuditWriting = {
  page: ofFindings(({ file, findings }) =>
    findings
      .map(({ rule, weight, message, line, column }) =>
        annotation(weight, { file, line, col: column, title: rule }, message),
      )
      .join(""),
  ),
  writer: () => ({
    page: asItIs,
    end: ({ site }) =>
      site
        .map(({ rule, weight, message, pages: [file = "", ...others] }) =>
          annotation(
            weight,
            { file, title: rule },
            others.length > 0 ? `${message}\nAlso on ${others.join(", ")}` : message,
          ),
        )
        .join(""),
  }),
};

interface CsvRow extends Record<string, string | number> {
  file: string;
  address: string;
  rule: string;
  weight: Weight;
  message: string;
  line: string | number;
  column: string | number;
}

const HEADER = "file,address,rule,weight,message,line,column\r\n";
const rowsText = (rows: readonly CsvRow[], header: boolean) =>
  rows.length === 0 ? "" : `${csvOf(rows, { header })}\r\n`;

const AS_CSV: AuditWriting = {
  page: ofFindings(({ file, address, findings }) =>
    rowsText(
      findings.map(({ rule, weight, message, line, column }) => ({
        file,
        address,
        rule,
        weight,
        message,
        line: line ?? "",
        column: column ?? "",
      })),
      false,
    ),
  ),
  writer() {
    const addresses = new Map<string, string>();
    let begun = false;
    return {
      page({ file, address, text }) {
        addresses.set(file, address);
        if (text === "") return "";
        const header = begun ? "" : HEADER;
        begun = true;
        return `${header}${text}`;
      },
      end({ site }) {
        const rows = site.flatMap(({ rule, weight, message, pages }) =>
          pages.map((file) => {
            const address = addresses.get(file) ?? "";
            return { file, address, rule, weight, message, line: "", column: "" };
          }),
        );
        return rowsText(rows, !begun);
      },
    };
  },
};

/** A document tells its findings rule by rule: it is written when all are there. */
const document = (write: (reported: Reported, about: About) => string): AuditWriting => ({
  page: ({ findings }) => JSON.stringify(findings.map(({ rule, weight, message }) => ({ rule, weight, message }))),
  writer(about) {
    const addresses = new Map<string, string>();
    const pages: Pick<WrittenPage, "address" | "text">[] = [];
    return {
      page({ file, address, text }) {
        addresses.set(file, address);
        pages.push({ address, text });
        return "";
      },
      end({ site }) {
        const across = site.map(({ pages, ...finding }) => ({
          ...finding,
          addresses: pages.map((file) => addresses.get(file) ?? file),
        }));
        return write(
          { pages: pages.map(({ address, text }) => ({ address, findings: JSON.parse(text) })), across },
          about,
        );
      },
    };
  },
});

/** The formats in which an audit is handed over. */
const FORMATS: Record<AuditFormat, AuditWriting> = {
  text: TEXT,
  json: AS_JSON,
  sarif: AS_SARIF,
  github: ANNOTATIONS,
  csv: AS_CSV,
  markdown: document((reported, about) => findingsMarkdown(findingsReport(reported, about))),
  html: document((reported, about) => findingsHtml(findingsReport(reported, about))),
};
