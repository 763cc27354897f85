import Ajv from "ajv-draft-04";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { audit } from "../audit/auditor.ts";
import { auditSite } from "../audit/examine-site.ts";
import { type Finding, totalsOf } from "../findings/finding.ts";
import { readPage } from "../page/read.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { facetsOf } from "../site/facets/page-facets.ts";
import { Site } from "../site/index/site.ts";
import { pageEntry, type SiteEntry, siteEntry } from "./audit-report.ts";
import { type AuditFormat, auditWriter, writePage } from "./audit-writers.ts";
import { changeListCsv } from "./change-list.ts";
import { parseEditFile } from "./edit-file.ts";
import sarifSchema from "./sarif-2.1.0.fixture.json";

const about = { of: "a.example", day: "2026-11-23", version: "1.2.3" };

type AuditedFile = Parameters<typeof writePage>[1];

function audited(): { pages: AuditedFile[]; site: SiteEntry[] } {
  const files = {
    "a b.html": "<title>Home</title><h1>x</h1><h3>y</h3>",
    "c.html": "<title>Home</title>",
    "d.html": "",
  };
  const pages = Object.entries(files).map(([file, source]) => {
    const page = readPage(source, { address: `https://a.example/${file}` });
    const findings = audit(page, { phrase: "lamp", houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" });
    return { audited: { file, page, findings, houseStyle: DEFAULT_HOUSE_STYLE }, facets: facetsOf(file, page) };
  });
  const site = auditSite(new Site(pages.map((p) => p.facets)), DEFAULT_HOUSE_STYLE).map(siteEntry);
  return { pages: pages.map((p) => p.audited), site };
}

function written(format: AuditFormat, { pages, site } = audited()): string {
  const writer = auditWriter(format, about);
  const totals = totalsOf([...pages.flatMap(({ findings }) => findings), ...site]);
  return (
    pages.map((page) => writer.page(writePage(format, page))).join("") +
    writer.end({ site, pages: pages.length, totals })
  );
}

describe("an audit", () => {
  it("has the documented shape, version 1", () => {
    const { version, pages, site, totals } = JSON.parse(written("json"));
    expect(version).toBe(1);
    expect(Object.keys(pages[0] ?? {})).toEqual([
      "file",
      "address",
      "language",
      "title",
      "description",
      "headings",
      "findings",
    ]);
    expect(Object.keys(pages[0]?.title ?? {})).toEqual(["text", "px", "characters", "cutDesktop", "cutMobile"]);
    expect(pages[0]?.headings[1]).toEqual({ level: 3, text: "y", line: 1, column: 30, landmark: null });
    expect(site.findings[0]).toMatchObject({ rule: "title/duplicate", pages: ["a b.html", "c.html"] });
    expect(totals.must).toBeGreaterThan(0);
  });

  it("is valid SARIF by the OASIS schema of 2.1.0", () => {
    // OASIS Standard, Static Analysis Results Interchange Format 2.1.0, sarif-schema-2.1.0.json. Its formats are not checked.
    const ajv = new Ajv({ strict: false, validateFormats: false, unicodeRegExp: false });
    const valid = ajv.compile(sarifSchema);
    expect(valid(JSON.parse(written("sarif"))), JSON.stringify(valid.errors)).toBe(true);
    expect(valid({ version: "2.1.0", runs: [{ results: [] }] })).toBe(false);
  });

  it("names in SARIF the version, where rules are published, and each finding by the same fingerprint from run to run", () => {
    const [run] = JSON.parse(written("sarif")).runs;
    expect(run.tool.driver.semanticVersion).toBe("1.2.3");
    const links = run.tool.driver.rules.flatMap(({ helpUri }: { helpUri?: string }) => helpUri ?? []);
    expect(links.length).toBeGreaterThan(0);
    for (const link of links) expect(link).toMatch(/^https:\/\//);
    const fingerprints = (moved: string) => {
      const page = readPage(`${moved}<title>Home</title><h1>x</h1><h3>y</h3>`, { address: "https://a.example/" });
      const findings = audit(page, { phrase: "lamp", houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" });
      const one = { file: "a.html", page, findings, houseStyle: DEFAULT_HOUSE_STYLE };
      const { results } = JSON.parse(written("sarif", { pages: [one], site: [] })).runs[0];
      return results.map((one: { partialFingerprints: object }) => JSON.stringify(one.partialFingerprints));
    };
    expect(fingerprints("\n\n\n")).toEqual(fingerprints(""));
    expect(new Set(fingerprints("")).size).toBe(fingerprints("").length);
  });

  // GitHub Docs, “Workflow commands for GitHub Actions”, from memory.
  it("is one annotation a line for a workflow, with what ends one escaped", () => {
    const lines = written("github").trimEnd().split("\n");
    const { pages, site } = audited();
    expect(lines).toHaveLength(pages.flatMap(({ findings }) => findings).length + site.length);
    for (const line of lines) expect(line).toMatch(/^::(?:error|warning|notice) file=[^:]+,title=[^:,]+::./);
    const page = readPage("<!doctype html>\n\n<title>Home</title>", { address: "https://a.example/" });
    const found = { rule: "a/b", weight: "must", message: "50 %\r\n::x", related: [], fix: null, key: "" } as const;
    const findings: Finding[] = [{ ...found, at: { part: "title", range: { start: 23, end: 24 } } }];
    const one = { file: "a,b:c.html", page, findings, houseStyle: DEFAULT_HOUSE_STYLE };
    expect(written("github", { pages: [one], site: [] })).toBe(
      "::error file=a%2Cb%3Ac.html,line=3,col=7,title=a/b::50 %25%0D%0A::x\n",
    );
  });

  it("written page by page is the JSON that it would be at once", () => {
    for (const whole of [audited(), { pages: [], site: [] }]) {
      const { pages, site } = whole;
      const totals = totalsOf([...pages.flatMap(({ findings }) => findings), ...site]);
      const entries = pages.map(({ file, page, findings, houseStyle }) => pageEntry(file, page, findings, houseStyle));
      const atOnce = { version: 1, pages: entries, site: { findings: site }, totals };
      expect(JSON.parse(written("json", whole))).toEqual(atOnce);
      if (pages.length > 0) expect(written("json", whole)).toBe(`${JSON.stringify(atOnce, null, 2)}\n`);
      expect(JSON.parse(written("sarif", whole)).runs[0].results).toHaveLength(
        totals.must + totals.should + totals.may,
      );
    }
  });

  it("is CSV with one heading, and a row for each page of a finding across them", () => {
    const { data, errors } = Papa.parse<Record<string, string>>(written("csv"), { header: true, skipEmptyLines: true });
    const { pages, site } = audited();
    expect(errors).toEqual([]);
    expect(data).toHaveLength(
      pages.flatMap(({ findings }) => findings).length + site.flatMap((finding) => finding.pages).length,
    );
    expect(data.at(-1)).toMatchObject({ address: expect.stringMatching(/^https:/), line: "" });
    expect(data.some(({ file }) => file === "file")).toBe(false);
  });
});

describe("the change list", () => {
  // RFC 4180: CRLF between records (2.1), quotes around fields with commas, quotes and line breaks (2.6), quotes doubled (2.7).
  it("is CSV as RFC 4180 has it, and no formula runs in a spreadsheet", () => {
    const csv = changeListCsv([
      { address: "https://a.example/", edits: [{ op: "set-title", value: 'Say "boat", twice', was: "=HYPERLINK(1)" }] },
    ]);
    expect(csv.split("\r\n")[0]).toBe("address,field,was,is");
    expect(csv).toContain('"Say ""boat"", twice"');
    expect(csv).toContain("'=HYPERLINK(1)");
    expect(Papa.parse(csv, { header: true }).data[0]).toMatchObject({ field: "title", is: 'Say "boat", twice' });
  });
});

// RFC 3986: 2.2 and 2.3 (reserved and unreserved characters), 2.4 (the percent sign), 4.2 (a first segment with a colon).
it.each([
  ["a b/c#d?e.html", "a%20b/c%23d%3Fe.html"],
  ["50%.html", "50%25.html"],
  ["a[1](2)'!*.html", "a%5B1%5D%282%29%27%21%2A.html"],
  ["café/日本.html", "caf%C3%A9/%E6%97%A5%E6%9C%AC.html"],
  ["x:y.html", "x%3Ay.html"],
  ["a-._~b.html", "a-._~b.html"],
  ["a\\b.html", "a/b.html"],
  ["//a/b.html", "/.//a/b.html"],
])("a file in SARIF as an address: %s", (file, expected) => {
  const [page] = audited().pages;
  const one = written("sarif", { pages: [{ ...(page as AuditedFile), file }], site: [] });
  const uris = [...one.matchAll(/"uri": "([^"]*)"/g)].map(([, uri]) => uri);
  expect(new Set(uris)).toEqual(new Set([expected]));
  for (const uri of uris) expect(uri).toMatch(/^(?:[A-Za-z0-9\-._~/]|%[0-9A-F]{2})+$/);
});

it("a page of the web in SARIF is its address", () => {
  const [page] = audited().pages;
  const one = written("sarif", { pages: [{ ...(page as AuditedFile), file: "https://a.example/b c" }], site: [] });
  expect(one).toContain('"uri": "https://a.example/b%20c"');
});

describe("edit operations as JSON", () => {
  it("are read, and faults are named with their place", () => {
    const good = {
      version: 1,
      pages: [{ file: "a.html", edits: [{ op: "set-heading-level", heading: { text: "x" }, level: 2 }] }],
    };
    expect(parseEditFile(JSON.stringify(good))).toMatchObject({ pages: [{ file: "a.html" }] });
    const bad = {
      version: 1,
      pages: [{ file: "a.html", edits: [{ op: "set-heading-level", heading: { text: "x" }, level: 9 }] }],
    };
    expect(parseEditFile(JSON.stringify(bad))).toEqual({ reason: expect.stringContaining("pages[0].edits[0].level") });
    expect(parseEditFile('{"version":1,"pages":[{"file":"a","edits":[{"op":"explode"}]}]}')).toHaveProperty("reason");
    expect(parseEditFile("{")).toHaveProperty("reason");
    // Two entries for one file: brought together, or refused by name.
    const title = (value: string) => ({ op: "set-title", value, was: null });
    const slug = { op: "set-slug", value: "b", was: null };
    const twice = (...edits: object[]) =>
      parseEditFile(
        JSON.stringify({
          version: 1,
          pages: edits.map((edit, i) => ({ file: i ? "./a.html" : "a.html", edits: [edit] })),
        }),
      );
    expect(twice(title("x"), slug)).toMatchObject({ pages: [{ file: "a.html", edits: [title("x"), slug] }] });
    expect(twice(title("x"), title("x"))).toMatchObject({ pages: [{ edits: [title("x")] }] });
    expect(twice(title("x"), title("y"))).toEqual({ reason: expect.stringMatching(/a\.html.*“x” and “y”/) });
  });
});
