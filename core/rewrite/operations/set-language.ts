import { languageOf, type Page } from "../../page/page.ts";
import { attributePlaces } from "../../page/start-tag.ts";
import { cleanValue } from "../clean-value.ts";
import { carryStated, type FieldEdit } from "../head-field.ts";
import { setAttribute } from "../markup.ts";
import { type Operation, patched, setsWhatWas, valueIn } from "./operation.ts";

export interface SetLanguage extends FieldEdit {
  op: "set-language";
}

function plan(page: Page, edit: SetLanguage) {
  const value = cleanValue(edit.value);
  if (value === languageOf(page)) return null;
  if (value === "") return "A page cannot be without a language. Type its tag, such as en-GB.";
  const { htmlStartEnd } = page.anchors;
  const start = htmlStartEnd < 0 ? -1 : page.source.lastIndexOf("<", htmlStartEnd - 1);
  if (start < 0) return "The source has no html element to say the language on. Add one there first.";
  const range = { start, startEnd: htmlStartEnd, endStart: -1, end: htmlStartEnd };
  // XML's own attribute says the same to other programs (HTML 3.2.6.2: the two must agree).
  const xml = attributePlaces(page.source, start, htmlStartEnd).some(({ name }) => name === "xml:lang");
  const names = xml ? ["lang", "xml:lang"] : ["lang"];
  return patched({ patches: names.map((name) => setAttribute(page.source, range, name, value)) });
}

export const setLanguage: Operation<SetLanguage> = {
  called: "language",
  schema: ({ value, nothing }) => ({ value, was: nothing }),
  nodes: () => [],
  is: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, { is }) => ({ op: "set-language", value: is, was: languageOf(page) || null }),
  plan: { html: plan },
  carry: (edit, carrying) => carryStated(edit, carrying, languageOf),
  sample: (_, { fc }) => fc.constantFrom("cy", "en-GB").map((value) => ({ op: "set-language", value, was: null })),
};
