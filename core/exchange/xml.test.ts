import { describe, expect, it } from "vitest";
import { readXml } from "./xml.ts";

const textsOf = (xml: string) => {
  const texts: string[] = [];
  const { fault } = readXml(
    xml,
    (path) => path.at(-1) === "a",
    (_, text) => texts.push(text),
  );
  return { texts, fault };
};

describe("XML", () => {
  // XML 1.0, 4.1 (character references), 4.6 (predefined entities), 2.7 (CDATA sections) and appendix D's order of decoding.
  it.each([
    ["&#38;&#x26;&amp;", "&&&"],
    ["&amp;#38; &#38;lt; &#38;amp;", "&#38; &lt; &amp;"],
    ["Tom&#39;s &quot;&apos;&lt;&gt;", "Tom's \"'<>"],
    ["&#x1F6A2;", "🚢"],
    ["<![CDATA[Tom &amp; <b>Jerry</b>]]>, too", "Tom &amp; <b>Jerry</b>, too"],
    ["the <b>old</b> <i>lamp</i>", "the old lamp"],
  ])("%s is read as %s", (xml, text) => {
    expect(textsOf(`<r><a>${xml}</a></r>`)).toEqual({ texts: [text], fault: null });
  });

  it.each([
    ["an element that is not closed", "<r><a>1</a>\n<a>2</r>", 2],
    ["an entity that is not declared", "<r><a>1</a>\n<a>&e;</a></r>", 2],
    ["a reference to no character", "<r><a>1</a>\n<a>&#0;</a></r>", 2],
    ["an end too early", "<r><a>1</a>\n<a>", 2],
  ])("with %s is read up to it", (_, xml, line) => {
    expect(textsOf(xml)).toMatchObject({ texts: ["1"], fault: { line } });
  });

  it("with a document type, or nested without end, is not read", () => {
    expect(textsOf('<!DOCTYPE r [<!ENTITY e "x">]><r><a>&e;</a></r>').texts).toEqual([]);
    const deep = textsOf(`<r>${"<x>".repeat(100_000)}`);
    expect(deep.fault?.reason).toContain("nested more than 100 deep");
  });
});
