import { collapse } from "../page/page.ts";
import type { OtherResult } from "../result/line-up.ts";
import { addressColumn, assignColumns, readTable } from "./table-file.ts";
import { readXml } from "./xml.ts";

/** Results that were read, and what was left out. */
export interface ReadResults {
  results: OtherResult[];
  notes: string[];
}

/** Results that are taken of a list. */
export const MOST_RESULTS = 50;
/** Longest texts that are kept, in UTF-16 code units: a result shows a tenth of that. */
const LONGEST = 2000;

/**
 * Reads what a results service answers: RSS 2.0 as OpenSearch 1.1 has its results (“OpenSearch response elements”), an item
 * a result. Or why it cannot be read.
 */
export function readResultsFeed(text: string): ReadResults | { reason: string } {
  const items: OtherResult[] = [];
  let item: OtherResult = { title: "", address: "", description: "" };
  const { root, fault } = readXml(
    text.replace(/^\ufeff/, "").trimStart(),
    (path) => path.slice(0, 3).join(" ") === "rss channel item" && path.length <= 4,
    ([, , , field], words) => {
      const value = collapse(words).slice(0, LONGEST);
      if (field === undefined) {
        items.push(item);
        item = { title: "", address: "", description: "" };
      } else if (field === "title" || field === "description") item[field] = value;
      else if (field === "link") item.address = value;
    },
  );
  if (root !== "rss") return { reason: "The service has not answered with results: what came is no RSS." };
  if (fault)
    return { reason: `The service's answer cannot be read: line ${fault.line}, ${fault.reason.replace(/\.$/, "")}.` };
  return taken(items);
}

/**
 * Reads a pasted list or a CSV of results: columns of title, address and description, known by their headings or by their
 * cells; or blocks of lines, parted by empty ones, of which one is an address.
 */
export function readResultsList(source: Uint8Array | string): ReadResults | { reason: string } {
  const blocks = typeof source === "string" ? blocksIn(source) : null;
  if (blocks) return taken(blocks);
  const table = readTable(source);
  if ("reason" in table) return table;
  const { columns, headed } = assignColumns(table.rows);
  const at = columns.includes("address") ? columns.indexOf("address") : addressColumn(table.rows, columns, headed);
  if (at < 0) return { reason: "No column holds addresses. Give each result a title, an address and a description." };
  const width = table.rows[0]?.length ?? 0;
  const others = Array.from({ length: width }, (_, i) => i).filter((i) => i !== at);
  const named = (name: "title" | "description") => columns.indexOf(name);
  const title = named("title") >= 0 ? named("title") : others.find((i) => i !== named("description"));
  const description = named("description") >= 0 ? named("description") : others.find((i) => i !== title);
  const cell = (row: readonly string[], i: number | undefined) =>
    collapse(i === undefined ? "" : (row[i] ?? "")).slice(0, LONGEST);
  const rows = table.rows.slice(headed ? 1 : 0).map((row) => ({
    title: cell(row, title),
    address: cell(row, at),
    description: cell(row, description),
  }));
  return taken(rows, table.notes);
}

/** The addresses that a text consists of, one a line; null where it holds anything else. */
export function addressesAlone(text: string): string[] | null {
  const lines = text.split("\n").map(collapse).filter(Boolean);
  return lines.length > 0 && lines.every((line) => /^https?:\/\/\S+$/i.test(line))
    ? [...new Set(lines)].slice(0, MOST_RESULTS)
    : null;
}

const isAddress = (line: string) => /^(?:https?:\/\/\S+|[\w-]+(?:\.[\w-]+)+(?:\s*[/›>]\s*\S+)*\/?)$/iu.test(line);

/** Blocks of lines that each hold one address; null where the text is no such list. */
function blocksIn(text: string): OtherResult[] | null {
  const blocks = text
    .split(/\n\s*\n/)
    .map((block) =>
      block
        .split("\n")
        .map((line) => collapse(line))
        .filter(Boolean),
    )
    .filter((lines) => lines.length > 1);
  if (blocks.length === 0 || !blocks.every((lines) => lines.filter(isAddress).length === 1)) return null;
  return blocks.map((lines) => {
    const words = lines.filter((line) => !isAddress(line));
    return {
      title: (words[0] ?? "").slice(0, LONGEST),
      address: lines.find(isAddress) ?? "",
      description: words.slice(1).join(" ").slice(0, LONGEST),
    };
  });
}

/** A scheme other than http and https; “example.org:8080” has none. */
const OTHER_SCHEME = /^(?!https?:)[a-z][a-z0-9+-]*:(?!\d)/i;

/** Results with a title and an address, as many as a line-up holds. */
function taken(all: readonly OtherResult[], before: readonly string[] = []): ReadResults | { reason: string } {
  const named = all.filter(({ title, address }) => title !== "" && address !== "");
  const results = named.filter(({ address }) => !OTHER_SCHEME.test(address));
  if (results.length === 0) return { reason: "There are no results in it: each needs a title and an address." };
  const notes = [...before];
  const lacking = all.length - named.length;
  const others = named.length - results.length;
  if (others > 0)
    notes.push(
      `${others === 1 ? "One row has" : `${others} rows have`} an address that begins with neither http nor https, and ${others === 1 ? "is" : "are"} left out.`,
    );
  if (lacking > 0)
    notes.push(
      `${lacking === 1 ? "One row lacks" : `${lacking} rows lack`} a title or an address, and ${lacking === 1 ? "is" : "are"} left out.`,
    );
  if (results.length > MOST_RESULTS) notes.push(`Of ${results.length} results the first ${MOST_RESULTS} are taken.`);
  return { results: results.slice(0, MOST_RESULTS), notes };
}

/** The address of a results service for a phrase: `template` has {searchTerms}, as OpenSearch 1.1 writes it. */
export function resultsAddress(template: string, phrase: string): { address: string } | { reason: string } {
  if (!template.includes("{searchTerms}"))
    return { reason: "The address of a results service has {searchTerms} where the phrase stands." };
  const address = template.replaceAll("{searchTerms}", encodeURIComponent(phrase));
  return URL.canParse(address) && /^https?:/i.test(address)
    ? { address }
    : { reason: "The address of a results service begins with http:// or https://." };
}
