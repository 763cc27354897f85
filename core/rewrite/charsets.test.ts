import { beforeAll, describe, expect, it } from "vitest";
import type { Original } from "../page/original.ts";
import { originalFromBytes } from "../page/original-from-bytes.ts";
import { readPage } from "../page/read.ts";
import { applyToSource } from "./apply.ts";
import { holderFor, loadCharset } from "./bytes.ts";
import type { Edit } from "./edits.ts";
import { keyOf } from "./resolve.ts";
import { handOver } from "./verify.ts";

// The names of the Encoding Standard (4.2), those apart that decode nothing or everything.
const NAMES =
  "utf-8 ibm866 iso-8859-2 iso-8859-3 iso-8859-4 iso-8859-5 iso-8859-6 iso-8859-7 iso-8859-8 iso-8859-8-i iso-8859-10 iso-8859-13 iso-8859-14 iso-8859-15 iso-8859-16 koi8-r koi8-u macintosh windows-874 windows-1250 windows-1251 windows-1252 windows-1253 windows-1254 windows-1255 windows-1256 windows-1257 windows-1258 x-mac-cyrillic gbk gb18030 big5 euc-jp iso-2022-jp shift_jis euc-kr utf-16le utf-16be".split(
    " ",
  );
beforeAll(() => Promise.all(NAMES.map(loadCharset)));
/** Letters of all scripts that these sets are for. */
const LETTERS = "éñßœčłțāżĉĦğİжяєўґλωאבجسกขšž日本語灯台船博物館カナひら漢字한국어中文國語";
const address = "https://a.example/";

const page = (name: string): Original => ({
  ...originalFromBytes(
    name.startsWith("utf-16")
      ? Uint8Array.from(
          [..."<!doctype html><title>x</title><p>Old words</p>"].flatMap((c) =>
            name === "utf-16le" ? [c.charCodeAt(0), 0] : [0, c.charCodeAt(0)],
          ),
        )
      : new TextEncoder().encode("<!doctype html><title>x</title><p>Old words</p>"),
    `text/html; charset=${name}`,
  ),
});

describe("a page in any character set of the Encoding Standard", () => {
  it.each(NAMES)("%s keeps its letters when its words are changed, and changed again within them", (name) => {
    const original = page(name);
    expect(original.charset.name).toBe(name);
    const holds = holderFor(name);
    const own = Array.from(LETTERS)
      .filter((char) => !holds || holds(char))
      .join("");
    const run = (from: Original, value: string, title: string): Original => {
      const read = readPage(from, { address });
      const edits: Edit[] = [
        { op: "set-title", value: title, was: null },
        { op: "set-block-text", block: keyOf(read, "block", 0), value, was: read.blocks[0]?.text ?? "" },
      ];
      const { bytes, refused } = handOver(from, edits, { address });
      expect(refused).toEqual([]);
      const to = { ...from, bytes };
      const again = readPage(to, { address });
      expect([again.titles[0]?.text, again.blocks[0]?.text]).toEqual([title, value]);
      return to;
    };
    const once = run(original, `a ${own} b`, `${own} 🚢 x`);
    const letters = Array.from(own);
    const middle = Math.floor(letters.length / 2);
    // Within a run of its letters: taken out, put in, and in the middle of a word.
    const less = letters.toSpliced(middle, 1).join("");
    const more = letters.toSpliced(middle, 0, "Q", letters[0] ?? "", "ŵ").join("");
    run(run(once, `a ${less} b`, less), more, `${more}${own}`);
  });

  it("keeps the bytes around what is changed", () => {
    for (const name of ["iso-2022-jp", "shift_jis", "euc-jp", "gb18030"]) {
      const start = page(name);
      const title: Edit = { op: "set-title", value: "灯台船 の 博物館", was: "x" };
      const { bytes } = applyToSource(start, [title], { address });
      const words: Edit = { op: "set-block-text", block: { text: "Old words" }, value: "New words", was: "Old words" };
      const after = applyToSource({ ...start, bytes }, [words], { address }).bytes;
      const plain = (list: Uint8Array) => Buffer.from(list).toString("latin1");
      expect(plain(after)).toBe(plain(bytes).replace("Old", "New"));
    }
  });
});

describe("JSON-LD in a character set that lacks some of its letters", () => {
  it("is written with JSON's escapes, which a script is read with", () => {
    const original = originalFromBytes(
      new TextEncoder().encode("<head><title>x</title></head><p>y"),
      "text/html; charset=windows-1252",
    );
    const value = '{"@type": "Thing", "name": "Café 灯台 🚢"}';
    const edit: Edit = { op: "set-data", id: "d", value, was: null };
    const { bytes, refused } = handOver(original, [edit], { address });
    expect(refused).toEqual([]);
    const again = readPage({ ...original, bytes }, { address });
    expect(JSON.parse(again.data[0]?.text ?? "")).toEqual(JSON.parse(value));
    expect(again.data[0]?.text).toContain("Café \\u706f\\u53f0 \\ud83d\\udea2");
    expect(applyToSource({ ...original, bytes }, [edit], { address }).bytes).toEqual(bytes);
  });
});
