import { slugOf, withSlug } from "../../address/slug.ts";
import type { Page } from "../../page/page.ts";
import { cleanValue } from "../clean-value.ts";
import { carryField, type FieldEdit, planField } from "../head-field.ts";
import { type Operation, setsWhatWas, valueIn } from "./operation.ts";

/** The last segment of the address. Changes the address and the change list; of sources only front matter says it. */
export interface SetSlug extends FieldEdit {
  op: "set-slug";
}

function plan(page: Page, edit: SetSlug) {
  const value = cleanValue(edit.value);
  if (slugOf(page.address) === "") return "The start page of a site has no slug to change.";
  if (value === "") return "A slug cannot be empty. Type the last part of the address.";
  if (/[/?#\\]/.test(value)) return "A slug is one segment of an address: leave out /, ?, # and \\.";
  return planField(edit, slugOf(page.address), true, (slug) => ({
    field: { name: "slug", value: slug },
    patches: () => [],
    apply: (now) => ({ ...now, address: withSlug(now.address, slug) }),
  }));
}

export const setSlug: Operation<SetSlug> = {
  called: "slug",
  schema: ({ value, nothing }) => ({ value, was: nothing }),
  nodes: () => [],
  is: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, { is }) => ({ op: "set-slug", value: is, was: slugOf(page.address) }),
  plan: { html: plan, markdown: plan, fields: plan },
  carry: (edit, carrying) => carryField(edit, carrying, (page) => slugOf(page.address), "slug"),
  sample: (_, { fc }) =>
    fc.constantFrom("opening-times", "café", "a b").map((value) => ({ op: "set-slug", value, was: null })),
};
