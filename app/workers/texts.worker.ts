import * as Comlink from "comlink";
import { type TextChange, type TextChangeContext, textChanger } from "#core/rewrite/bulk";

/** Texts after a change; a regular expression may run without end, so that this worker can be ended. */
function changeTexts(
  change: TextChange,
  texts: readonly string[],
  contexts: readonly TextChangeContext[],
): string[] | { reason: string } {
  const changer = textChanger(change);
  if (typeof changer !== "function") return changer;
  return texts.map((text, i) => changer(text, contexts[i] ?? { brand: "", separator: "", language: "en" }));
}

const api = { changeTexts };
export type TextsWorker = typeof api;

Comlink.expose(api);
