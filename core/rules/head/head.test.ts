import { describe, expect, it } from "vitest";
import { auditRule } from "../../audit/auditor.ts";
import { type Original, originalFromText } from "../../page/original.ts";
import { originalFromBytes } from "../../page/original-from-bytes.ts";
import { readPage } from "../../page/read.ts";
import { applyToSource } from "../../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE } from "../../settings/house-style.ts";

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
const og = (name: string, content: string) => `<meta property="og:${name}" content="${content}">`;
const canonical = (href: string) => `<link rel=canonical href="${href}">`;
const alternate = (tag: string) => `<link rel=alternate hreflang="${tag}" href=/x>`;
const RUSSIAN = "Музей открыт летом каждый день, но не зимой, и мы ждём вас на борту, как и в прошлом году. ".repeat(6);
const GERMAN = "Das Museum ist im Sommer jeden Tag von zehn bis fünf geöffnet und im Winter nur am Wochenende. ".repeat(
  5,
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
    // WCAG 2.2, failures F40 and F41; technique G180 allows more than twenty hours.
    ["head/meta-refresh", "<meta http-equiv=refresh content='5; url=/b'>", "<meta http-equiv=refresh content=72001>"],
    ["head/meta-refresh", "<meta http-equiv=Refresh content=30>", "<meta http-equiv=x content=30>"],
    [
      "head/mixed-content",
      "<style>p { background: url('http://a.example/x.png') }</style>",
      "<style>/* http://a */</style>",
    ],
    ["head/mixed-content", "<p style='background: url(http://a.example/x.png)'>x", "<p style='color: red'>x"],
    ["head/mixed-content", "<img src='http://a.example/x.png'>", "<a href='http://a.example/x'>x</a>"],
    [
      "head/mixed-content",
      "<link rel=stylesheet href='http://a.example/x.css'>",
      "<link rel=next href='http://a.example/x'>",
    ],
    [
      "open-graph/missing",
      "<meta property=og:title content=x>",
      og("title", "x") + og("description", "y") + og("image", "/z.png"),
    ],
    ["open-graph/several", og("title", "x") + og("title", "y"), og("image", "/x.png") + og("image", "/y.png")],
    [
      "open-graph/unlike-page",
      `<html lang=en><title>Opening times</title>${og("title", "The shop")}`,
      `<html lang=en><title>Opening times</title>${og("title", "When we open")}`,
    ],
    ["head/language-unlike-text", `<html lang=en><p>${GERMAN}`, `<html lang=de><p>${GERMAN}`],
    [
      "head/language-unlike-text",
      `<html lang=en><p>${RUSSIAN}`,
      `<html lang=da><p>${"Museet er åbent hver dag om sommeren. ".repeat(12)}`,
    ],
    ["body/direction-missing", "<p>ברוכים הבאים למוזיאון", "<p dir=rtl>ברוכים הבאים למוזיאון"],
    ["body/direction-missing", "<p>مرحبا بكم في المتحف", "<html dir=rtl><p>مرحبا بكم في المتحف"],
    ["canonical/missing", "<p>x", canonical("https://a.example/page")],
    ["canonical/several", canonical("/a") + canonical("/b"), canonical("/a")],
    ["canonical/relative", canonical("/page"), canonical("https://a.example/page")],
    ["canonical/relative", canonical("//a.example/page"), canonical("https://a.example/page")],
    ["canonical/fragment", canonical("https://a.example/page#x"), canonical("https://a.example/page")],
    ["canonical/elsewhere", canonical("https://b.example/page"), canonical("https://a.example/page/")],
    ["canonical/elsewhere", canonical("http://a.example/page"), canonical("https://a.example/page.html")],
    ["canonical/elsewhere", canonical("/other"), canonical("/page")],
    ["canonical/elsewhere", `<base href="/x/">${canonical("page")}`, `<base href="/">${canonical("page")}`],
    ["alternate/language-unknown", alternate("english"), alternate("en")],
    ["alternate/language-unknown", alternate("en-UK"), alternate("en-GB")],
    ["alternate/language-unknown", alternate("en_GB"), alternate("x-default") + alternate("zh-Hant-TW")],
    // axe-core frame-title and label; WCAG 2.2, 4.1.2 and 1.3.1.
    ["frame/no-title", "<iframe src=/map></iframe>", "<iframe src=/map title=Map></iframe>"],
    ["control/no-label", "<input>", "<label>Name <input></label>"],
    ["control/no-label", "<input placeholder=Search>", "<input placeholder=Search aria-label=Search>"],
    ["control/no-label", "<select></select>", "<label for=a>Kind</label><select id=a></select>"],
    ["control/no-label", "<textarea></textarea>", "<input type=hidden><textarea aria-label=Note></textarea>"],
    ["body/leftover-template", "<p>Dear {{ name }}, welcome", "<p>Write <code>{{ name }}</code> there"],
    ["body/leftover-template", "<p>Lorem ipsum dolor sit amet", "<pre>{% block %}</pre>"],
    ["body/leftover-template", "<p>Dear [FIRST_NAME], welcome", "<p>Dear [NAME], as [RFC2119] says"],
    ["heading/leftover-template", "<h2>[node:title]</h2>", "<h2>[sic]</h2>"],
    ["heading/leftover-template", "<h2>[your text here]</h2>", "<h2>[your]</h2>"],
    [
      "body/leftover-template",
      "<p>[vc_row el_class=wide] Boats [/vc_row]",
      "<p>The list [a, b], [1] and [mod_rewrite]",
    ],
    ["body/leftover-template", "<p>Costs [object Object] a day", "<p>An object [see Object]"],
    ["body/leftover-template", "<p>Dear {{name}}", "<p>Written as {{}} or {{ }}"],
    ["heading/leftover-template", "<h2>Hi %%first_name%%</h2>", "<h2>100% wool, 50% off</h2>"],
    ["image/leftover-template", `<img src=x alt='$${"{product.name}"}'>`, "<img src=x alt='$5'>"],
    ["image/alt-placeholder", "<img src=x alt=Image>", "<img src=x alt='Image of the lamp'>"],
    ["image/alt-placeholder", "<img src=x alt='Bild 3'>", "<img src=x alt=''>"],
    ["image/alt-placeholder", "<img src=x alt=画像>", "<img src=x alt=灯台>"],
    ["markup/unclosed", "<p><b>one</p><p>two</p>", "<p><b>one</b></p><p>two</p>"],
    ["heading/empty", "<h2>&nbsp;</h2>", "<h2>x</h2>"],
    ["title/missing", "<title>&nbsp;</title>", "<title>x</title>"],
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

describe("meta keywords", () => {
  const source = (terms: string[]) =>
    `<!doctype html><html lang="en"><head><title>The fog signal</title>\n<meta name="keywords" content="${terms.join(", ")}">\n</head><body><p>It is a horn.`;
  const fixOfRule = (id: string, terms: string[], phrase = "") => {
    const page = readPage(originalFromText(source(terms)), { address: "https://a.example/b" });
    const [finding] = auditRule(id, page, {
      phrase: phrase || null,
      houseStyle: DEFAULT_HOUSE_STYLE,
      today: "2026-11-28",
    });
    return finding?.fix ?? null;
  };

  it("are taken out, or trimmed to what the page is for and what it says", () => {
    const many = Array.from({ length: 22 }, (_, i) => `word${i}`);
    const trimmed = fixOfRule("keywords-meta/stuffed", [...many, "Horns", "fog  signal", "horns", "siren"], "siren");
    expect(trimmed?.edits).toMatchObject([{ op: "set-keywords", value: "Horns, fog  signal, siren" }]);
    expect(fixOfRule("keywords-meta/stuffed", many)?.label).toContain("the page says none of them");
    const out = fixOfRule("keywords-meta/present", ["a", "b"]);
    const original = originalFromText(source(["a", "b"]));
    const { bytes, refused } = applyToSource(original, out?.edits ?? [], { address: "https://a.example/b" });
    expect(refused).toEqual([]);
    expect(new TextDecoder().decode(bytes)).not.toContain("keywords");
  });
});
