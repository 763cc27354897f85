import { descriptionElements, descriptionOf, type Page } from "../../page/page.ts";
import { carryField, type FieldEdit, planField } from "../head-field.ts";
import { insertHeadElement } from "../insert.ts";
import { escapeAttribute, setAttribute } from "../markup.ts";
import { type Operation, setsWhatWas, valueIn } from "./operation.ts";

/** A description with a `pattern` follows it: `value` is what it last made. */
export interface SetDescription extends FieldEdit {
  op: "set-description";
  pattern?: string;
}

const NEW_META = {
  name: "description",
  property: null,
  httpEquiv: null,
  charset: null,
  where: "head" as const,
  range: null,
};

function plan(page: Page, edit: SetDescription) {
  const present = page.metas.some(({ name }) => name === "description");
  return planField(edit, descriptionOf(page), present, (value) => ({
    field: { name: "description", value },
    patches: () => {
      const range = descriptionElements(page)[0]?.range;
      if (range) return [setAttribute(page.source, range, "content", value)];
      const tag = `<meta name="description" content="${escapeAttribute(value, '"')}"`;
      return [insertHeadElement(page, "description", tag)];
    },
    apply: (now) => {
      const at = now.metas.findIndex(({ name }) => name === "description");
      const set = { ...(now.metas[at] ?? NEW_META), content: value };
      return { ...now, metas: at < 0 ? [...now.metas, set] : now.metas.with(at, set) };
    },
  }));
}

export const setDescription: Operation<SetDescription> = {
  called: "description",
  schema: ({ value, nothing, text }) => ({ value, was: nothing, pattern: text }),
  nodes: () => [],
  is: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, { is }) => ({
    op: "set-description",
    value: is,
    was: descriptionElements(page).length > 0 ? descriptionOf(page) : null,
  }),
  plan: { html: plan, markdown: plan, fields: plan },
  headOrder: 1,
  carry: (edit, carrying) => carryField(edit, carrying, descriptionOf, "description"),
  sample: (_, { value }) => value.map((one) => ({ op: "set-description", value: one, was: null })),
};
