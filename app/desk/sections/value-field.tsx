import { ADDRESS_PARTS, type Field, type Parts } from "#core/structured-data/fields";
import { DAYS } from "#core/structured-data/times";
import { fieldClass } from "../../ui/controls";

/** An entity that is there already, which a value can lead to. */
export interface EntityChoice {
  id: string;
  label: string;
}

const SHORT = "w-28";
/** Where nothing says which currency it is. */
export const startOf = (field: Field): Parts =>
  field.kind === "price" || field.kind === "money" ? { currency: "GBP" } : {};

/** The inputs for a value, as its kind needs them: a day, an amount with its currency, an address, hours. */
export function ValueField({
  field,
  parts,
  choices = [],
  autoFocus = false,
  onChange,
  onClose,
}: {
  field: Field;
  parts: Parts;
  choices?: readonly EntityChoice[];
  autoFocus?: boolean;
  onChange: (parts: Parts) => void;
  onClose: () => void;
}) {
  const set = (name: string) => (value: string) => onChange({ ...parts, [name]: value });
  const input = (name: string, label: string, { type = "text", width = "", first = false, hint = "" } = {}) => (
    <input
      key={name}
      // biome-ignore lint/a11y/noAutofocus: it was just asked for
      autoFocus={autoFocus && first}
      aria-label={label}
      placeholder={hint || label}
      type={type}
      step="any"
      value={parts[name] ?? ""}
      onChange={(e) => set(name)(e.target.value)}
      onKeyDown={(e) => e.key === "Escape" && onClose()}
      className={`${fieldClass} ${width}`}
    />
  );
  const choice = (name: string, label: string, options: readonly (readonly [value: string, label: string])[]) => (
    <select
      aria-label={label}
      value={parts[name] ?? ""}
      onChange={(e) => set(name)(e.target.value)}
      className={fieldClass}
    >
      <option value="">choose</option>
      {options.map(([value, text]) => (
        <option key={value} value={value}>
          {text}
        </option>
      ))}
    </select>
  );
  switch (field.kind) {
    case "long":
      return (
        <textarea
          // biome-ignore lint/a11y/noAutofocus: it was just asked for
          autoFocus={autoFocus}
          aria-label="Value"
          rows={3}
          value={parts.text ?? ""}
          onChange={(e) => set("text")(e.target.value)}
          onKeyDown={(e) => e.key === "Escape" && onClose()}
          className={fieldClass}
        />
      );
    case "member":
      return choice(
        "text",
        "Value",
        field.members.map((one) => [one, one] as const),
      );
    case "truth":
      return choice("text", "Value", [
        ["yes", "yes"],
        ["no", "no"],
      ]);
    case "date":
      return input("date", "Day", { type: "date", first: true });
    case "moment":
      return (
        <span className="flex gap-2">
          {input("date", "Day", { type: "date", first: true })}
          {input("time", "Time", { type: "time", width: SHORT })}
        </span>
      );
    case "time":
      return input("time", "Time", { type: "time", width: SHORT, first: true });
    case "duration":
      return (
        <span className="flex items-baseline gap-2">
          {input("hours", "Hours", { type: "number", width: "w-20", first: true })} hours
          {input("minutes", "Minutes", { type: "number", width: "w-20" })} minutes
        </span>
      );
    case "price":
    case "money":
      return (
        <span className="flex gap-2">
          {input("amount", "Amount", { width: SHORT, first: true, hint: "6.50" })}
          {input("currency", "Currency", { width: "w-20", hint: "GBP" })}
        </span>
      );
    case "address":
      return (
        <span className="grid grid-cols-2 gap-2 [&>:first-child]:col-span-2">
          {ADDRESS_PARTS.map(([part, , label], i) => input(part, label, { first: i === 0 }))}
        </span>
      );
    case "hours":
      return (
        <Hours
          parts={parts}
          onChange={onChange}
          times={[
            input("opens", "Opens", { type: "time", width: SHORT }),
            input("closes", "Closes", { type: "time", width: SHORT }),
          ]}
        />
      );
    case "entity": {
      const linked = (parts.id ?? "") !== "";
      return (
        <span className="grid gap-2">
          {choices.length > 0 && (
            <select
              aria-label="Which"
              value={parts.id ?? ""}
              onChange={(e) =>
                onChange({
                  ...parts,
                  id: e.target.value,
                  ...(e.target.value && { name: choices.find((one) => one.id === e.target.value)?.label ?? "" }),
                })
              }
              className={fieldClass}
            >
              <option value="">a new one</option>
              {choices.map((one) => (
                <option key={one.id} value={one.id}>
                  → {one.label}
                </option>
              ))}
            </select>
          )}
          {!linked && (
            <span className="flex gap-2">
              <input
                aria-label="Type"
                list="value-types"
                placeholder={field.types[0] ?? "Thing"}
                value={parts.type ?? ""}
                onChange={(e) => set("type")(e.target.value)}
                className={`${fieldClass} w-36`}
              />
              <datalist id="value-types">
                {field.types.map((one) => (
                  <option key={one} value={one} />
                ))}
              </datalist>
              {input("name", "Name", { first: true, width: "min-w-0 flex-1" })}
            </span>
          )}
        </span>
      );
    }
    default:
      return input("text", "Value", {
        type: field.kind === "number" ? "number" : field.kind === "url" ? "url" : "text",
        first: true,
        hint: field.kind === "url" ? "https://" : " ",
      });
  }
}

function Hours({
  parts,
  onChange,
  times,
}: {
  parts: Parts;
  onChange: (parts: Parts) => void;
  times: React.ReactNode[];
}) {
  const on = (parts.days ?? "").split(",").filter(Boolean);
  return (
    <fieldset className="grid gap-2">
      <legend className="sr-only">Opening hours</legend>
      <span className="flex flex-wrap gap-x-3 gap-y-1">
        {DAYS.map((name, i) => (
          <label key={name} className="flex items-center gap-1">
            <input
              type="checkbox"
              checked={on.includes(String(i))}
              onChange={(e) =>
                onChange({
                  ...parts,
                  days: (e.target.checked ? [...on, String(i)] : on.filter((one) => one !== String(i))).join(","),
                })
              }
            />
            {name.slice(0, 3)}
          </label>
        ))}
      </span>
      <span className="flex items-baseline gap-2">
        from {times[0]} to {times[1]}
      </span>
    </fieldset>
  );
}
