import type { Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import { plain } from "../structured-data/agreement.ts";
import { type Evidence, movedEvidence, type WrittenData } from "../structured-data/evidence.ts";
import { textOf, valuesOf } from "../structured-data/graph.ts";
import type { Json } from "../structured-data/json-text.ts";
import { dataOf, entitiesOf, placedBlock } from "../structured-data/page-data.ts";
import { isKindOf } from "../structured-data/vocabulary.ts";
import { addProperty } from "./add-property.ts";
import { dataEdit, evidenceFor } from "./data-edit.ts";
import { questions } from "./recognise/questions.ts";

/** Questions that a page shows with their answers and its FAQ does not state, and the edit that states them; null for none. */
export function moreQuestions({
  page,
  written,
}: {
  page: Page;
  written: readonly WrittenData[];
}): { count: number; edit: Edit } | null {
  const data = dataOf(page);
  const faq = data.roots.find(({ types }) => types.some((type) => isKindOf(type, "FAQPage")));
  const block = faq && placedBlock(data, faq.place);
  const shown = block && questions({ page, organisation: null });
  if (!block || !shown) return null;
  const stated = new Set(
    valuesOf(faq, "mainEntity")
      .flatMap((value) => entitiesOf(data, value))
      .map((question) => plain(textOf(question, "name"))),
  );
  let { text } = block;
  let evidence: Evidence[] = [...evidenceFor(written, text)];
  let count = 0;
  for (const [i, question] of (shown.entity.mainEntity as { [name: string]: Json }[]).entries()) {
    if (stated.has(plain(String(question.name)))) continue;
    const own = `/mainEntity/${i}/`;
    const said = addProperty(text, faq.place.path, "mainEntity", question);
    const taken = shown.evidence.filter(({ pointer }) => pointer.startsWith(own));
    evidence = [
      ...movedEvidence(evidence, said.moved),
      ...taken.map((one) => ({ ...one, pointer: `${said.pointer}/${one.pointer.slice(own.length)}` })),
    ];
    ({ text } = said);
    count++;
  }
  return count === 0 ? null : { count, edit: dataEdit(block.text, text, evidence) };
}
