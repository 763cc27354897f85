import { languageOf } from "../page/page.ts";
import { type LetterCase, toCase } from "../phrase/letter-case.ts";
import { joinNames } from "../phrase/written-names.ts";
import { FIELD_NAMES, type Field, fieldEdit, textOfField } from "../rewrite/field-edit.ts";
import { withoutBrand } from "../settings/without-brand.ts";
import { namesOnPage } from "../site/names.ts";
import { NOTHING, oneLine, type Proposal, type ProposedLine } from "./proposal.ts";

export interface AskedCase {
  field: Field;
  style: LetterCase;
}

/** Texts get the capitals of a style; names and the brand keep their own. */
export const letterCase: Proposal<AskedCase> = {
  needsNames: true,
  propose({ original, page, houseStyle, names: written }, { field, style }) {
    const language = languageOf(page) || "en";
    const was = textOfField(page, field);
    const shown = field === "title" || field === "description" ? { shownAs: field } : {};
    const line: ProposedLine = { called: FIELD_NAMES[field], ...shown, was, is: was, edits: [], reason: null };
    if (style !== "sentence" && style !== "lower" && !language.toLowerCase().startsWith("en"))
      return oneLine({ ...line, reason: `Title case is for English; this page is in “${language}”.` });
    const bare = field === "title" ? withoutBrand(was, houseStyle.brand) : was;
    const at = was.indexOf(bare);
    if (bare === "" || at < 0) return NOTHING;
    const names = joinNames(namesOnPage(page, houseStyle), written);
    const { text, unsure, lowered } = toCase(bare, style, { language, names });
    const is = was.slice(0, at) + text + was.slice(at + bare.length);
    const told = { ...(unsure.length > 0 && { unsure }), ...(lowered.length > 0 && { lowered }) };
    if (is === was)
      return unsure.length === 0
        ? NOTHING
        : oneLine({
            ...line,
            ...told,
            reason: `It stays as it is: ${unsure.join(", ")} may be ${/^de\b/i.test(language) ? "nouns or names" : "names"}.`,
          });
    const edit = fieldEdit(original, field, is);
    return oneLine("reason" in edit ? { ...line, reason: edit.reason } : { ...line, ...told, is, edits: [edit] });
  },
};
