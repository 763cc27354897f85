import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "../rewrite/apply.ts";
import { type Edit, slotOf } from "../rewrite/edits.ts";
import { keyOf } from "../rewrite/resolve.ts";
import { fixOnPage, type SiteFix } from "./site-fix.ts";

const address = "https://quay.example/visit/here";
const read = (source: string) => readPage(source, { address });
const relink = (from: string, to: string): SiteFix => ({ label: "Link there", relink: { from, to } });
const wrap = (words: string, to: string): SiteFix => ({ label: "Link it", wrap: { words, to } });

/** The source with a fix on the page as edits have left it; null where it has nothing to mend. */
function mended(source: string, fix: SiteFix, edits: readonly Edit[] = []): string | null {
  const original = read(source);
  const { page } = applyToPage(original, edits);
  const made = fixOnPage(fix, { original, page, edits });
  if (!made) return null;
  const { bytes, refused } = applyToSource(originalFromText(source), [...edits, ...made.edits], { address });
  expect(refused).toEqual([]);
  return new TextDecoder().decode(bytes);
}

describe("a fix across pages, on one of them", () => {
  it("leads every link to the address, each in its own notation, and keeps what it leads to there", () => {
    expect(
      mended(
        '<p><a href="/old">a</a><a href="../old#x">b</a><a href="https://quay.example/old/">c</a><a href="/other">d</a>',
        relink("/old", "https://quay.example/new?q=1"),
      ),
    ).toBe(
      '<p><a href="/new?q=1">a</a><a href="../new?q=1#x">b</a><a href="https://quay.example/new?q=1">c</a><a href="/other">d</a>',
    );
  });

  it("writes an address of another host in full", () => {
    expect(mended('<p><a href="/old">a</a>', relink("/old", "https://other.example/new"))).toBe(
      '<p><a href="https://other.example/new">a</a>',
    );
  });

  it("puts a heading before the block that says a sentence, as deep as the one that it stands under", () => {
    const head = (sentence: string): SiteFix => ({
      label: "Head it",
      head: { id: sentence, sentence, text: "The lamp & it" },
    });
    const source = "<h1>Ship</h1><p>It is lit. It is old.</p><h2>Old</h2><h3>Older</h3><p>It turns.</p>";
    expect(mended(source, head("It is old."))).toContain("<h1>Ship</h1><h2>The lamp &amp; it</h2>");
    expect(mended(source, head("It turns."))).toContain("<h3>Older</h3><h3>The lamp &amp; it</h3>");
    expect(mended(source, head("It is gone."))).toBeNull();
    // The same words over another block: both stand.
    const original = read(source);
    const made = fixOnPage(head("It turns."), { original, page: original, edits: [] });
    const both = mended(source, head("It is old."), made?.edits) ?? "";
    expect(both.match(/The lamp &amp; it/g)).toHaveLength(2);
    expect(
      new Set(
        [
          ...(made?.edits ?? []),
          ...(fixOnPage(head("It is old."), { original, page: original, edits: [] })?.edits ?? []),
        ].map(slotOf),
      ).size,
    ).toBe(2);
    expect(mended("<h2>It is lit.</h2>", head("It is lit."))).toBeNull();
  });

  it("makes words a link where they stand first, headings and links apart", () => {
    expect(
      mended(
        "<h2>The lamp</h2><p>See <a href=/x>the lamp</a> and the lamp.</p><p>The lamp",
        wrap("lamp", "https://quay.example/lamp"),
      ),
    ).toBe('<h2>The lamp</h2><p>See <a href=/x>the lamp</a> and the <a href="/lamp">lamp</a>.</p><p>The lamp');
    expect(mended("<h2>The lamp</h2><p>See <a href=/x>the lamp</a>", wrap("lamp", "https://quay.example/lamp"))).toBe(
      null,
    );
  });

  it("makes the words of one sentence a link, and no others", () => {
    const source = "<p>The lamp is lit. See the lamp. <a href=/x>No lamp</a> today.";
    const at = (text: string, at: number): SiteFix => ({
      label: "Link it",
      wrap: { words: "lamp", to: "https://quay.example/lamp", sentence: { text, at } },
    });
    expect(mended(source, at("See the lamp.", 8))).toBe(
      '<p>The lamp is lit. See the <a href="/lamp">lamp</a>. <a href=/x>No lamp</a> today.',
    );
    expect(mended(source, at("No lamp today.", 3))).toBe(null);
    expect(mended(source, at("Another lamp.", 8))).toBe(null);
  });

  it("is bound to the page as the redraft leaves it", () => {
    const source = "<p><a href=/old>a</a> <a href=/old>b</a>";
    const link: Edit = { op: "set-link-href", link: keyOf(read(source), "link", 0), value: "/mine", was: "/old" };
    expect(mended(source, relink("/old", "https://quay.example/new"), [link])).toBe(
      '<p><a href="/mine">a</a> <a href="/new">b</a>',
    );
  });

  it.each([[relink("/old", "https://quay.example/new")], [wrap("lamp", "https://quay.example/lamp")]])(
    "is none where nothing of it is there any more",
    (fix) => {
      expect(mended("<p>Nothing <a href=/else>else</a>.", fix)).toBe(null);
    },
  );

  it("is taken as it is where it was edits already", () => {
    const fix: SiteFix = { label: "Take the H1", edits: [{ op: "set-title", value: "New", was: "Old" }] };
    const page = read("<title>Old</title>");
    expect(fixOnPage(fix, { original: page, page, edits: [] })).toBe(fix);
  });
});
