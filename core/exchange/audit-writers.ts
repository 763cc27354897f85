import type { Weight } from "../settings/setting.ts";
import type { AuditEnd, PageEntry } from "./audit-report.ts";
import { csvOf } from "./csv.ts";
import { findingsHtml, findingsMarkdown, findingsReport, type Reported } from "./findings-report.ts";
import { pageResults, sarifAround, siteResult } from "./sarif.ts";

/** An audit that is written page by page, so that of 100,000 pages no more is kept than the format needs. */
export interface AuditWriter {
  /** What is written for the next page; "" where there is nothing. */
  page(entry: PageEntry): string;
  /** What is written behind the last page. */
  end(end: AuditEnd): string;
}

/** What a document tells beside its findings. */
interface About {
  of: string;
  /** YYYY-MM-DD. */
  day: string;
  /** This program's version. */
  version: string;
}

export type AuditFormat = "text" | "json" | "sarif" | "github" | "csv" | "markdown" | "html";

/** The formats in which an audit is handed over. */
export const AUDIT_WRITERS: Record<AuditFormat, (about: About) => AuditWriter> = {
  text: textWriter,
  json: jsonWriter,
  sarif: sarifWriter,
  github: annotationWriter,
  csv: csvWriter,
  markdown: (about) => documentWriter((reported) => findingsMarkdown(findingsReport(reported, about))),
  html: (about) => documentWriter((reported) => findingsHtml(findingsReport(reported, about))),
};

function textWriter(): AuditWriter {
  return {
    page({ file, findings }) {
      if (findings.length === 0) return "";
      const lines = findings.map(({ rule, weight, message, line, column }) => {
        const place = line === null ? "" : `${line}:${column} `;
        return `  ${weight.padEnd(6)} ${place}${message} (${rule})\n`;
      });
      return `${file}\n${lines.join("")}`;
    },
    end({ site, pages, totals: { must, should, may } }) {
      const lines = site.map(
        ({ rule, weight, message, pages }) =>
          `${weight.padEnd(6)} ${message} (${rule})\n${pages.map((file) => `         ${file}\n`).join("")}`,
      );
      return `${lines.join("")}${pages === 1 ? "1 page" : `${pages} pages`}: ${must} must, ${should} should, ${may} may\n`;
    },
  };
}

const ITEMS = "items of this list";

/** JSON whose one list is written item by item. In `around` it holds ITEMS alone, and nothing free stands before it. */
function listWriter(): { items(around: object, items: readonly object[]): string; end(around: object): string } {
  const marked = JSON.stringify(ITEMS);
  let begun = false;
  const parts = (around: object) => {
    const text = JSON.stringify(around, null, 2);
    const at = text.indexOf(marked);
    const before = text.slice(0, at);
    return { before, indent: /\n *$/.exec(before)?.[0] ?? "\n", after: text.slice(at + marked.length) };
  };
  const items = (around: object, list: readonly object[]) => {
    const { before, indent } = parts(around);
    return list
      .map((item) => {
        const text = `${begun ? `,${indent}` : before}${JSON.stringify(item, null, 2).replaceAll("\n", indent)}`;
        begun = true;
        return text;
      })
      .join("");
  };
  return {
    items,
    end(around) {
      const { before, after } = parts(around);
      return `${begun ? "" : before}${after}\n`;
    },
  };
}

/** Version 1: documented in docs/cli.md and kept stable. */
function jsonWriter(): AuditWriter {
  const list = listWriter();
  const around = { version: 1, pages: [ITEMS] };
  return {
    page: (entry) => list.items(around, [entry]),
    end: ({ site, totals }) => list.end({ ...around, site: { findings: site }, totals }),
  };
}

function sarifWriter({ version }: About): AuditWriter {
  const list = listWriter();
  const used = new Set<string>();
  return {
    page(entry) {
      for (const { rule } of entry.findings) used.add(rule);
      return list.items(sarifAround([ITEMS], [], version), pageResults(entry));
    },
    end({ site }) {
      for (const { rule } of site) used.add(rule);
      const results = list.items(sarifAround([ITEMS], [], version), site.map(siteResult));
      return `${results}${list.end(sarifAround([ITEMS], used, version))}`;
    },
  };
}

const COMMANDS: Record<Weight, string> = { must: "error", should: "warning", may: "notice" };

/** Annotations as workflow commands of GitHub Actions, one a line. How they are escaped is from memory. */
function annotationWriter(): AuditWriter {
  const data = (text: string) => text.replaceAll("%", "%25").replaceAll("\r", "%0D").replaceAll("\n", "%0A");
  const property = (text: string) => data(text).replaceAll(":", "%3A").replaceAll(",", "%2C");
  const annotation = (weight: Weight, properties: Record<string, string | number | null>, message: string) => {
    const given = Object.entries(properties).filter(([, value]) => value !== null);
    const listed = given.map(([name, value]) => `${name}=${property(String(value))}`).join(",");
    return `::${COMMANDS[weight]} ${listed}::${data(message)}\n`;
  };
  return {
    page: ({ file, findings }) =>
      findings
        .map(({ rule, weight, message, line, column }) =>
          annotation(weight, { file, line, col: column, title: rule }, message),
        )
        .join(""),
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
  };
}

interface CsvRow extends Record<string, string | number> {
  file: string;
  address: string;
  rule: string;
  weight: Weight;
  message: string;
  line: string | number;
  column: string | number;
}

function csvWriter(): AuditWriter {
  const addresses = new Map<string, string>();
  let begun = false;
  const written = (rows: CsvRow[]) => {
    if (rows.length === 0) return "";
    const text = csvOf(rows, { header: !begun });
    begun = true;
    return `${text}\r\n`;
  };
  return {
    page({ file, address, findings }) {
      addresses.set(file, address);
      return written(
        findings.map(({ rule, weight, message, line, column }) => ({
          file,
          address,
          rule,
          weight,
          message,
          line: line ?? "",
          column: column ?? "",
        })),
      );
    },
    end({ site }) {
      const rows = site.flatMap(({ rule, weight, message, pages }) =>
        pages.map((file) => {
          const address = addresses.get(file) ?? "";
          return { file, address, rule, weight, message, line: "", column: "" };
        }),
      );
      return written(rows);
    },
  };
}

/** A document tells its findings rule by rule: it is written when all are there. */
function documentWriter(write: (reported: Reported) => string): AuditWriter {
  const addresses = new Map<string, string>();
  const pages: Reported["pages"][number][] = [];
  return {
    page({ file, address, findings }) {
      addresses.set(file, address);
      pages.push({ address, findings: findings.map(({ rule, weight, message }) => ({ rule, weight, message })) });
      return "";
    },
    end({ site }) {
      const across = site.map(({ pages, ...finding }) => ({
        ...finding,
        addresses: pages.map((file) => addresses.get(file) ?? file),
      }));
      return write({ pages, across });
    },
  };
}
