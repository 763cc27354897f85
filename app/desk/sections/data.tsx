import { memo, useMemo, useState } from "react";
import { Link } from "react-router";
import { addEntity, type NewEntity as Stated } from "#core/compose/add-entity";
import { unstated } from "#core/compose/compose";
import { newDataEdit } from "#core/compose/data-edit";
import { moreQuestions } from "#core/compose/more-questions";
import type { Edit } from "#core/rewrite/edits";
import { evidenceOf } from "#core/structured-data/evidence";
import { type FeatureState, featuresOf } from "#core/structured-data/features";
import { nameOf } from "#core/structured-data/graph";
import { dataOf } from "#core/structured-data/page-data";
import { writeJsonLd } from "#core/structured-data/write-json-ld";
import { dataFileName } from "../../store/export-data";
import { Action } from "../../ui/controls";
import { download } from "../../ui/download";
import type { Picking } from "../anchored";
import { DataBlock, type Taken } from "./data-block";
import { dataPage, Entries } from "./data-entity";
import { NewEntity } from "./new-entity";

/** What the page states as structured data, set like entries of a catalogue; and what it shows that could be stated. */
export const Data = memo(function Data({ desk, ...picking }: Picking & { desk: Taken }) {
  const { page, written, houseStyle } = desk;
  const data = dataOf(page);
  const [naming, setNaming] = useState(false);
  const evidence = useMemo(() => evidenceOf(data, written), [data, written]);
  const proposals = useMemo(() => unstated(page, houseStyle.data?.organisation), [page, houseStyle]);
  const state = (stated: Stated, type: string) =>
    desk.edit(addEntity(desk, stated, houseStyle.data?.written ?? "blocks", crypto.randomUUID()), `Add ${type}`);
  const more = useMemo(() => (page.format === "html" ? moreQuestions({ page, written }) : null), [page, written]);
  const inMarkup = data.roots.filter(({ syntax }) => syntax !== "json-ld");
  const convert = (): Edit[] => [
    newDataEdit(crypto.randomUUID(), writeJsonLd(inMarkup)),
    {
      op: "remove-markup-data",
      value: "",
      was: inMarkup.map((entity) => [...entity.types, nameOf(entity)].filter(Boolean).join(" ")).join(", "),
    },
  ];
  if (page.format === "fields") return null;
  return (
    <section aria-labelledby="data-heading">
      <div className="flex items-baseline gap-3">
        <h2 id="data-heading" className="font-serif text-18">
          Structured data
        </h2>
        <span className="flex-1 text-ink-soft">
          {data.roots.length === 0 ? "none" : data.roots.length === 1 ? "1 entity" : `${data.roots.length} entities`}
        </span>
        {data.roots.length > 0 && (
          <Action onClick={() => download(dataFileName(page.address), writeJsonLd(data.roots), "application/ld+json")}>
            Save as JSON-LD
          </Action>
        )}
        {data.roots.length > 0 && (
          <Link to={dataPage(desk.record)} className="text-blue hover:underline">
            Open on its own page
          </Link>
        )}
        {page.format === "html" && <Action onClick={() => setNaming(!naming)}>Add an entity…</Action>}
      </div>
      <Features states={featuresOf(data)} />
      {data.blocks.map((_block, index) => (
        <DataBlock
          // biome-ignore lint/suspicious/noArrayIndexKey: blocks are known by their places alone
          key={index}
          desk={desk}
          data={data}
          index={index}
          evidence={evidence}
          {...picking}
        />
      ))}
      {inMarkup.length > 0 && (
        <div className="mt-4 border-hairline border-t pt-2">
          <p className="flex gap-4 text-12 text-ink-soft">
            <span className="flex-1">Written as microdata or RDFa into the markup, and edited there.</span>
            <Action onClick={() => desk.edit(convert(), "State the markup’s data as JSON-LD")}>Make it JSON-LD</Action>
          </p>
          <Entries entities={inMarkup} desk={desk} data={data} evidence={evidence} {...picking} />
        </div>
      )}
      {naming && (
        <NewEntity
          onAdd={(type) => {
            state({ entity: { "@type": type } }, type);
            setNaming(false);
          }}
          onClose={() => setNaming(false)}
        />
      )}
      {(proposals.length > 0 || more) && (
        <div className="mt-4">
          <h3 className="text-ink-soft">What could be added from what the page shows:</h3>
          <ul className="mt-1 grid gap-1">
            {more && (
              <li className="flex items-baseline gap-3">
                <span className="w-28 shrink-0 font-serif text-15">FAQPage</span>
                <span className="min-w-0 flex-1">
                  {more.count === 1 ? "1 question with its answer" : `${more.count} questions with their answers`} that
                  the data does not have
                </span>
                <Action onClick={() => desk.edit(more.edit, "More questions")}>
                  {more.count === 1 ? "Add it" : "Add them"}
                </Action>
              </li>
            )}
            {proposals.map(({ type, found, entity, evidence: from }) => (
              <li key={type} className="flex items-baseline gap-3">
                <span className="w-28 shrink-0 font-serif text-15">{type}</span>
                <span className="min-w-0 flex-1">{found}</span>
                <Action onClick={() => state({ entity, evidence: from }, type)}>Add this as JSON-LD</Action>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
});

/** What the data earns in a search result, and what each still lacks, in sentences. */
function Features({ states }: { states: readonly FeatureState[] }) {
  // Several entities of a kind are told apart by what they lack.
  const said = new Map<string, FeatureState>();
  for (const state of states) {
    const { feature, missing } = state;
    if (!feature.retired) said.set(`${feature.id} ${missing.map(({ label }) => label).join()}`, state);
  }
  if (said.size === 0) return null;
  return (
    <ul className="mt-1">
      {[...said].map(([key, { feature, missing }]) => (
        <li key={key} className={missing.length > 0 ? "text-ink-soft" : ""}>
          {missing.length === 0 ? "Search results may show the" : "To show the"}{" "}
          <b className="font-medium text-ink">{feature.shows}</b>
          {missing.length > 0 && `, search results need ${missing.map(({ label }) => label).join(", ")}`}.
        </li>
      ))}
    </ul>
  );
}
