import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { type Blank, blanksOf } from "#core/compose/add-property";
import { dataEdit } from "#core/compose/data-edit";
import { takenOut } from "#core/compose/taken-out";
import { askOnPage } from "#core/compose/write-on-page";
import type { EvidenceOf } from "#core/structured-data/evidence";
import { type Field, fieldFor, makeValue, type Parts, partsOf } from "#core/structured-data/fields";
import { type Entity, nameOf, type Property, pointerTo, textOfValue, type Value } from "#core/structured-data/graph";
import { entitiesOf, type PageData, placedBlock } from "#core/structured-data/page-data";
import { replaceValue } from "#core/structured-data/patch-json";
import { isKindOf, vocabulary } from "#core/structured-data/vocabulary";
import { linkToPage } from "../../screens";
import { Action } from "../../ui/controls";
import { useUnkept } from "../../ui/unkept";
import { NotesAt, type Picking } from "../anchored";
import { TextInPlace } from "../text-in-place";
import type { Desk } from "../use-desk";
import { AddProperty } from "./add-property";
import { NewText } from "./new-text";
import { ValueField } from "./value-field";

/** What of the desk it takes. */
type Taken = Pick<
  Desk,
  "attempt" | "edit" | "edits" | "houseStyle" | "notesAt" | "original" | "page" | "record" | "written"
>;

interface Shown extends Picking {
  desk: Taken;
  data: PageData;
  evidence: EvidenceOf;
}

/** Entities within entities that are set out; deeper ones are set out on a page of their own. */
const DEEPEST = 5;
/** Values of one property that are shown until more are asked for. */
const MOST = 12;
/** Recommended values that are offered as blanks; “Add a property” offers all. */
const BLANKS = 3;
/** Shown to whoever points at the line, or comes to it by key. */
const HIDDEN = "opacity-0 focus-visible:opacity-100 group-hover:opacity-100";
const NOWHERE = { start: 0, end: 0 };

/** Where an entity, and what stands within it, is set out by itself. */
export const dataPage = ({ siteId, id }: Desk["record"], entity?: Entity): string =>
  `${linkToPage(siteId, id, "data")}${entity ? `?entity=${encodeURIComponent(pointerTo(entity.place))}` : ""}`;

/** What an entity is being asked: one more value, or a question with its answer. */
type Asking = { what: "value"; blank: Pick<Blank, "path" | "label"> | null } | { what: "question" } | null;

/** Entities one below the other. */
export const Entries = ({ entities, ...shown }: Shown & { entities: readonly Entity[] }) =>
  entities.map((entity) => <EntityEntry key={pointerTo(entity.place)} entity={entity} depth={0} {...shown} />);

