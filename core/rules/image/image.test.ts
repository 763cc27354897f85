import { describe, expect, it } from "vitest";
import { readPage } from "../../page/read.ts";
import { applyToPage } from "../../rewrite/apply.ts";
import { auditRule } from "../audit.ts";
import { DEFAULT_HOUSE_STYLE } from "../house-style.ts";

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
