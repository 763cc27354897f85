import { descriptionOf } from "../../page/page.ts";
import { setDescription } from "../../result/result.ts";
import { limitsOf } from "../../settings/house-style.ts";
import { commonPractice, rule } from "../rule.ts";
import { descriptionRange, quoteEnd } from "../texts.ts";

export const descriptionCutMidSentence = rule({
  id: "description/cut-mid-sentence",
  weight: "may",
  formats: ["html", "markdown", "fields"],
  sees: ["metas"],
  fromFacets: true,
  heeds: ["limits"],
  finds: "a cut that falls inside the first sentence",
  counted: ["# description is cut inside its first sentence", "# descriptions are cut inside their first sentence"],
  why: "If one sentence is whole on every device, nothing is lost when the rest is cut.",
  source: commonPractice(),
  check(page, report, { houseStyle }) {
    const text = descriptionOf(page);
    const cut = setDescription(text, "desktop", limitsOf(houseStyle));
    if (cut.lost === "") return;
    const first = /^[^.!?…。]+[.!?…。]+/.exec(text);
    if (first && first[0].length <= cut.end) return;
    report({
      message: `The first sentence is cut after ${quoteEnd(text.slice(Math.max(0, cut.end - 24), cut.end).replace(/^\S*\s/, ""))}`,
      at: { part: "description", words: { start: cut.end, end: text.length }, range: descriptionRange(page) },
    });
  },
});
