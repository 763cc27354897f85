import { rule, standard } from "../rule.ts";
import { counted } from "../texts.ts";

export const markupDuplicateId = rule({
  id: "markup/duplicate-id",
  weight: "must",
  sees: ["ids"],
  finds: "an id that several elements bear",
  why: "An id names one element. Links, labels and scripts find the first one only, which may be the wrong one.",
  source: standard("HTML Living Standard 3.2.6 (the id attribute); axe-core duplicate-id"),
  *check(page) {
    const seen = new Map<string, number>();
    for (const { id } of page.ids) seen.set(id, (seen.get(id) ?? 0) + 1);
    for (const [id, times] of seen) {
      if (times < 2) continue;
      const second = page.ids.filter((one) => one.id === id)[1];
      yield {
        message: `The id “${id}” is borne by ${counted(times, "element")}.`,
        at: { part: "markup", range: second?.range ?? null },
      };
    }
  },
});
