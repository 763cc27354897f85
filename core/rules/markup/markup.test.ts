import { describe, expect, it } from "vitest";
import { auditRule } from "../../audit/auditor.ts";
import { originalFromText } from "../../page/original.ts";
import { readPage } from "../../page/read.ts";
import { robotsInWords, robotsOf } from "../../page/robots-directives.ts";
import { DEFAULT_HOUSE_STYLE } from "../../settings/house-style.ts";

const read = (source: string, headers: Record<string, string> = {}) =>
  readPage({ ...originalFromText(source), headers }, { address: "https://a.example/page" });
const findings = (id: string, source: string, headers?: Record<string, string>) =>
  auditRule(id, read(source, headers), { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" });
const links = "<a href=/a>a</a>".repeat(6);

describe("a rule about markup finds what it is for, and nothing where that is not", () => {
  it.each([
    ["markup/duplicate-id", "<p id=a><p id=a>", "<p id=a><p id=A>"],
    ["markup/telling-comment", "<!-- password: rivet --><p>x", "<!-- end of menu --><p>x"],
    ["markup/telling-comment", "<!-- ask una@quay.example --><p>x", "<!-- 2.10.4 --><p>x"],
    ["markup/no-main", "<p>x", "<div role=main>x</div>"],
    ["markup/no-skip-link", `${links}<main>x</main>`, `<a href="#c">To the content</a>${links}<main id=c>x</main>`],
    ["markup/section-without-heading", "<section><p>x</section>", "<section><h2>x</h2></section>"],
    ["markup/section-without-heading", "<section><p>x</section>", "<section aria-label=News><p>x</section>"],
    ["markup/swallowed", "<p>a<!-- never closed <p>b", "<p>a<!-- closed --><p>b"],
    ["markup/swallowed", '<a href="/a>Lamp</a> and <a href="/b">b</a>', '<a href="/a?x=1>2">Lamp</a>'],
    ["markup/swallowed", "<p>a<textarea>b<p>c", "<p>a<textarea>b</textarea>"],
    [
      "head/body-element-in-head",
      "<html><head><div>x</div><title>a</title></head><body>y",
      "<html><head><title>a</title></head><body>y",
    ],
    [
      "head/robots-unknown",
      "<meta name=robots content='no-index'>",
      "<meta name=robots content='noindex, max-snippet:20'>",
    ],
    [
      "head/robots-conflict",
      "<meta name=robots content='index, noindex'>",
      "<meta name=robots content='noindex, nofollow'>",
    ],
    ["head/noindex", "<meta name=robots content=none>", "<meta name=robots content='index, follow'>"],
  ])("%s: %s", (id, wrong, right) => {
    expect(findings(id, wrong).map((finding) => finding.rule)).toEqual([id]);
    expect(findings(id, right)).toEqual([]);
  });

  it("names the place where what swallows began", () => {
    const [finding] = findings("markup/swallowed", '<p>a</p>\n<p><img alt="" src="b.png>\n<a href="/c">c</a></p>');
    expect(finding?.message).toContain("behind the attribute src in line 2, column 4");
  });
});

// “index, follow” is what robots do when told nothing: common practice, no source. Combining: from memory of search
// engines' documentation.
describe("robots directives", () => {
  it.each<[string, Record<string, string>, string]>([
    ["", {}, "Search engines may list this page and follow its links."],
    ["<meta name=robots content=nofollow>", {}, "Search engines may list this page but not follow its links."],
    ["<meta name=robots content=noindex>", {}, "Search engines may follow this page's links but not list it."],
    [
      "<meta name=robots content=index>",
      { "x-robots-tag": "none" },
      "Search engines may neither list this page nor follow its links.",
    ],
    [
      "",
      { "x-robots-tag": "googlebot: nosnippet" },
      "Search engines may list this page and follow its links. They may show no text of it.",
    ],
  ])("%s with %j", (source, headers, words) => {
    expect(robotsInWords(robotsOf(read(source, headers)))).toBe(words);
  });

  it("of header and element the stricter one counts, and that is said", () => {
    const [finding] = findings("head/robots-conflict", "<meta name=robots content=index>", {
      "x-robots-tag": "noindex",
    });
    expect(finding?.message).toBe("The meta element says index, the X-Robots-Tag header says noindex. noindex counts.");
  });
});
