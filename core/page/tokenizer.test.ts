import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import fc from "fast-check";
import { Tokenizer } from "parse5";
import { describe, expect, it } from "vitest";
import { largeSite } from "../../demo/large.ts";
import { KNOWN, originalOf } from "../hostile/inputs.ts";
import { sourceOf } from "./original.ts";
import { differenceFromParse5 } from "./testing.ts";
import { MODES, OffsetTokenizer, STATES } from "./tokenizer.ts";

const DEMO = fileURLToPath(new URL("../../demo/gullhaven/", import.meta.url));

function expectSame(source: string): void {
  expect(differenceFromParse5(source), source.slice(0, 200)).toBeNull();
}

/** Markup that is plain, and markup that looks like it. Of headings only h1: see `differenceFromParse5`. */
const PIECES = [
  "text two", "  ", "\n", "\n\n", "\t", "\f", "\r\n", "\r", "a\r\nb", "\0", "é", "😀", "\ud800", "\udc00", "=", "`",
  "&amp;", "&", "&notit;", "&#10;", "&#13;", "&nbsp", "<p>", "</p>", "<pre>", "</pre>", "<pre>\n", "<textarea>", "</textarea>",
  "<listing>", "<table>", "<tr>", "<td>", "</td>", "</table>", "<caption>", "<colgroup>", "<col>", "<b>", "</b>",
  "<i class=x>", "</i>", '<a href="x">', "<a href=/x/>", "<a href=x/ >", "</a>", "<A HREF='y?a&amp;b'>", "<a b=c&d>",
  "<p x=&lt;>", '<p x="a&ampb">', '<p x="\r\n">', "<p x='\0'>", "<p x=\"a'b\">", "<p x='a\"b'>", "<p x=a\"b>", "<p a=1a=2>",
  '<p a="1"b>', "<p\na\r\n=\n'b'>", "<p a = b>", "<p a =b>", "<p a= b>", "<p a=>", "<p =a>", "<p a b c='d'e=f>", "<p @x:y.z='1'>",
  "<p [x]=1 (y)=2 #z>", "<p a=1 a=2 b>", "<p é=1>", "<p a=é>", "<p a/b>", "<p/>", "<p / >", "<br/>", "<br / >", "<br a=b/>",
  '<br a="b"/>', "<img a=1/>", "<x/y=z>", "<x-y z>", "<x`y>", "<p\t>", "<p \f>", "<P>", "<pRe>", "</P>", "</p >", "</p x=1>",
  "</p/>", "</ x>", "</>", "</1>", "<1>", "<", "</", "<>", "<?php ?>", "<!>", "<!x>", "<!-- c -->", "<!---->", "<!-->",
  "<!--->", "<!-- a--b -->", "<!-- a --!> x", "<!-- <! -->", "<!-- - -->", "<!-- a --->", "<!--\r\n-->", "<!--\0-->", "<!---",
  "<!--", "-->", "<!doctype html>", '<!DOCTYPE html PUBLIC "x">', "<![CDATA[ x ]]>", "]]>", "<head>", "</head>", "<body>",
  '<body class="x">', "</body>", "</html>", '<html lang="en">', "<title>", "</title>", "<style>", "</style>", "<script>",
  "</script>", "<script>a<b", "<!--<script>", "<svg>", "<path d='x'/>", "<foreignObject>", "<desc>", "</svg>", "<math>", "<mi>",
  "</math>", "<select>", "<option>", "</select>", "<template>", "</template>", "<frameset>", "<plaintext>", "<noscript>",
  "</noscript>", "<form>", "</form>", "<button>", "<nobr>", "<font>", "</font>", "<object>", "<iframe>", "</iframe>", "<xmp>",
  "<li>", "<ul>", "</ul>", "<h1>", "</h1>", "<meta charset=utf-8>", "<input type=hidden>", "<p id=\"a", "'>", '">',
  `<p ${Array.from({ length: 70 }, (_, i) => `a${i}=${i}`).join(" ")} a3=x>`,
] as const; // biome-ignore format: pieces stand as closely as they can

