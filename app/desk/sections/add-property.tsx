import { useState } from "react";
import { addProperty, type Blank } from "#core/compose/add-property";
import { dataEdit } from "#core/compose/data-edit";
import { linkable } from "#core/compose/link-entity";
import { keptEvidence, lastPlaceUnder, writeOnPage } from "#core/compose/write-on-page";
import { languageName } from "#core/page/in-a-sentence";
import { languageOf } from "#core/page/page";
import type { Edit } from "#core/rewrite/edits";
import { type Field, fieldFor, makeValue, type Parts } from "#core/structured-data/fields";
import type { Entity } from "#core/structured-data/graph";
import { offeredFor } from "#core/structured-data/offered";
import type { PageData } from "#core/structured-data/page-data";
import { vocabulary } from "#core/structured-data/vocabulary";
import { Action, fieldClass } from "../../ui/controls";
import { useNotices } from "../../ui/notice";
import { useUnkept } from "../../ui/unkept";
import type { Desk } from "../use-desk";
import { useDescription } from "./use-description";
import { startOf, ValueField } from "./value-field";

/** What of the desk it takes. */
type Taken = Pick<Desk, "edit" | "edits" | "houseStyle" | "original" | "page" | "written">;

const TEXT: Field = { kind: "text" };

/**
 * A form for one more value of an entity: of a blank that was chosen, or of any property of schema.org's, what its search
 * features need first. The value can be written onto the page in the same step.
 */
export function AddProperty({
  desk,
  data,
  entity,
  text,
  asked,
  onClose,
}: {
  desk: Taken;
  data: PageData;
  entity: Entity;
  /** The block that the entity stands in. */
  text: string;
  /** What is to be said; null asks for it. */
  asked: Pick<Blank, "path" | "label"> | null;
  onClose: () => void;
}) {
  const { fail } = useNotices();
  const [name, setName] = useState(asked?.path ?? "");
  const [parts, setParts] = useState<Parts>({});
  const [heading, setHeading] = useState<number | null>(null);
  const [sentence, setSentence] = useState<string | null>(null);
  const has = entity.properties.map((one) => one.name);
  const offered = asked ? [] : offeredFor(entity.types, has);
  const term = vocabulary().properties.get(name.trim().split(".").at(-1) ?? "");
  const description = useDescription(term?.name ?? "");
  const field = term ? fieldFor(term) : TEXT;
  const filled = { ...startOf(field), ...parts };
  const known = linkable(
    data,
    entity,
    field.kind === "entity" ? field.types : [],
    desk.houseStyle.data?.organisation,
    desk.page.address,
  );
  const made = term ? makeValue(field, filled) : { reason: "" };
  const ready = "json" in made;
  const words = ready ? made.words : "";
  const label = asked?.label ?? name.trim();
  const written = sentence ?? words;
  const inLanguage = languageName(desk.page);
  // A value alone is no sentence; what it is called here is not what the page would call it.
  const worded = heading === null || (written.trim() !== words && written.trim() !== "");
  const places = desk.page.headings.flatMap(({ text: own, landmark }, i) =>
    own !== "" &&
    (landmark === null || landmark === "main" || landmark === "region") &&
    lastPlaceUnder(desk.page, i) >= 0
      ? [{ i, own }]
      : [],
  );
  const onPage = desk.page.format === "html" && places.length > 0 && field.kind !== "url";
  const keep = async () => {
    if (!("json" in made) || !worded) return false;
    const link = known.find((one) => one.id === parts.id);
    const before: Edit[] = link?.names && link.names.was !== text ? [dataEdit(link.names.was, link.names.text)] : [];
    const own = link?.names?.was === text ? link.names.text : text;
    const said = addProperty(own, entity.place.path, name.trim(), made.json, made.beside);
    if (heading === null || written.trim() === "") {
      const edits = [...before, dataEdit(text, said.text, keptEvidence(desk.written, text, said))];
      const refused = desk.edit(edits, label);
      if (refused === null) onClose();
      return refused === null;
    }
    const exact = written.includes(words) ? words : written.trim();
    const block = { tag: "p" as const, text: written.trim() };
    const behind = lastPlaceUnder(desk.page, heading);
    const result = writeOnPage(desk, behind, [block], crypto.randomUUID(), text, said, [
      { pointer: said.pointer, words: exact },
    ]);
    if ("reason" in result) {
      fail(new Error(result.reason));
      return false;
    }
    const refused = desk.edit([...before, ...result.edits], `${label}, on the page too`);
    if (refused === null) onClose();
    return refused === null;
  };
  const begun = Object.values(parts).some((one) => one !== "");
  useUnkept(begun ? `The ${label || "property"} is not added yet.` : null, ready && worded ? keep : undefined);
  return (
    <form
      className="my-2 grid gap-2 border-blue border-l-2 pl-3"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <div className="grid grid-cols-[minmax(7.5rem,0.6fr)_minmax(0,1fr)] gap-3">
        {asked ? (
          <span className="break-words text-ink-soft">{asked.label}</span>
        ) : (
          <span>
            <input
              // biome-ignore lint/a11y/noAutofocus: it was just asked for
              autoFocus
              aria-label="Property"
              placeholder={offered[0]?.name ?? "Property"}
              list="data-properties"
              value={name}
              onChange={(e) => {
                setName(e.target.value);
                setParts({});
              }}
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
          </span>
        )}
        <ValueField
          field={field}
          parts={filled}
          choices={known}
          autoFocus={asked !== null}
          onChange={setParts}
          onClose={onClose}
        />
      </div>
      {description && <p className="text-ink-soft">{description}</p>}
      {name.trim() !== "" && !term && <p className="text-ink-soft">schema.org has no property of that name.</p>}
      {onPage && (
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
          <label className="flex items-center gap-1.5">
            <input
              type="checkbox"
              checked={heading !== null}
              onChange={(e) => setHeading(e.target.checked ? (places[0]?.i ?? null) : null)}
            />
            Write it onto the page too
          </label>
          {heading !== null && (
            <>
              <label className="flex min-w-0 items-center gap-1.5">
                under
                <select
                  aria-label="Under which heading"
                  value={heading}
                  onChange={(e) => setHeading(Number(e.target.value))}
                  className={`${fieldClass} min-w-0 max-w-64`}
                >
                  {places.map(({ i, own }) => (
                    <option key={i} value={i}>
                      {own}
                    </option>
                  ))}
                </select>
              </label>
              <input
                aria-label="As it stands on the page"
                lang={languageOf(desk.page) || undefined}
                value={written}
                onChange={(e) => setSentence(e.target.value)}
                className={`${fieldClass} basis-full font-serif text-15`}
              />
              {!worded && (
                <span className="basis-full text-ink-soft">
                  Write a sentence around it{inLanguage && `, in ${inLanguage}`}: this is what readers of the page will
                  see.
                </span>
              )}
            </>
          )}
        </div>
      )}
      <span className="flex items-baseline gap-4">
        <Action type="submit" disabled={!ready || !worded}>
          Add it
        </Action>
        <Action onClick={onClose}>Cancel</Action>
        {!ready && begun && <span className="text-ink-soft">{made.reason}</span>}
      </span>
    </form>
  );
}
