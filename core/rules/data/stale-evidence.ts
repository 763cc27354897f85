import { dataEdit, evidenceFor } from "../../compose/data-edit.ts";
import { evidenceOf, followEvidence } from "../../structured-data/evidence.ts";
import { rangeAt } from "../../structured-data/json-text.ts";
import { pathOfPointer, replaceValue } from "../../structured-data/patch-json.ts";
import { commonPractice } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule } from "./data-rule.ts";

export const dataStaleEvidence = dataRule({
  id: "data/stale-evidence",
  weight: "should",
  finds: "a value whose words on the page have changed since they were taken",
  counted: [
    "# page has data whose words on the page have changed",
    "# pages have data whose words on the page have changed",
  ],
  hasFix: true,
  why: "The value was taken from the page’s own words. They say something else now, and the data still says what they said.",
  source: commonPractice("the text quote selector of the W3C Web Annotation Data Model keeps the place"),
  sees: ["blocks"],
  check(data, report, { page, written = [] }) {
    for (const [name, evidence] of evidenceOf(data, written)) {
      const state = followEvidence(page, evidence);
      if (state.state === "there") continue;
      const index = Number.parseInt(name, 10);
      const block = data.blocks[index];
      if (!block) continue;
      const path = pathOfPointer(evidence.pointer);
      const { start, end } = rangeAt(block.text, path, "value");
      const kept = evidenceFor(written, block.text);
      const now = state.state === "changed" ? state.now : null;
      // A value that says the words themselves can say the new ones; a date or number made of them must be looked at.
      const same = now !== null && JSON.parse(block.text.slice(start, end)) === evidence.exact;
      report({
        message:
          now === null
            ? `The words that this was taken from are gone from the page: ${quote(evidence.exact, 60)}.`
            : `The page said ${quote(evidence.exact, 60)} when this was taken, and now says ${quote(now, 60)}.`,
        at: { part: "data", pointer: name, range: { start: block.range.start + start, end: block.range.start + end } },
        ...(same &&
          now !== null && {
            fix: {
              label: "Take over what it says now",
              edits: [
                dataEdit(
                  block.text,
                  replaceValue(block.text, path, now),
                  kept.map((one) => (one === evidence ? { ...one, exact: now } : one)),
                ),
              ],
            },
          }),
      });
    }
  },
});
