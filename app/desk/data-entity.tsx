import { useState } from "react";
import { dataEdit } from "#core/structured-data/data-edit";
import type { EvidenceOf } from "#core/structured-data/evidence";
import { type Entity, nameOf, type Property, saidName, textOfValue, type Value } from "#core/structured-data/graph";
import { entitiesOf, type PageData } from "#core/structured-data/page-data";
import { replaceValue } from "#core/structured-data/patch-json";
import { Action } from "../ui/controls";
import { NotesAt, type Picking } from "./anchored";
import { NewProperty } from "./new-property";
import { TextInPlace } from "./text-in-place";
import type { Desk } from "./use-desk";

interface Shown extends Picking {
  desk: Desk;
  data: PageData;
  evidence: EvidenceOf;
}

/** Entities within entities that are set out; deeper ones are named only. */
const DEEPEST = 5;
/** Values of one property that are shown until more are asked for. */
const MOST = 12;

/** An entity like an entry in a catalogue: its type and name, then a line for each value. */
export function EntityEntry({ entity, depth, ...shown }: Shown & { entity: Entity; depth: number }) {
  const { desk, data, evidence: _, ...picking } = shown;
  const [adding, setAdding] = useState(false);
  const block = data.blocks[entity.said.block];
  const name = nameOf(entity);
  return (
    <div
      data-anchor={`data ${saidName(entity.said)}`}
      className={depth === 0 ? "mt-2" : "border-hairline border-l pl-3"}
    >
      <p className="group flex items-baseline gap-2" data-anchor={`data ${saidName(entity.typeSaid)}`}>
        <span className={depth === 0 ? "font-serif text-18" : "font-serif text-15"}>
          {entity.types.join(" and ") || "without a type"}
        </span>
        {depth === 0 && name && <span className="min-w-0 truncate text-soft">{name}</span>}
        <NotesAt desk={desk} at={{ part: "data", data: saidName(entity.typeSaid), range: NOWHERE }} {...picking} />
        {saidName(entity.said) !== saidName(entity.typeSaid) && entity.said.path.length > 0 && (
          <NotesAt desk={desk} at={{ part: "data", data: saidName(entity.said), range: NOWHERE }} {...picking} />
        )}
        {block && !adding && (
          <Action
            className={`text-12 ${depth > 0 ? "opacity-0 focus-visible:opacity-100 group-hover:opacity-100" : ""}`}
            onClick={() => setAdding(true)}
          >
            Say more
          </Action>
        )}
      </p>
      <dl className="grid grid-cols-[minmax(96px,150px)_minmax(0,1fr)] gap-x-3 gap-y-0.5">
        {entity.properties.map((property) => (
          <PropertyLine key={property.written} entity={entity} property={property} depth={depth} {...shown} />
        ))}
      </dl>
      {adding && block && (
        <NewProperty
          types={entity.types}
          has={entity.properties.map((one) => one.name)}
          onAdd={(property, value) => {
            const path = [...entity.said.path, property];
            desk.edit(dataEdit(block.text, replaceValue(block.text, path, value)), property);
            setAdding(false);
          }}
          onClose={() => setAdding(false)}
        />
      )}
    </div>
  );
}

const NOWHERE = { start: 0, end: 0 };

function PropertyLine({
  entity,
  property,
  depth,
  ...shown
}: Shown & { entity: Entity; property: Property; depth: number }) {
  const { desk, data, evidence: _, ...picking } = shown;
  const [all, setAll] = useState(false);
  const values = all ? property.values : property.values.slice(0, MOST);
  const own = saidName(property.said);
  return (
    <>
      <dt className="break-words text-soft" data-anchor={`data ${own}`}>
        {property.written}
        {!property.values.some((value) => saidName(value.said) === own) && (
          <NotesAt desk={desk} at={{ part: "data", data: own, range: NOWHERE }} {...picking} />
        )}
      </dt>
      <dd className="grid min-w-0 gap-0.5">
        {values.map((value) => (
          <ValueLine
            key={`${saidName(value.said)} ${textOfValue(value).slice(0, 20)}`}
            value={value}
            label={`${property.written} of ${entity.types[0] ?? "the entity"}`}
            depth={depth}
            {...shown}
          />
        ))}
        {property.values.length > values.length && (
          <Action onClick={() => setAll(true)}>and {property.values.length - values.length} more</Action>
        )}
        {data.blocks[property.said.block] && property.values.length === 0 && (
          <span className="text-graphite">nothing</span>
        )}
      </dd>
    </>
  );
}

function ValueLine({ value, label, depth, ...shown }: Shown & { value: Value; label: string; depth: number }) {
  const { desk, data, evidence, ...picking } = shown;
  const name = saidName(value.said);
  const block = data.blocks[value.said.block];
  const notes = <NotesAt desk={desk} at={{ part: "data", data: name, range: NOWHERE }} {...picking} />;
  if (value.kind === "entity") {
    if (depth >= DEEPEST)
      return <span className="text-soft">{value.entity.types.join(" and ")}, set out in the JSON</span>;
    return <EntityEntry entity={value.entity} depth={depth + 1} {...shown} />;
  }
  if (value.kind === "reference") {
    const [to] = entitiesOf(data, value);
    return (
      <span data-anchor={`data ${name}`} className="flex min-w-0 items-baseline gap-2">
        {to && to.syntax === "json-ld" ? (
          <Action onClick={() => document.querySelector(`[data-anchor="data ${saidName(to.said)}"]`)?.scrollIntoView()}>
            → {to.types.join(" and ")} {nameOf(to)}
          </Action>
        ) : (
          <span className="truncate font-mono text-12">{value.id}</span>
        )}
        {notes}
      </span>
    );
  }
  const text = textOfValue(value);
  const from = evidence.get(name);
  const keep = (typed: string) => {
    if (!block) return;
    const plain = value.kind === "number" && typed !== "" && Number.isFinite(Number(typed)) ? Number(typed) : typed;
    // An emptied value is taken out.
    const next = replaceValue(block.text, value.said.path, typed === "" ? undefined : plain);
    desk.edit(dataEdit(block.text, next), label);
  };
  return (
    <span data-anchor={`data ${name}`} className="flex min-w-0 flex-wrap items-baseline gap-x-2">
      <TextInPlace
        value={text}
        label={label}
        empty="nothing"
        readOnly={block ? null : "It is written into the markup: change it there."}
        className="font-serif text-15 leading-snug"
        onKeep={keep}
      />
      {notes}
      {from && (
        <span className="text-12 text-soft">from the page{from.heading ? `, under “${from.heading}”` : ""}</span>
      )}
    </span>
  );
}