/** An entity like an entry in a catalogue: its type and name, a line for each value, and blanks for what it does not say. */
function EntityEntry({ entity, depth, ...shown }: Shown & { entity: Entity; depth: number }) {
  const { desk, data, evidence: _, ...picking } = shown;
  const [asking, setAsking] = useState<Asking>(null);
  const block = placedBlock(data, entity.place);
  const name = nameOf(entity);
  // What stands alone in its block is taken out with it.
  const removable = entity.place.path.length > 0;
  const blanks = depth === 0 && block ? blanksOf(data, entity) : [];
  const recommended = blanks.filter(({ weight }) => weight === "recommended");
  const shownBlanks = [...blanks.filter(({ weight }) => weight === "needed"), ...recommended.slice(0, BLANKS)];
  const quiet = depth > 0 ? HIDDEN : "";
  const close = () => setAsking(null);
  const ask = (texts: string[]) => {
    const [question = "", answer = ""] = texts;
    const result = askOnPage(desk, entity, block?.text ?? "", [question, answer], crypto.randomUUID());
    return "reason" in result ? result.reason : desk.attempt(result.edits, "Question with answer");
  };
  return (
    <div
      data-anchor={`data ${pointerTo(entity.place)}`}
      className={depth === 0 ? "mt-2" : "border-hairline border-l pl-3"}
    >
      <p className="group flex items-baseline gap-2" data-anchor={`data ${pointerTo(entity.typePlace)}`}>
        <span className={depth === 0 ? "font-serif text-18" : "font-serif text-15"}>
          {entity.types.join(" and ") || "without a type"}
        </span>
        {depth === 0 && name && <span className="min-w-0 truncate text-ink-soft">{name}</span>}
        <NotesAt desk={desk} at={{ part: "data", pointer: pointerTo(entity.typePlace), range: NOWHERE }} {...picking} />
        {pointerTo(entity.place) !== pointerTo(entity.typePlace) && entity.place.path.length > 0 && (
          <NotesAt desk={desk} at={{ part: "data", pointer: pointerTo(entity.place), range: NOWHERE }} {...picking} />
        )}
        {block && asking === null && (
          <Action className={`text-12 ${quiet}`} onClick={() => setAsking({ what: "value", blank: null })}>
            Add a property
          </Action>
        )}
        {block && asking === null && removable && (
          <Action
            className={`text-12 ${HIDDEN}`}
            onClick={() =>
              desk.edit(
                takenOut(desk.written, block.text, entity.place.path),
                `Take ${entity.types[0] ?? "an entity"} out`,
              )
            }
          >
            Take it out
          </Action>
        )}
        {block && asking === null && entity.types.some((type) => isKindOf(type, "FAQPage")) && (
          <Action className={`text-12 ${quiet}`} onClick={() => setAsking({ what: "question" })}>
            Another question
          </Action>
        )}
      </p>
      <dl
        className={`grid gap-x-3 gap-y-0.5 ${depth === 0 ? "grid-cols-[minmax(6rem,9.375rem)_minmax(0,1fr)]" : "grid-cols-[fit-content(8.125rem)_minmax(0,1fr)]"}`}
      >
        {entity.properties.map((property) => (
          <PropertyLine
            key={property.written}
            entity={entity}
            property={property}
            depth={depth}
            onAnother={
              block && asking === null
                ? () => setAsking({ what: "value", blank: { path: property.written, label: property.written } })
                : null
            }
            {...shown}
          />
        ))}
        {asking === null &&
          shownBlanks.map(({ path, label, weight, feature }) => (
            <div key={path} className="contents text-graphite">
              <dt className="break-words">{label}</dt>
              <dd className="flex min-w-0 flex-wrap items-baseline gap-x-3">
                <Action
                  aria-label={`none: add ${label}`}
                  onClick={() => setAsking({ what: "value", blank: { path, label } })}
                >
                  none
                </Action>
                <span className="text-12">
                  {weight} for the {feature}
                </span>
              </dd>
            </div>
          ))}
      </dl>
      {asking?.what === "value" && block && (
        <AddProperty desk={desk} data={data} entity={entity} text={block.text} asked={asking.blank} onClose={close} />
      )}
      {asking?.what === "question" && <NewText what="question" onPut={ask} onClose={close} />}
    </div>
  );
}

/** Where on the page a value was taken from; leads there. */
function FromPage({ desk, heading }: { desk: Taken; heading: string }) {
  const navigate = useNavigate();
  const at = heading === "" ? -1 : desk.page.headings.findIndex(({ text }) => text === heading);
  if (at < 0) return <span className="text-12 text-ink-soft">from the page</span>;
  return (
    <button
      type="button"
      className="text-left text-12 text-ink-soft hover:text-blue"
      onClick={() => {
        const row = document.querySelector(`[data-anchor="heading ${at}"]`);
        if (row) row.scrollIntoView({ block: "center" });
        else navigate(linkToPage(desk.record.siteId, desk.record.id));
      }}
    >
      from the page, under “{heading}”
    </button>
  );
}

/** A name that may be broken between its words. */
const InWords = ({ name }: { name: string }) =>
  [...name.matchAll(/[A-Z]?[^A-Z]+|[A-Z]/g)].map(({ 0: word, index }) => (
    <span key={index}>
      {index > 0 && <wbr />}
      {word}
    </span>
  ));

function PropertyLine({
  entity,
  property,
  depth,
  onAnother,
  ...shown
}: Shown & { entity: Entity; property: Property; depth: number; onAnother: (() => void) | null }) {
  const { desk, data, evidence: _, ...picking } = shown;
  const [all, setAll] = useState(false);
  const values = all ? property.values : property.values.slice(0, MOST);
  const own = pointerTo(property.place);
  return (
    <>
      <dt className="group break-words text-ink-soft" data-anchor={`data ${own}`}>
        <InWords name={property.written} />
        {onAnother && (
          <Action
            aria-label={`Another value of ${property.written}`}
            title="Another value"
            className={`px-1 ${HIDDEN}`}
            onClick={onAnother}
          >
            +
          </Action>
        )}
        {!property.values.some((value) => pointerTo(value.place) === own) && (
          <NotesAt desk={desk} at={{ part: "data", pointer: own, range: NOWHERE }} {...picking} />
        )}
      </dt>
      <dd className="grid min-w-0 gap-0.5">
        {values.map((value) => (
          <ValueLine
            key={`${pointerTo(value.place)} ${textOfValue(value).slice(0, 20)}`}
            value={value}
            property={property}
            label={`${property.written} of ${entity.types[0] ?? "the entity"}`}
            depth={depth}
            {...shown}
          />
        ))}
        {property.values.length > values.length && (
          <Action onClick={() => setAll(true)}>and {property.values.length - values.length} more</Action>
        )}
        {data.blocks[property.place.block] && property.values.length === 0 && (
          <span className="text-graphite">nothing</span>
        )}
      </dd>
    </>
  );
}