describe("plain reading, held against parse5", () => {
  it.each(PIECES.map((piece) => [piece]))("is the same for %j, alone and within a text", (piece) => {
    for (const source of [piece, `${piece} x`, `<p>one ${piece} two</p>\n`, `<table><tr>${piece}<td>${piece}`])
      expectSame(source);
  });

  it("is the same for any of them behind each other", () => {
    const sources = fc.array(fc.constantFrom(...PIECES), { minLength: 2, maxLength: 14 }).map((some) => some.join(""));
    fc.assert(fc.property(sources, expectSame), { numRuns: 5_000 });
  });

  it("is the same for a hundred thousand of them", { tags: "long" }, () => {
    const sources = fc.array(fc.constantFrom(...PIECES), { minLength: 2, maxLength: 14 }).map((some) => some.join(""));
    fc.assert(fc.property(sources, expectSame), { numRuns: 100_000 });
  });

  it.each(KNOWN.filter(({ kind }) => kind === "html").map((input) => [input.name, input] as const))(
    "is the same for %s",
    (_, input) => expectSame(sourceOf(originalOf(input, 3_000))),
  );

  it.each([
    "<!DOCTYPE html><html><head><title>a</title></head><body><p>x<b>y</p>z</b><table><h2>f</h2><tr><td>1</table></body></html>",
    "<ul><li>a<li>b</ul>\r\n<select><option>1<option>2</select>&amp;&eacute;<!-- c --><svg><title>t</title></svg>",
    "text <a href=x>one<a href=y>two</a> <font><p>x</font>y",
  ])("is the same for %j", expectSame);

  it("is the same for every page of the demo, and of a large site", () => {
    const files = readdirSync(DEMO, { recursive: true, encoding: "utf8" }).filter((file) => file.endsWith(".html"));
    expect(files.length).toBeGreaterThan(30);
    for (const file of files) expectSame(readFileSync(DEMO + file, "utf8"));
    for (const { source } of largeSite(10)) expectSame(source);
  });

  it("is the same for a page with each kind of line end", () => {
    const page = readFileSync(`${DEMO}index.html`, "utf8").replaceAll("\r\n", "\n");
    for (const end of ["\n", "\r\n", "\r"]) expectSame(page.replaceAll("\n", end));
  });
});

// parse5 8.1.1: plain reading stands on members that it keeps private, and on the numbers of its states and modes.
describe("what plain reading uses of parse5", () => {
  const handler = { onParseError: null };
  const tokenizer = new Tokenizer({ sourceCodeLocationInfo: true }, handler as never) as unknown as Record<
    string,
    unknown
  >;

  it("is there", () => {
    const { version } = JSON.parse(
      readFileSync(new URL("../../node_modules/parse5/package.json", import.meta.url), "utf8"),
    );
    expect(version).toBe("8.1.1");
    for (const method of ["prepareToken", "emitCurrentTagToken", "emitCurrentComment", "getCurrentLocation", "write"])
      expect(tokenizer[method], method).toBeTypeOf("function");
    for (const method of [
      "_callState",
      "_createAttr",
      "_emitCurrentCharacterToken",
      "_ensureCharacterToken",
      "_flushRun",
      "_runParsingLoop",
    ])
      expect(tokenizer[method], method).toBeTypeOf("function");
    const fields = {
      state: 0,
      active: false,
      paused: false,
      inLoop: false,
      inForeignNode: false,
      runStart: 0,
      runEnd: 0,
    };
    expect(tokenizer).toMatchObject({ ...fields, currentCharacterToken: null, currentToken: null, handler });
    const { preprocessor } = tokenizer as { preprocessor: { advance: unknown } };
    expect(preprocessor).toMatchObject({
      html: "",
      pos: -1,
      skipNextNewLine: false,
      droppedBufferSize: 0,
      bufferWaterline: 65_536,
    });
    expect(preprocessor.advance).toBeTypeOf("function");
  });

  it("has the numbers that it had", () => {
    expect(STATES).toMatchObject({ data: 0, rcdata: 1, rawtext: 2, scriptData: 3 });
    expect(MODES).toEqual({ inBody: 6, text: 7, inCaption: 10, inCell: 14 });
  });

  it("reads plain markup without parse5's states", () => {
    let steps = 0;
    class Counting extends OffsetTokenizer {
      override _callState(codePoint: number): void {
        steps++;
        super._callState(codePoint);
      }
    }
    const noop = () => {};
    const parser = { insertionMode: MODES.inBody, skipNextNewLine: false, onParseError: null };
    const events = {
      onCharacter: noop,
      onWhitespaceCharacter: noop,
      onStartTag: noop,
      onEndTag: noop,
      onComment: noop,
      onEof: noop,
    };
    new Counting({ sourceCodeLocationInfo: true }, { ...parser, ...events }).write(
      '<p class="a b" id=c hidden>One two</p> <!-- three --> <br/>four',
      true,
    );
    expect(steps).toBe(1);
  });
});
