import { describe, expect, it } from "vitest";
import { readFrontMatter, valuesOf } from "./front-matter.ts";
import { loadMarkdown } from "./load-markdown.ts";
import { originalFromText } from "./original.ts";
import { readPage } from "./read.ts";

await loadMarkdown({ kind: "markdown" });

const frontOf = (yaml: string) => readFrontMatter(`---\n${yaml}\n---\n# Lamp\n`);
const valuesIn = (yaml: string) => {
  const front = frontOf(yaml);
  return front && !front.fault ? valuesOf(front) : front?.fault;
};

/** YAML 1.2.2 by section, written down from memory: what it means, never how a parser does it. */
const MEANS: [section: string, yaml: string, values: Record<string, string>][] = [
  ["7.3.3 plain", "title: The lamp", { title: "The lamp" }],
  ["7.3.3 plain: a colon within a word ends nothing", "title: Lamp:lit", { title: "Lamp:lit" }],
  ["7.3.3 plain: a hash within a word begins no comment", "title: Lamp#4", { title: "Lamp#4" }],
  ["6.6 comments: a hash behind a space begins one", "title: Lamp # lit", { title: "Lamp" }],
  ["7.3.3 plain: lines are folded", "title: The lamp\n  of the ship", { title: "The lamp of the ship" }],
  ["7.3.3 plain: brackets within are text", "title: Lamp [lit] {now}", { title: "Lamp [lit] {now}" }],
  ["7.3.2 single-quoted: a quote is doubled", "title: 'The ship''s lamp'", { title: "The ship's lamp" }],
  ["7.3.2 single-quoted: nothing is escaped", "title: 'a\\nb'", { title: "a\\nb" }],
  ["7.3.1 double-quoted: escapes", 'title: "a\\tb \\u00e9 \\x41 \\"c\\""', { title: 'a\tb é A "c"' }],
  ["7.3.1 double-quoted: beyond the basic plane", 'title: "\\U0001F6A2"', { title: "🚢" }],
  ["7.3.1 double-quoted: colons and hashes are text", 'title: "a: b # c"', { title: "a: b # c" }],
  ["8.1.2 literal: line breaks stay", "title: |\n  a\n  b", { title: "a\nb\n" }],
  ["8.1.1.2 strip", "title: |-\n  a\n  b", { title: "a\nb" }],
  ["8.1.3 folded", "title: >-\n  a\n  b", { title: "a b" }],
  ["8.1.3 folded: an empty line is a break", "title: >-\n  a\n\n  b", { title: "a\nb" }],
  ["8.2.1 block sequence", "tags:\n  - a\n  - b", { tags: "a, b" }],
  ["8.2.1 block sequence, not indented", "tags:\n- a\n- b", { tags: "a, b" }],
  ["7.4.1 flow sequence", "tags: [a, 'b c', \"d\"]", { tags: "a, b c, d" }],
  ["7.4.2 flow mapping", "author: {name: Ada, since: 1912}", { "author.name": "Ada", "author.since": "1912" }],
  [
    "8.2.2 block mapping in another",
    "author:\n  name: Ada\n  at:\n    port: Quay",
    { "author.name": "Ada", "author.at.port": "Quay" },
  ],
  ["10.3.2 null: written or left out", "a: ~\nb: null\nc:", { a: "", b: "", c: "" }],
  ["10.3.2 as it is written: numbers", "a: 012\nb: 1.50\nc: 0x1F", { a: "012", b: "1.50", c: "0x1F" }],
  [
    "10.3.2 as it is written: truths of older versions are words",
    "a: yes\nb: off\nc: True",
    { a: "yes", b: "off", c: "True" },
  ],
  [
    "7.1 an alias stands for a value before it",
    "title: &t The lamp\ndescription: *t",
    { title: "The lamp", description: "The lamp" },
  ],
  ["6.9.2 anchors are no part of a value", "title: &t The lamp", { title: "The lamp" }],
  ["7.3 names may be quoted", "\"title\": a\n'description': b", { title: "a", description: "b" }],
  ["7.3 a name may hold spaces", "the title: a", { "the title": "a" }],
  ["5.1 any letter", "titre: Une île — 船", { titre: "Une île — 船" }],
  ["a day stays as it is written (10.3.2 has none)", "date: 2026-11-29", { date: "2026-11-29" }],
];

/** What YAML 1.2.2 does not allow, with the line of the file on which it shows. */
const BROKEN: [why: string, yaml: string, line: number][] = [
  ["7.3.1 a double quote that is not closed, which shows at the end", 'title: "a\nb: c', 4],
  ["7.4.1 a sequence that is not closed, which shows at the end", "title: a\ntags: [a, b\n", 5],
  ["7.4.2 a mapping closed by the wrong sign", "a: {b: c]\n", 2],
  ["3.2.1.3 one name twice", "title: a\nb: c\ntitle: d", 4],
  ["3.2.1.3 one name twice, deeper", "author:\n  name: a\n  name: b", 4],
  ["6.1 indented by a tab", "author:\n\tname: a", 3],
  ["7.3.3 two colons in one plain line", "title: a: b", 2],
  ["7.3.1 an escape that there is not", 'title: "\\q"', 2],
  ["5.3 a value that begins with a reserved sign", "title: @lamp", 2],
  ["5.3 another", "title: `lamp`", 2],
  ["7.1 an alias to nothing", "title: *nobody", 2],
  ["9.1 a second document", "title: a\n--- b", 3],
  ["a sign that closes what was never opened", "title: a\n]", 3],
];

describe("front matter means what YAML 1.2.2 says", () => {
  it.each(MEANS)("%s", (_, yaml, values) => expect(valuesIn(yaml)).toEqual(values));

  it.each(MEANS)("with the line ends of Windows too: %s", (_, yaml, values) => {
    const front = readFrontMatter(`---\r\n${yaml.replaceAll("\n", "\r\n")}\r\n---\r\n# Lamp\r\n`);
    expect(front && !front.fault && valuesOf(front)).toEqual(values);
  });
});

describe("front matter that is none", () => {
  it.each(BROKEN)("is named with its line: %s", (_, yaml, line) => {
    expect(frontOf(yaml)?.fault).toMatch(new RegExp(`^line ${line}: `));
  });

  it.each(BROKEN)("makes a page that says so and loses nothing: %s", (_, yaml) => {
    const source = `---\n${yaml}\n---\n# Lamp\n`;
    const page = readPage(originalFromText(source, "markdown"), { address: "https://quay.example/lamp" });
    expect([page.fault, page.source]).toEqual(["front-matter", source]);
    expect(page.values.fault).toMatch(/^line \d+: /);
  });
});
