import { type Page, titleOf } from "../../page/page.ts";
import { carryField, type FieldEdit, planField } from "../head-field.ts";
import { insertHeadElement } from "../insert.ts";
import { escapeText } from "../markup.ts";
import { type Operation, setsWhatWas, valueIn } from "./operation.ts";

/** A title with a `pattern` follows it: `value` is what it last made. */
export interface SetTitle extends FieldEdit {
  op: "set-title";
  pattern?: string;
}

function plan(page: Page, edit: SetTitle) {
  const [first] = page.titles;
  const range = first?.range;
  if (range && range.endStart < 0)
    return "The title element is not closed in the source: close it with </title>, then bring the page in again.";
  return planField(edit, titleOf(page), first !== undefined, (value) => ({
    field: { name: "title", value },
    patches: () =>
      range
        ? [{ start: range.startEnd, end: range.endStart, text: escapeText(value) }]
        : [insertHeadElement(page, "title", `<title>${escapeText(value)}</title>`)],
    apply: (now) => {
      const [title, ...rest] = now.titles;
      return {
        ...now,
        titles: [title ? { ...title, text: value } : { text: value, where: "head", range: null }, ...rest],
      };
    },
  }));
}

export const setTitle: Operation<SetTitle> = {
  called: "title",
  schema: ({ value, nothing, text }) => ({ value, was: nothing, pattern: text }),
  nodes: () => [],
  is: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, { is }) => ({ op: "set-title", value: is, was: page.titles.length > 0 ? titleOf(page) : null }),
  plan: { html: plan, markdown: plan, fields: plan },
  headOrder: 0,
  carry: (edit, carrying) => carryField(edit, carrying, titleOf, "title"),
  sample: (_, { value }) => value.map((one) => ({ op: "set-title", value: one, was: null })),
};
