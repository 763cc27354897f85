import { DropdownMenu } from "radix-ui";
import { lazy, memo, Suspense, useMemo, useState } from "react";
import { proposalsFor } from "#core/structured-data/compose";
import { dataEdit, newDataEdit, writtenData } from "#core/structured-data/data-edit";
import { evidenceOf } from "#core/structured-data/evidence";
import { type FeatureState, featuresOf } from "#core/structured-data/features";
import type { Entity } from "#core/structured-data/graph";
import { readJson, SLIPS } from "#core/structured-data/json-text";
import { dataOf, type PageData } from "#core/structured-data/page-data";
import { isKindOf } from "#core/structured-data/vocabulary";
import { writeJsonLd } from "#core/structured-data/write-json-ld";
import { dataFileName } from "../store/export-data";
import { Action } from "../ui/controls";
import { download } from "../ui/download";
import { menuItem } from "../ui/frame";
import { useNotices } from "../ui/notice";
import { NotesAt, type Picking } from "./anchored";
import { EntityEntry } from "./data-entity";
import type { DataMark } from "./data-source";
import { NewEntity } from "./new-entity";
import type { Desk } from "./use-desk";

const DataSource = lazy(() => import("./data-source"));

/** What the page states as structured data, set like entries of a catalogue; and what it shows that could be stated. */
export const Data = memo(function Data({ desk, ...picking }: Picking & { desk: Desk }) {
  const { page, edits } = desk;
  const data = dataOf(page);
  const [naming, setNaming] = useState(false);
  const evidence = useMemo(() => evidenceOf(data, writtenData(edits)), [data, edits]);
  const proposals = useMemo(
    () =>
      page.format === "html"
        ? proposalsFor(page).filter(
            ({ type }) => !data.entities.some((one) => one.types.some((own) => isKindOf(own, type))),
          )
        : [],
    [page, data],
  );
  const inMarkup = data.roots.filter(({ syntax }) => syntax !== "json-ld");
  if (page.format === "fields") return null;
  return (
    <section aria-labelledby="data-heading">
      <div className="flex items-baseline gap-3">
        <h2 id="data-heading" className="font-serif text-18">
          Structured data
        </h2>
        <span className="flex-1 text-soft">
          {data.roots.length === 0 ? "none" : data.roots.length === 1 ? "1 entity" : `${data.roots.length} entities`}
        </span>
        {data.roots.length > 0 && (
          <Action onClick={() => download(dataFileName(page.address), writeJsonLd(data.roots), "application/ld+json")}>
            Save as JSON-LD
          </Action>
        )}
        {page.format === "html" && <Action onClick={() => setNaming(!naming)}>Another entity…</Action>}
      </div>
      <Features states={featuresOf(data)} />
      {data.blocks.map((_block, index) => (
        <Block
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
          <p className="flex gap-4 text-12 text-soft">
            <span className="flex-1">Written into the markup, where it is edited.</span>
            <Action
              onClick={() => desk.edit(newDataEdit(crypto.randomUUID(), writeJsonLd(inMarkup)), "State it as JSON-LD")}
            >
              State it as JSON-LD too
            </Action>
          </p>
          {inMarkup.map((entity) => (
            <EntityEntry
              key={entity.said.range?.start ?? 0}
              desk={desk}
              data={data}
              entity={entity}
              evidence={evidence}
              depth={0}
              {...picking}
            />
          ))}
        </div>
      )}
      {naming && (
        <NewEntity
          onAdd={(type) => {
            const value = JSON.stringify({ "@context": "https://schema.org", "@type": type }, null, 2);
            desk.edit(newDataEdit(crypto.randomUUID(), value), `Add ${type}`);
            setNaming(false);
          }}
          onClose={() => setNaming(false)}
        />
      )}
      {proposals.length > 0 && (
        <div className="mt-4">
          <h3 className="text-soft">The page shows what could be stated:</h3>
          <ul className="mt-1 grid gap-1">
            {proposals.map(({ type, found, value, evidence: from }) => (
              <li key={type} className="flex items-baseline gap-3">
                <span className="w-28 shrink-0 font-serif text-15">{type}</span>
                <span className="min-w-0 flex-1">{found}</span>
                <Action onClick={() => desk.edit(newDataEdit(crypto.randomUUID(), value, from), `Add ${type}`)}>
                  State it
                </Action>
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
    if (!feature.retired) said.set(`${feature.id} ${missing.map(({ says }) => says).join()}`, state);
  }
  if (said.size === 0) return null;
  return (
    <ul className="mt-1">
      {[...said].map(([key, { feature, missing }]) => (
        <li key={key} className={missing.length > 0 ? "text-soft" : ""}>
          {missing.length === 0 ? "It can earn" : "For"} the <b className="font-medium text-ink">{feature.shows}</b>
          {missing.length > 0 && ` it still needs ${missing.map(({ says }) => says).join(", ")}`}.
        </li>
      ))}
    </ul>
  );
}

interface BlockProps extends Picking {
  desk: Desk;
  data: PageData;
  index: number;
  evidence: ReturnType<typeof evidenceOf>;
}

function Block({ desk, data, index, evidence, ...picking }: BlockProps) {
  const { say } = useNotices();
  const [written, setWritten] = useState<string | null>(null);
  const block = data.blocks[index];
  const roots: Entity[] = data.roots.filter(({ said }) => said.block === index);
  const marks = useMemo(
    (): DataMark[] =>
      desk.notes.flatMap(({ finding: { at, weight, message } }) =>
        at.part === "data" && block && at.range.start >= block.range.start && at.range.end <= block.range.end + 1
          ? [{ from: at.range.start - block.range.start, to: at.range.end - block.range.start, weight, message }]
          : [],
      ),
    [desk.notes, block],
  );
  if (!block) return null;
  const broken = "fault" in block.json;
  const open = written !== null;
  const typed = open ? readJson(written) : null;
  const wrong = typed && "fault" in typed ? typed.fault : null;
  const changed = !desk.original.data.some(({ text }) => text === block.text);
  const copy = async (text: string) => {
    await navigator.clipboard.writeText(text);
    say("Copied");
  };
  return (
    <div data-anchor={`data ${index}`} className={`mt-4 border-t pt-2 ${changed ? "border-blue" : "border-hairline"}`}>
      <div className="flex items-baseline gap-4 text-12 text-soft">
        <span className={`flex-1 ${changed ? "text-blue" : ""}`}>
          JSON-LD{data.blocks.length > 1 ? `, ${index + 1} of ${data.blocks.length}` : ""}
          {broken ? ", cannot be read" : ""}
          <NotesAt desk={desk} at={{ part: "data", data: String(index), range: block.range }} {...picking} />
        </span>
        {open ? (
          <>
            <Action
              disabled={written === block.text || wrong !== null}
              onClick={() => {
                desk.edit(dataEdit(block.text, written), "Structured data");
                setWritten(null);
              }}
            >
              Keep what I wrote
            </Action>
            <Action onClick={() => setWritten(null)}>Leave it as it was</Action>
          </>
        ) : (
          <Action onClick={() => setWritten(block.text)}>Write it as JSON</Action>
        )}
        <DropdownMenu.Root>
          <DropdownMenu.Trigger className="text-blue hover:underline">More</DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content align="end" sideOffset={4} className="floating z-50 min-w-56 p-1.5 text-13">
              <DropdownMenu.Item className={menuItem} onSelect={() => void copy(block.text.trim())}>
                Copy as JSON-LD
              </DropdownMenu.Item>
              <DropdownMenu.Item
                className={menuItem}
                onSelect={() => void copy(`<script type="application/ld+json">\n${block.text.trim()}\n</script>`)}
              >
                Copy as a script element
              </DropdownMenu.Item>
              <DropdownMenu.Separator className="my-1.5 h-px bg-hairline" />
              <DropdownMenu.Item
                className={menuItem}
                onSelect={() => desk.edit(dataEdit(block.text, ""), "Take structured data out")}
              >
                Take it out of the page
              </DropdownMenu.Item>
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      </div>
      {open && (
        <>
          {wrong && (
            <p role="alert" className="mt-1 text-red">
              This cannot be read: {SLIPS[wrong.slip]}.
            </p>
          )}
          <Suspense fallback={<p className="mt-2 text-soft">Opening…</p>}>
            <DataSource text={block.text} marks={marks} label="Structured data as JSON" onChange={setWritten} />
          </Suspense>
        </>
      )}
      {!open &&
        roots.map((entity) => (
          <EntityEntry
            key={entity.said.path.join("/")}
            desk={desk}
            data={data}
            entity={entity}
            evidence={evidence}
            depth={0}
            {...picking}
          />
        ))}
    </div>
  );
}
