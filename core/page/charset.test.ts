import { beforeAll, describe, expect, it } from "vitest";
import { applyToSource } from "../rewrite/apply.ts";
import { loadCharset } from "../rewrite/bytes.ts";
import { decodeBytes } from "./charset.ts";
import { originalFromBytes } from "./original-from-bytes.ts";
import { readPage } from "./read.ts";
import { charsetOf } from "./sniff-charset.ts";

// One of the sets brings them all.
beforeAll(() => Promise.all(["gbk", "windows-1252"].map(loadCharset)));

const bytes = (text: string) => new TextEncoder().encode(text);
const latin = (text: string) => Uint8Array.from(text, (c) => c.charCodeAt(0));
const address = "https://a.example/b";

describe("the character set", () => {
  // HTML Living Standard 13.2.3.2, "determining the character encoding": byte order mark, transport layer, prescan of the
  // first 1,024 bytes, default.
  it.each([
    [
      "a byte order mark over the header",
      Uint8Array.of(0xef, 0xbb, 0xbf, 0x61),
      "text/html; charset=windows-1251",
      "utf-8",
      "byte-order-mark",
    ],
    [
      "the header over the meta element",
      bytes("<meta charset=utf-8>"),
      'text/html; charset="windows-1251"',
      "windows-1251",
      "header",
    ],
    ["a meta charset", bytes("<!doctype html><meta charset='EUC-KR'>"), null, "euc-kr", "meta"],
    [
      "a meta http-equiv",
      bytes('<meta http-equiv="Content-Type" content="text/html; charset=iso-8859-2">'),
      null,
      "iso-8859-2",
      "meta",
    ],
    ["utf-8 where a meta says utf-16 (13.2.3.2, prescan)", bytes("<meta charset=utf-16>"), null, "utf-8", "meta"],
    [
      "windows-1252 where a label says latin1 (Encoding Standard 4.2)",
      bytes("<meta charset=latin1>"),
      null,
      "windows-1252",
      "meta",
    ],
    ["nothing inside a comment", bytes("<!-- <meta charset=utf-8> --><p>x"), null, "windows-1252", "fallback"],
    [
      "a meta behind the first 1,024 bytes, at which a parser begins anew (13.2.3.5)",
      bytes(`<!--${"x".repeat(1100)}--><meta charset=utf-8>`),
      null,
      "utf-8",
      "meta",
    ],
    ["windows-1252 by default", bytes("<p>x"), null, "windows-1252", "fallback"],
    [
      "an unknown label in the header is passed over",
      bytes("<meta charset=koi8-r>"),
      "text/html; charset=nonsense",
      "koi8-r",
      "meta",
    ],
  ] as const)("is known by %s", (_, source, header, name, by) => {
    expect(charsetOf(source, header)).toMatchObject({ name, by });
  });

  // The Encoding Standard's index windows-1252: 0x80 is U+20AC, 0x93 and 0x94 are curly quotes, 0x9F is U+0178.
  it("decodes Windows-1252 as its index has it", () => {
    const decoded = decodeBytes(Uint8Array.of(0x80, 0x93, 0x94, 0x9f, 0x81), {
      name: "windows-1252",
      by: "meta",
      bom: 0,
    });
    expect(decoded).toBe("€“”Ÿ\u0081");
  });
});

describe("a page leaves in the character set it came in", () => {
  it.each([
    ["windows-1252", latin("<meta charset=windows-1252><title>caf\xe9 \x93x\x94</title><p>\xe9"), "Thé “5 €” 船"],
    // 한국 in EUC-KR is C7 D1 B1 B9.
    ["euc-kr", latin("<meta charset=euc-kr><title>\xc7\xd1\xb1\xb9</title><p>\xc7\xd1"), "한국 배 é"],
    // 日本 in Shift_JIS is 93 FA 96 7B.
    ["shift_jis", latin("<meta charset=shift_jis><title>\x93\xfa\x96\x7b</title><p>\x93\xfa"), "日本の船 é"],
    ["iso-2022-jp", latin("<meta charset=iso-2022-jp><title>\x1b$B\x46\x7c\x4b\x5c\x1b(B</title><p>x"), "Plain é"],
    [
      "utf-16le",
      Uint8Array.from([
        0xff,
        0xfe,
        ...[..."<title>a</title><p>é"].flatMap((c) => [c.charCodeAt(0) & 255, c.charCodeAt(0) >> 8]),
      ]),
      "Thé 船 🚢",
    ],
    // Broken UTF-8: a Latin-1 é before the tag.
    ["utf-8", latin("<meta charset=utf-8><p>caf\xe9<title>x</title>\xe9"), "Thé 船 🚢"],
  ])("%s", (name, source, value) => {
    const original = originalFromBytes(source);
    expect(original.charset.name).toBe(name);
    const { bytes: patched } = applyToSource(original, [{ op: "set-title", value, was: null }], { address });
    const again = readPage(originalFromBytes(patched), { address });
    expect(again.titles[0]?.text).toBe(value);
    // The bytes behind the title are the original's own.
    const end = latin("</title>");
    const tail = (all: Uint8Array) =>
      Buffer.from(all).subarray(
        Buffer.from(all).lastIndexOf(name.startsWith("utf-16") ? Buffer.from("</title>", "utf16le") : Buffer.from(end)),
      );
    expect(tail(patched).equals(tail(source))).toBe(true);
  });
});
