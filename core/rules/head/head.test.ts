import { describe, expect, it } from "vitest";
import { type Original, originalFromBytes, originalFromText } from "../../page/original.ts";
import { readPage } from "../../page/read.ts";
import { auditRule } from "../audit.ts";
import { DEFAULT_HOUSE_STYLE } from "../house-style.ts";

const findings = (id: string, source: string | Original) =>
  auditRule(
    id,
    readPage(typeof source === "string" ? originalFromText(source) : source, { address: "https://a.example/page" }),
    {
      phrase: null,
      houseStyle: DEFAULT_HOUSE_STYLE,
      today: "2026-11-23",
    },
  );
const latin1 = (text: string, contentType?: string) =>
  originalFromBytes(
    Uint8Array.from(text, (c) => c.charCodeAt(0)),
    contentType,
  );
const viewport = (content: string) => `<meta name=viewport content="${content}">`;

describe("a rule about the head finds what it is for, and nothing where that is not", () => {
  it.each<[string, string | Original, string | Original]>([
    ["head/language-missing", "<html><p>x", "<html lang=en><p>x"],
    ["head/language-invalid", "<html lang=english><p>x", "<html lang=en-GB><p>x"],
    // BCP 47, section 2.2: script and region subtags.
    ["head/language-invalid", "<html lang=e><p>x", "<html lang=zh-Hant-TW><p>x"],
    ["head/charset-missing", "<p>x", "<meta charset=utf-8><p>x"],
    ["head/charset-missing", latin1("<p>x"), latin1("<p>x", "text/html; charset=utf-8")],
    ["head/charset-not-utf8", latin1("<meta charset=iso-8859-1><p>é"), "<meta charset=utf-8><p>é"],
    ["head/charset-late", `<!-- ${"x".repeat(1100)} --><meta charset=utf-8>`, "<meta charset=utf-8>"],
    ["head/doctype-missing", "<p>x", "<!DOCTYPE html><p>x"],
    [
      "head/doctype-obsolete",
      '<!DOCTYPE HTML PUBLIC "-//W3C//DTD HTML 4.01//EN"><p>x',
      '<!DOCTYPE html SYSTEM "about:legacy-compat"><p>x',
    ],
    ["head/viewport-missing", "<p>x", viewport("width=device-width")],
    [
      "head/viewport-blocks-zoom",
      viewport("width=device-width, user-scalable=no"),
      viewport("width=device-width, user-scalable=yes"),
    ],
    ["head/viewport-blocks-zoom", viewport("maximum-scale=1"), viewport("maximum-scale=5")],
    ["keywords-meta/present", '<meta name=keywords content="a, b">', "<meta name=keywords content=' '>"],
    [
      "keywords-meta/stuffed",
      `<meta name=keywords content="${"a, ".repeat(21)}">`,
      '<meta name=keywords content="a, b">',
    ],
  ])("%s", (id, wrong, right) => {
    expect(findings(id, wrong).map((finding) => finding.rule)).toEqual([id]);
    expect(findings(id, right)).toEqual([]);
  });
});

it("rules about markup look at HTML only", () => {
  const markdown = originalFromText("---\ntitle: x\n---\n\nText.\n", "markdown");
  const fields = originalFromText('{"title":"x"}', "fields");
  for (const id of ["head/charset-missing", "head/doctype-missing", "head/viewport-missing", "head/language-missing"]) {
    expect([...findings(id, markdown), ...findings(id, fields)]).toEqual([]);
  }
  // A generator sets a Markdown file's title as the H1; a spreadsheet says nothing about headings.
  expect([...findings("heading/no-h1", markdown), ...findings("heading/no-h1", fields)]).toEqual([]);
  expect(findings("title/too-narrow", markdown)).toHaveLength(1);
});