function ValueLine({
  value,
  property,
  label,
  depth,
  ...shown
}: Shown & { value: Value; property: Property; label: string; depth: number }) {
  const { desk, data, evidence, ...picking } = shown;
  const [parts, setParts] = useState<Parts | null>(null);
  const name = pointerTo(value.place);
  const block = placedBlock(data, value.place);
  const notes = <NotesAt desk={desk} at={{ part: "data", pointer: name, range: NOWHERE }} {...picking} />;
  if (value.kind === "entity") {
    if (depth >= DEEPEST)
      return (
        <Link to={dataPage(desk.record, value.entity)} className="text-blue hover:underline">
          {value.entity.types.join(" and ")}, on its own page
        </Link>
      );
    return <EntityEntry entity={value.entity} depth={depth + 1} {...shown} />;
  }
  if (value.kind === "reference") {
    const [to] = entitiesOf(data, value);
    return (
      <span data-anchor={`data ${name}`} className="flex min-w-0 items-baseline gap-2">
        {to && to.syntax === "json-ld" ? (
          <Action
            onClick={() => document.querySelector(`[data-anchor="data ${pointerTo(to.place)}"]`)?.scrollIntoView()}
          >
            → {to.types.join(" and ")} {nameOf(to)}
          </Action>
        ) : (
          <span className="min-w-0 font-mono text-12 [overflow-wrap:anywhere]">{value.id}</span>
        )}
        {notes}
      </span>
    );
  }
  const text = textOfValue(value);
  const from = evidence.get(name);
  const put = (json: unknown) => {
    if (!block) return null;
    return desk.attempt(
      json === undefined
        ? takenOut(desk.written, block.text, value.place.path)
        : dataEdit(block.text, replaceValue(block.text, value.place.path, json)),
      label,
    );
  };
  const keep = (typed: string) => {
    const plain = value.kind === "number" && typed !== "" && Number.isFinite(Number(typed)) ? Number(typed) : typed;
    // An emptied value is taken out.
    return put(typed === "" ? undefined : plain);
  };
  const term = vocabulary().properties.get(property.name);
  const field = term && fieldFor(term);
  const inParts = block && field ? partsOf(field, text) : null;
  return (
    <span data-anchor={`data ${name}`} className="flex min-w-0 flex-wrap items-baseline gap-x-2">
      <span className="flex min-w-0 items-baseline">
        {parts && field ? (
          <InParts field={field} begun={parts} text={text} label={label} onPut={put} onClose={() => setParts(null)} />
        ) : inParts ? (
          <button
            type="button"
            aria-label={`${label}: ${text}`}
            className="break-words text-left font-serif text-15 leading-snug"
            onClick={() => setParts(inParts)}
          >
            {field?.kind === "member" ? text.replace(/^https?:\/\/schema\.org\//, "") : text}
          </button>
        ) : (
          <TextInPlace
            value={text}
            label={label}
            empty="nothing"
            readOnly={
              block
                ? null
                : value.place.block < 0
                  ? "It is written into the markup: make it JSON-LD, or change it there."
                  : "Its block uses more of JSON-LD than is changed here: write it as JSON."
            }
            className="font-serif text-15 leading-snug"
            onKeep={keep}
          />
        )}
        {notes}
      </span>
      {from && <FromPage desk={desk} heading={from.heading} />}
    </span>
  );
}

/** A value that is edited in the parts it is made of: a day and a time, an amount and a currency. */
function InParts({
  field,
  begun,
  text,
  label,
  onPut,
  onClose,
}: {
  field: Field;
  begun: Parts;
  /** As it stands. */
  text: string;
  label: string;
  /** The reason where it cannot be kept. */
  onPut: (json: unknown) => string | null;
  onClose: () => void;
}) {
  const [parts, setParts] = useState(begun);
  const [refused, setRefused] = useState("");
  const made = makeValue(field, parts);
  const same = "json" in made && made.json === text;
  const keep = async () => {
    if (!("json" in made)) return false;
    const reason = same ? null : onPut(made.json);
    setRefused(reason ?? "");
    if (!reason) onClose();
    return !reason;
  };
  useUnkept(same ? null : `The ${label} is not kept yet.`, keep);
  return (
    <form
      className="flex flex-wrap items-baseline gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <ValueField field={field} parts={parts} autoFocus onChange={setParts} onClose={onClose} />
      <Action type="submit" disabled={"reason" in made}>
        Keep it
      </Action>
      <Action onClick={onClose}>Cancel</Action>
      {"reason" in made && <span className="text-ink-soft">{made.reason}</span>}
      {refused && (
        <span role="alert" className="text-red">
          Not kept. {refused}
        </span>
      )}
    </form>
  );
}
