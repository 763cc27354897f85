import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { cleanRichText, draftName, draftSource } from "./draft.ts";

describe("rich text becomes plain semantic HTML", () => {
  it.each([
    [
      "looks go, meaning stays",
      '<p style="color:red"><span style="font-weight:700">Bold</span> and <i>leaning</i> <a href="https://a.example/" class=x>link</a></p>',
      '<p><strong>Bold</strong> and <em>leaning</em> <a href="https://a.example/">link</a></p>',
    ],
    [
      "headings by a word processor's styles",
      '<p class=MsoTitle>Title</p><p style="mso-outline-level:2">Part</p><p class="MsoNormal">Text<o:p></o:p></p>',
      "<h1>Title</h1>\n<h2>Part</h2>\n<p>Text</p>",
    ],
    [
      "list paragraphs with their bullets",
      '<p class=MsoListParagraphCxSpFirst style="mso-list:l0 level1 lfo1">·&nbsp;&nbsp; One</p><p class=MsoListParagraphCxSpLast style="mso-list:l0">·&nbsp; Two</p>',
      "<ul>\n<li>One</li>\n<li>Two</li>\n</ul>",
    ],
    [
      "a clipboard's wrapper",
      '<meta charset=utf-8><b style="font-weight:normal" id=x><h1 dir=ltr><span>A</span></h1><ul><li dir=ltr><p dir=ltr>one</p></li></ul></b>',
      "<h1>A</h1>\n<ul>\n<li>one</li>\n</ul>",
    ],
    [
      "a title over level-1 sections",
      "<h1>Title</h1><h1>Part</h1><h2>Deeper</h2>",
      "<h1>Title</h1>\n<h2>Part</h2>\n<h3>Deeper</h3>",
    ],
    [
      "tables",
      '<table style="x"><tbody><tr><th>A</th><td colspan=2><p>b</p></td></tr></tbody></table>',
      '<table>\n<tbody><tr><th>A</th>\n<td colspan="2">b</td></tr></tbody>\n</table>',
    ],
    ["text without blocks", "One<br>two &lt;b&gt;", "<p>One two &lt;b></p>"],
    ["nothing", "<p>&nbsp;</p><div></div>", ""],
  ])("%s", (_, html, expected) => {
    expect(cleanRichText(html)).toBe(expected);
  });

  it("runs nothing", () => {
    const html = cleanRichText(
      '<p onclick="x()">a<script>x()</script><a href="javascript:x()">b</a><img src=x onerror=x()></p><iframe src=x></iframe>',
    );
    expect(html).toBe("<p>ab</p>");
  });

  it("cleaning twice changes nothing", () => {
    const once = cleanRichText(
      "<h1>A</h1><p>b <b>c</b></p><ul><li>d<ul><li>e</li></ul></li></ul><table><tr><td>f</table>",
    );
    expect(cleanRichText(once)).toBe(once);
  });
});

it("a draft is a page like any other", () => {
  const body = cleanRichText("<h1>How to reef</h1><p>Take in the sail before you need to.</p>");
  expect(draftName(body)).toBe("How to reef");
  const page = readPage(draftSource(body, { language: "en-GB", title: "" }), { address: "https://a.example/reef" });
  expect(Array.from(page.headings, (h) => [h.level, h.text])).toEqual([[1, "How to reef"]]);
  expect(page.titles).toEqual([]);
  expect(page.language?.value).toBe("en-GB");
});

// Word writes the weight of text of other scripts beside that of Latin text (common practice, no source).
it.each([
  ["mso-bidi-font-weight:normal", "<p><strong>Lit</strong> daily</p>"],
  ["mso-bidi-font-weight:normal;font-weight:normal", "<p>Lit daily</p>"],
  ["font-weight:normal", "<p>Lit daily</p>"],
])("keeps bold that is bold: %s", (style, expected) => {
  expect(cleanRichText(`<p class=MsoNormal><b style='${style}'>Lit</b> daily</p>`).trim()).toBe(expected);
});
it("takes no weight of another script for one", () => {
  expect(
    cleanRichText("<p><span style='mso-bidi-font-weight:bold;mso-bidi-font-style:italic'>Lit</span></p>").trim(),
  ).toBe("<p>Lit</p>");
});
