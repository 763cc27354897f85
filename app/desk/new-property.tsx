import { useState } from "react";
import { offeredFor } from "#core/structured-data/offered";
import { isDataType, isKindOf, membersOf, type PropertyTerm, vocabulary } from "#core/structured-data/vocabulary";
import { Action, fieldClass } from "../ui/controls";
import { useDescription } from "./use-description";

const INPUTS: [ranges: string[], type: string][] = [
  [["Date"], "date"],
  [["DateTime"], "datetime-local"],
  [["Time"], "time"],
  [["Number", "Integer", "Float"], "number"],
  [["URL"], "url"],
];

/** The field that suits what schema.org says of a property's values. */
function fieldFor({ ranges }: PropertyTerm): { input: string } | { members: string[] } | { entity: string } {
  const members = ranges.flatMap((range) => (isKindOf(range, "Enumeration") ? membersOf(range) : []));
  if (members.length > 0) return { members: members.map(({ name }) => name) };
  if (ranges.includes("Boolean")) return { members: ["True", "False"] };
  const thing = ranges.find((range) => !isDataType(range) && !isKindOf(range, "Quantity"));
  if (thing && !ranges.some(isDataType)) return { entity: thing };
  const only = INPUTS.find(([types]) => ranges.every((range) => types.includes(range)));
  return { input: only?.[1] ?? "text" };
}

/** A line for one more property of an entity: what its search features need first, then what else schema.org has for it. */
export function NewProperty({
  types,
  has,
  onAdd,
  onClose,
}: {
  types: readonly string[];
  has: readonly string[];
  onAdd: (property: string, value: unknown) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState("");
  const [value, setValue] = useState("");
  const offered = offeredFor(types, has);
  const term = vocabulary().properties.get(name.trim());
  const description = useDescription(term?.name ?? "");
  const field = term ? fieldFor(term) : { input: "text" };
  const made = (): unknown => {
    if ("members" in field) return /^(?:True|False)$/.test(value) ? value === "True" : `https://schema.org/${value}`;
    if ("entity" in field) return { "@type": field.entity, name: value };
    return field.input === "number" ? Number(value) : value;
  };
  return (
    <form
      className="my-2 grid gap-2 border-blue border-l-2 pl-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (term && value !== "") onAdd(term.name, made());
      }}
    >
      <div className="grid grid-cols-[minmax(120px,0.6fr)_minmax(0,1fr)] gap-3">
        <input
          // biome-ignore lint/a11y/noAutofocus: it was just asked for
          autoFocus
          aria-label="Property"
          placeholder={offered[0]?.name ?? "Property"}
          list="data-properties"
          value={name}
          onChange={(e) => setName(e.target.value)}
          onKeyDown={(e) => e.key === "Escape" && onClose()}
          className={fieldClass}
        />
        <datalist id="data-properties">
          {offered.map((one) => (
            <option key={one.name} value={one.name}>
              {one.why}
            </option>
          ))}
        </datalist>
        {"members" in field ? (
          <select aria-label="Value" value={value} onChange={(e) => setValue(e.target.value)} className={fieldClass}>
            <option value="">choose</option>
            {field.members.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        ) : (
          <input
            aria-label="Value"
            type={"entity" in field ? "text" : field.input}
            step="any"
            placeholder={"entity" in field ? `Name of the ${field.entity}` : ""}
            value={value}
            onChange={(e) => setValue(e.target.value)}
            onKeyDown={(e) => e.key === "Escape" && onClose()}
            className={fieldClass}
          />
        )}
      </div>
      {description && <p className="text-soft">{description}</p>}
      {name.trim() !== "" && !term && <p className="text-soft">schema.org has no property of that name.</p>}
      <span className="flex gap-4">
        <Action type="submit" disabled={!term || value === ""}>
          Say it
        </Action>
        <Action onClick={onClose}>Leave it</Action>
      </span>
    </form>
  );
}
