import { FIELD_NAMES, type Field } from "#core/rewrite/field-edit";
import { fieldClass } from "../ui/controls";

/** Which of a page's texts is meant. */
export function FieldChoice<F extends Field>({
  value,
  choices,
  onChoose,
}: {
  value: F;
  choices: readonly F[];
  onChoose: (field: F) => void;
}) {
  return (
    <label className="flex items-baseline gap-2">
      Of the
      <select
        aria-label="Field"
        value={value}
        onChange={(e) => onChoose(e.target.value as F)}
        className={fieldClass}
        style={{ width: "auto" }}
      >
        {choices.map((one) => (
          <option key={one} value={one}>
            {FIELD_NAMES[one]}
          </option>
        ))}
      </select>
    </label>
  );
}
