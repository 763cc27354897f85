import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { originalFromBytes } from "#core/page/original-from-bytes";
import { readPage } from "#core/page/read";
import { contentOf } from "#core/rewrite/content";
import { writeContent } from "#core/rewrite/write-content";
import { docOf, piecesOf } from "./paragraph-schema";

const folder = new URL("../../../demo/gullhaven/", import.meta.url);
const files = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((file) => /\.(html|md)$/.test(file));

describe("a text in the editor", () => {
  it.each(files)("goes through it unchanged: %s", (file) => {
    const original = originalFromBytes(new Uint8Array(readFileSync(new URL(encodeURI(file), folder))));
    const page = readPage(original, { address: "https://www.example/" });
    for (const [index] of page.blocks.entries()) {
      const content = contentOf(page, index);
      if (typeof content === "string") continue;
      const doc = docOf(content);
      doc.check();
      expect(writeContent(page, index, piecesOf(doc))).toEqual(writeContent(page, index, content));
    }
  });
});
