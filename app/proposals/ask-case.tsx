import { useMemo, useState } from "react";
import { LETTER_CASES, type LetterCase } from "#core/phrase/letter-case";
import type { Asked } from "#core/proposals/all";
import type { Field } from "#core/rewrite/field-edit";
import { fieldClass } from "../ui/controls";
import { FieldChoice } from "./field-choice";
import type { QuestionProps } from "./question";

export function AskCase({ preview }: QuestionProps) {
  const [field, setField] = useState<Field>("title");
  const [style, setStyle] = useState<LetterCase>("sentence");
  const asked = useMemo((): Asked => ({ way: "letterCase", field, style }), [field, style]);
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-4">
        <FieldChoice value={field} choices={["title", "h1", "description"]} onChoose={setField} />
        <select
          aria-label="Case"
          value={style}
          onChange={(e) => setStyle(e.target.value as LetterCase)}
          className={fieldClass}
          style={{ width: "auto" }}
        >
          {Object.entries(LETTER_CASES).map(([one, { name }]) => (
            <option key={one} value={one}>
              {name}
            </option>
          ))}
        </select>
        <span className="text-ink-soft">{LETTER_CASES[style].label}</span>
      </div>
      {preview(asked)}
    </>
  );
}
