import { fromMarkdown } from "mdast-util-from-markdown";
import { toString as textOf } from "mdast-util-to-string";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { audit } from "../audit/auditor.ts";
import { readPage } from "../page/read.ts";
import { TOLD } from "../rules/told.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { findingsCsv, findingsHtml, findingsMarkdown, findingsReport } from "./findings-report.ts";

const nasty = 'It says “<b>*5* & [6](x)</b>”,\n"_twice_" `here` #1 | 2.';
const report = findingsReport(
  {
    pages: [
      {
        address: "https://quay.example/a_b_c",
        findings: [
          { rule: "title/too-wide", weight: "should", message: "It loses “to shore”." },
          { rule: "heading/empty", weight: "should", message: nasty },
          { rule: "heading/empty", weight: "may", message: "Another." },
        ],
      },
      { address: "https://quay.example/d", findings: [{ rule: "title/too-wide", weight: "must", message: "Cut." }] },
      { address: "https://quay.example/e", findings: [] },
    ],
    across: [
      {
        rule: "title/duplicate",
        weight: "should",
        message: "2 pages have one title.",
        addresses: ["https://quay.example/a_b_c", "https://quay.example/e"],
      },
    ],
  },
  { of: "Quay & <Sons>", day: "2026-11-27" },
);

describe("a report of findings", () => {
  it("is in the order of subjects, the weightiest first, a sentence a rule", () => {
    expect(report.parts.map(({ subject, lines }) => [subject, lines.map(({ sentence }) => sentence)])).toEqual([
      ["Titles", ["2 titles are cut on desktop", "2 pages have titles that other pages have too"]],
      ["Headings", ["1 page has an empty heading"]],
    ]);
    // A finding across pages counts once.
    expect(report.totals).toEqual({ must: 1, should: 3, may: 1 });
  });

  it("is a spreadsheet that has every message in a row", () => {
    const { data, errors } = Papa.parse<Record<string, string>>(findingsCsv(report), { header: true });
    expect(errors).toEqual([]);
    expect(data).toHaveLength(6);
    expect(data).toContainEqual({
      subject: "Headings",
      rule: "heading/empty",
      weight: "should",
      address: "https://quay.example/a_b_c",
      message: nasty,
    });
  });

  // mdast-util-from-markdown reads CommonMark 0.31.
  it("is Markdown in which no message turns into markup", () => {
    const tree = fromMarkdown(findingsMarkdown(report));
    const read = textOf(tree);
    for (const text of ["What Quay & <Sons> needs", "https://quay.example/a_b_c", nasty.replace("\n", " ")])
      expect(read).toContain(text);
    expect(new Set(tree.children.map(({ type }) => type))).toEqual(new Set(["heading", "paragraph", "list"]));
  });

  it("is a page in which no message turns into markup, and that its own rules find nothing weighty in", () => {
    const page = readPage(findingsHtml(report), { address: "https://quay.example/report" });
    expect(page.blocks.map(({ text }) => text)).toContain(nasty.replace("\n", " "));
    expect(Array.from(page.headings, ({ level, text }) => `${level} ${text}`)).toEqual([
      "1 What Quay & <Sons> needs",
      "2 Titles",
      "3 2 titles are cut on desktop (must)",
      "3 2 pages have titles that other pages have too (should)",
      "2 Headings",
      "3 1 page has an empty heading (should)",
    ]);
    const found = audit(page, { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-27" });
    expect(found.filter(({ weight }) => weight === "must")).toEqual([]);
  });

  it("tells of a page that could not be read first", () => {
    const told = findingsReport(
      {
        pages: [
          {
            address: "https://quay.example/f",
            findings: [{ rule: "page/unreadable", weight: "must", message: "It is empty." }],
          },
        ],
        across: [],
      },
      { of: "Quay", day: "2026-11-27" },
    );
    expect(findingsMarkdown(told)).toContain(
      "## Pages\n\n### 1 page could not be read (must)\n\n- https://quay.example/f: It is empty.",
    );
  });

  it("has every finding that its totals count, whatever its rule", () => {
    const rules = [...TOLD.keys()];
    const told = findingsReport(
      {
        pages: [
          {
            address: "https://quay.example/f",
            findings: rules.map((rule) => ({ rule, weight: "may" as const, message: rule })),
          },
        ],
        across: [],
      },
      { of: "Quay", day: "2026-11-27" },
    );
    expect(told.parts.flatMap(({ lines }) => lines)).toHaveLength(rules.length);
    expect(told.totals.may).toBe(rules.length);
  });

  it("is a sentence and nothing else where nothing was found", () => {
    const empty = findingsReport({ pages: [], across: [] }, { of: "Quay", day: "2026-11-27" });
    expect(findingsMarkdown(empty)).toBe("# What Quay needs\n\n0 pages: 0 must, 0 should, 0 may. 2026-11-27\n");
    expect(findingsCsv(empty)).toBe("");
  });
});
