import { doubledKeys } from "../../structured-data/json-text.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule } from "./data-rule.ts";

export const dataDoubledName = dataRule({
  id: "data/doubled-name",
  weight: "should",
  finds: "a name that stands twice in one object",
  counted: [
    "# page has structured data with a name twice in one object",
    "# pages have structured data with a name twice in one object",
  ],
  why: "Of two equal names only the last is read, and which one was meant cannot be told.",
  source: standard("RFC 8259", "section 4"),
  check(data, report) {
    for (const [block, { text, range, json }] of data.blocks.entries()) {
      // Names are counted first: only where more are written than were read is it worth looking where.
      if ("fault" in json || namesIn(json.value) >= (text.match(/"\s*:/g)?.length ?? 0)) continue;
      for (const { name, range: at } of doubledKeys(text)) {
        report({
          message: `${quote(name)} stands twice in one object; only the last is read.`,
          at: {
            part: "data",
            pointer: String(block),
            range: { start: range.start + at.start, end: range.start + at.end },
          },
        });
      }
    }
  },
});

function namesIn(value: unknown): number {
  let names = 0;
  const open: unknown[] = [value];
  for (let one = open.pop(); one !== undefined; one = open.pop()) {
    if (typeof one !== "object" || one === null) continue;
    const inner = Object.values(one);
    if (!Array.isArray(one)) names += inner.length;
    for (const each of inner) if (typeof each === "object" && each !== null) open.push(each);
  }
  return names;
}
