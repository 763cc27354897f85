import { describe, expect, it } from "vitest";
import { auditRule } from "../../audit/auditor.ts";
import { auditSite } from "../../audit/examine-site.ts";
import { pictureSize } from "../../exchange/picture-size.ts";
import { readPage } from "../../page/read.ts";
import { applyToPage } from "../../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE } from "../../settings/house-style.ts";
import { facetsOf } from "../../site/facets/page-facets.ts";
import { pictures } from "../../site/facets/pictures.ts";
import { Site } from "../../site/index/site.ts";

const read = (body: string) =>
  readPage(`<html lang=en><title>Lamp</title><body>${body}`, { address: "https://a.example/" });
const context = { phrase: null as string | null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" };
const findings = (id: string, body: string, phrase: string | null = null) =>
  auditRule(id, read(body), { ...context, phrase });

describe("a rule about pictures finds what it is for, and nothing where that is not", () => {
  it.each<[string, string, string, string?]>([
    // HTML Living Standard 4.8.4.4.4: an empty alt for pictures that are there for looks; WCAG 2.2, 1.1.1.
    ["image/alt-missing", "<img src=a.png>", "<img src=a.png alt=''>"],
    ["image/alt-missing", "<a href=/><img src=a.png></a>", "<img src=a.png role=presentation>"],
    ["image/alt-missing", "<img src=a.png>", "<div aria-hidden=true><img src=a.png></div>"],
    // WCAG 2.2 failure F89.
    ["image/alt-empty-in-link", "<a href=/><img src=a.png alt=''></a>", "<a href=/><img src=a.png alt=''> Start</a>"],
    // WCAG 2.2 failure F30, example 1: the file's name.
    ["image/alt-file-name", "<img src=x alt='spacer.gif'>", "<img src=x alt='A lamp'>"],
    ["image/alt-file-name", "<img src=/a/red-hull.jpg alt=red-hull>", "<img src=/a/hull.jpg alt=hull>"],
    ["image/alt-too-long", `<img alt="${"long ".repeat(30)}">`, "<img alt=short>"],
    [
      "image/alt-repeats-text",
      "<a href=/><img alt='The lamp' src=a> The lamp</a>",
      "<a href=/><img alt='A drawing' src=a> The lamp</a>",
    ],
    ["image/alt-phrase-nowhere", "<img alt='A ship' src=a>", "<img alt='The fog signals' src=a>", "fog signal"],
    ["image/title-only", "<img title='A lamp' src=a>", "<img title='A lamp' alt='A lamp' src=a>"],
    ["image/no-size", "<img src=a.png alt=x>", "<img src=a.png alt=x width=1 height=1>"],
  ])("%s: %s", (id, wrong, right, phrase) => {
    expect(findings(id, wrong, phrase).map((finding) => finding.rule)).toEqual([id]);
    expect(findings(id, right, phrase)).toEqual([]);
  });

  it.each([
    ["image/title-only", "<img title='A lamp' src=a>", "A lamp"],
    ["image/alt-repeats-text", "<figure><img alt='The lamp' src=a><figcaption>The lamp</figcaption></figure>", ""],
  ])("the fix of %s settles it", (id, body, alt) => {
    const [finding] = findings(id, body);
    const { page } = applyToPage(read(body), finding?.fix?.edits ?? []);
    expect(page.images[0]?.alt).toBe(alt);
    expect(auditRule(id, page, context)).toEqual([]);
  });
});

describe("pictures across a site", () => {
  const page = read(
    '<img src="/img/a.png?v=2" alt="A lamp" width=300 height="200px"><img src=https://b.example/c.png>',
  );

  it("are kept by the paths of their addresses, with their texts and stated sizes", () => {
    expect(pictures.unpack(pictures.pack(pictures.take(page)))).toEqual([
      { at: "/img/a.png", alt: "A lamp", width: 300, height: 200 },
      { at: "https://b.example/c.png", alt: null, width: 0, height: 0 },
    ]);
  });

  // Common practice, no source: screens show up to two pixels of a picture for one of the page.
  it("are larger than shown from over twice their stated size on", () => {
    const found = (width: number, height: number) =>
      auditSite(new Site([facetsOf("/", page)]), DEFAULT_HOUSE_STYLE, {
        pictures: new Map([["/img/a.png", { width, height }]]),
      })
        .filter(({ rule }) => rule === "image/larger-than-shown")
        .map(({ message }) => message);
    expect(found(601, 401)).toEqual(["The picture “a.png” has 601 × 401 pixels and is shown at 300 × 200."]);
    expect(found(600, 400)).toEqual([]);
    // A wide picture cropped to its frame.
    expect(found(2000, 300)).toEqual([]);
  });

  it("are measured by their files", () => {
    // PNG (ISO/IEC 15948:2004), 11.2.2: width and height stand in IHDR, the first chunk, in four bytes each.
    const png = Uint8Array.from([
      0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52, 0, 0, 2, 88, 0, 0, 1, 0x90,
    ]);
    expect(pictureSize(png)).toEqual({ width: 600, height: 400 });
    expect(pictureSize(new TextEncoder().encode("no picture"))).toBeNull();
  });
});
