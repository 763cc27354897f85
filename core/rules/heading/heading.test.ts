import { describe, expect, it } from "vitest";
import { auditRule } from "../../audit/auditor.ts";
import { readPage } from "../../page/read.ts";
import { applyToPage } from "../../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE } from "../../settings/house-style.ts";

const read = (body: string) =>
  readPage(`<html lang=en><title>Lamp and fog</title><body>${body}`, { address: "https://a.example/page" });
const findings = (id: string, body: string, phrase = "") =>
  auditRule(id, read(body), { phrase: phrase || null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" });

/** “1 Lamp, 2 Fog”: the outline after the fix that is offered. */
function fixed(id: string, body: string): string | null {
  const [finding] = findings(id, body);
  if (!finding?.fix) return null;
  const { page } = applyToPage(read(body), finding.fix.edits);
  return Array.from(page.headings, ({ level, text }) => `${level} ${text}`).join(", ");
}

describe("a heading rule finds what it is for, and nothing where that is not", () => {
  it.each<[string, string, string, string?]>([
    ["heading/no-h1", "<h2>Lamp</h2><p>x", "<h1>Lamp</h1><p>x"],
    ["heading/no-h1", "<nav><h1>Menu</h1></nav><h2>Lamp</h2>", "<header><h1>Lamp</h1></header>"],
    ["heading/several-h1", "<h1>Lamp</h1><p>x</p><h1>Fog</h1><p>x", "<h1>Lamp</h1><h2>Fog</h2>"],
    ["heading/h1-not-first", "<h2>News</h2><h1>Lamp</h1>", "<h1>Lamp</h1><h2>News</h2>"],
    ["heading/skipped-level", "<h1>a</h1><h3>b</h3>", "<h1>a</h1><h2>b</h2><h3>c</h3><h2>d</h2>"],
    ["heading/empty", "<h1>a</h1><h2> </h2>", '<h1>a</h1><h2><img alt="Lamp" src=x></h2>'],
    ["heading/duplicate", "<h1>a</h1><h2>b</h2><h2>b</h2>", "<h1>a</h1><h2>b</h2><h3>x</h3><h2>c</h2><h3>x</h3>"],
    ["heading/too-long", `<h1>${"long words ".repeat(8)}</h1>`, "<h1>Short</h1>"],
    ["heading/phrase-missing-h1", "<h1>Ship</h1>", "<h1>The fog signal</h1>", "fog signal"],
    ["heading/phrase-missing-h2", "<h1>a</h1><h2>Ship</h2>", "<h1>a</h1><h2>Its fog signals</h2>", "fog signal"],
    ["heading/h1-unlike-title", "<h1>Something else</h1>", "<h1>Lamps of old</h1>"],
    ["heading/in-navigation", "<nav><h3>Menu</h3></nav>", "<main><h1>Menu</h1></main>"],
    [
      "heading/in-navigation",
      "<h1>a</h1><nav><h3>Visit</h3><a href=/a>a</a><h3>Shop</h3><h3>Crew</h3></nav>",
      "<nav><p>Menu</nav>",
    ],
    ["heading/in-aside", "<h1>a</h1><aside><h5>News</h5></aside>", "<aside><p>News</aside>"],
    ["heading/in-footer", "<h1>a</h1><footer><h4>x</h4></footer>", "<article><footer><h4>x</h4></footer></article>"],
    ["heading/in-comments", "<div id=comments><h3>2 comments</h3></div>", "<div class=commentary><h3>x</h3></div>"],
    [
      "heading/looks-like-heading",
      "<p><b>Venue</b></p><p>On the quay.</p>",
      "<p><b>Venue</b>: on the quay.</p><p>x</p>",
    ],
    ["heading/looks-like-heading", "<div class=card-title>Venue</div><p>x", "<div class=subtitle>Venue</div><p>x"],
    [
      "heading/styled-only",
      "<h1>a</h1><p>x<h2>b</h2><p>x<h2>Call us</h2><h2>d</h2><p>x",
      "<h1>a</h1><h2>b</h2><h3>c</h3><p>x",
    ],
    ["heading/subtitle-as-heading", "<h1>a</h1><h2>b</h2><h2>c</h2><p>x", "<h1>a</h1><h2>b</h2><p>x<h2>c</h2>"],
    // Common practice, no source: H4 to H6 are avoided by many.
    ["heading/too-deep", "<h5>a</h5>", "<h4>a</h4>"],
    ["heading/default-words", "<h1>Welcome to our website!</h1>", "<h1>Welcome aboard the lightship</h1>"],
    [
      "heading/stuffed",
      "<h1>Fog</h1><h2>Fog a</h2><h2>Fog b</h2><h2>c</h2>",
      "<h1>Fog</h1><h2>a</h2><h2>b</h2><h2>c</h2>",
      "fog",
    ],
    ["heading/image-only", "<h2><img alt=Lamp src=x></h2>", "<h2><img alt=Lamp src=x> of old</h2>"],
    [
      "heading/deep-section-count",
      `<h1>a</h1>${"<h2>b</h2><p>x".repeat(8)}`,
      `<h1>a</h1>${"<h2>b</h2><p>x".repeat(7)}`,
    ],
  ])("%s: %s", (id, wrong, right, phrase) => {
    expect(new Set(findings(id, wrong, phrase).map((finding) => finding.rule))).toEqual(new Set([id]));
    expect(findings(id, right, phrase)).toEqual([]);
  });

  it("a phrase that comes late in the H2s weighs less", () => {
    const [finding] = findings(
      "heading/phrase-missing-h2",
      "<h1>a</h1><h2>b</h2><h2>c</h2><h2>fog signal</h2>",
      "fog signal",
    );
    expect(finding).toMatchObject({ weight: "may" });
    expect(finding?.message).toContain("number 3");
  });

  it("stands at the heading itself", () => {
    const [finding] = findings("heading/skipped-level", "<h1>a</h1><h2>b</h2><h4>c</h4>");
    expect(finding?.at).toMatchObject({ part: "heading", index: 2 });
  });
});

describe("its fix settles it", () => {
  it.each([
    ["heading/no-h1", "<h2>Lamp</h2><p>x", "1 Lamp"],
    ["heading/h1-not-first", "<h2>News</h2><h1>Lamp</h1>", "1 Lamp"],
    ["heading/skipped-level", "<h1>a</h1><h3>b</h3>", "1 a, 2 b"],
    // Siblings stay siblings, and what is below them stays below.
    [
      "heading/skipped-level",
      "<h1>a</h1><h4>b</h4><h5>c</h5><h4>d</h4><h2>e</h2><h3>f</h3>",
      "1 a, 2 b, 3 c, 2 d, 2 e, 3 f",
    ],
    ["heading/several-h1", "<h1>a</h1>\n<h1>b</h1><p>x", "1 a b"],
    ["heading/empty", "<h1>a</h1>\n<h2> </h2>\n<p>x", "1 a"],
  ])("%s: %s becomes %s", (id, body, outline) => {
    expect(fixed(id, body)).toBe(outline);
  });
});
