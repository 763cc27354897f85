import { useState } from "react";
import { FEATURES } from "#core/structured-data/features";
import { MADE_FROM, nearest, vocabulary } from "#core/structured-data/vocabulary";
import { Action, fieldClass } from "../../ui/controls";
import { useDescription } from "./use-description";

/** Types that search features are made from come first. */
const COMMON = [...new Set(FEATURES.filter(({ retired }) => !retired).flatMap(({ types }) => types))].sort();

/** A field for the type of a new entity: any of schema.org's. */
export function NewEntity({ onAdd, onClose }: { onAdd: (type: string) => void; onClose: () => void }) {
  const [typed, setTyped] = useState("");
  const { types } = vocabulary();
  const type = typed.trim();
  const known = types.has(type) && !types.get(type)?.isData;
  const near = type === "" || known ? [] : nearest(type, types.keys());
  const description = useDescription(known ? type : "");
  return (
    <form
      className="mt-3 grid gap-2 border-blue border-l-2 pl-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (known) onAdd(type);
      }}
    >
      <input
        // biome-ignore lint/a11y/noAutofocus: it was just asked for
        autoFocus
        aria-label="Type of the entity"
        placeholder="Type, such as Event"
        list="data-types"
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        onKeyDown={(e) => e.key === "Escape" && onClose()}
        className={fieldClass}
      />
      <datalist id="data-types">
        {[...COMMON, ...[...types.keys()].filter((one) => !COMMON.includes(one))].map((one) => (
          <option key={one} value={one} />
        ))}
      </datalist>
      {description && <p className="text-ink-soft">{description}</p>}
      <p className="text-12 text-ink-soft">Types of {MADE_FROM}.</p>
      {type !== "" && !known && (
        <p className="text-ink-soft">
          schema.org has no type of that name{near.length > 0 ? `. Nearest: ${near.join(", ")}` : ""}.
        </p>
      )}
      <span className="flex gap-4">
        <Action type="submit" disabled={!known}>
          Add it
        </Action>
        <Action onClick={onClose}>Cancel</Action>
      </span>
    </form>
  );
}
