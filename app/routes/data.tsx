import { useMemo, useRef, useState } from "react";
import { Link, useLoaderData, useSearchParams } from "react-router";
import type { Finding } from "#core/findings/finding";
import { languageTagOf } from "#core/page/language-tag";
import { evidenceOf } from "#core/structured-data/evidence";
import { type Entity, nameOf, pointerTo } from "#core/structured-data/graph";
import { dataOf, entitiesOf, type PageData } from "#core/structured-data/page-data";
import { Margin } from "../desk/margin";
import { DataBlock } from "../desk/sections/data-block";
import { Entries } from "../desk/sections/data-entity";
import { useDesk } from "../desk/use-desk";
import { useNotes } from "../desk/use-notes";
import { pageTitle } from "../document-title";
import { linkToPage, pageScreenOf } from "../screens";
import { loadDesk } from "../store/load-desk";
import { fieldClass } from "../ui/controls";
import { Screen, ScreenTitle, TitleLine } from "../ui/frame";
import { ofPage, PageLanguage } from "../ui/of-page";
import type { Route } from "./+types/data";
import { useSite } from "./site";

export const meta = pageTitle("Structured data");

export const clientLoader = ({ params }: Route.ClientLoaderArgs) => loadDesk(params.page);

export default function DataRoute() {
  const loaded = useLoaderData<typeof clientLoader>();
  return <DataByItself key={loaded.record.id} {...loaded} />;
}

/** Graphs up to this size are set out whole, until one entity is chosen. */
const WHOLE = 12;
/** Entities that are listed until one is looked for. */
const LISTED = 100;

/** The structured data of one page by itself: its graph beside the entries, and room for the JSON. */
function DataByItself({ record, source, changes }: ReturnType<typeof useLoaderData<typeof clientLoader>>) {
  const site = useSite();
  const desk = useDesk(site, record, source, changes);
  const sheet = useRef<HTMLDivElement>(null);
  const [params] = useSearchParams();
  const data = dataOf(desk.page);
  const evidence = useMemo(() => evidenceOf(data, desk.written), [data, desk.written]);
  const chosen = data.entities.find(({ place }) => pointerTo(place) === params.get("entity")) ?? null;
  const only = chosen ?? (data.roots.length > WHOLE ? (data.roots[0] ?? null) : null);
  const [find, setFind] = useState("");
  const named = useMemo(() => {
    const wanted = find.trim().toLowerCase();
    return wanted === ""
      ? data.roots
      : data.roots.filter((one) => `${one.types.join(" ")} ${nameOf(one)}`.toLowerCase().includes(wanted));
  }, [data, find]);
  // Beside what is set out only its own notes stand.
  const around = only ? pointerTo(only.place) : "";
  const ofData = useMemo(() => {
    const here = ({ at }: Finding) =>
      at.part === "data" && (around === "" || `${at.pointer}/`.startsWith(`${around}/`));
    return {
      ...desk,
      notes: desk.notes.filter(({ finding }) => here(finding)),
      settled: desk.settled.filter(here),
      setAside: [],
    };
  }, [desk, around]);
  const { picking, waitsAt, fix, setAside, dialog } = useNotes(ofData);
  const blocks = data.blocks.map((_, index) => index).filter((index) => only === null || only.place.block === index);
  const inMarkup = data.roots.filter((one) => one.syntax !== "json-ld" && (only === null || only === one));
  const back = linkToPage(site.id, desk.record.id);
  return (
    <PageLanguage value={languageTagOf(desk.page)}>
      <Screen className="group/page">
        <TitleLine site={site} screen={pageScreenOf("data")}>
          <Link to={`/sites/${site.id}/pages?columns=data`} className="truncate text-ink-soft hover:text-ink">
            {site.name || site.address}
          </Link>
          <span aria-hidden className="text-ink-soft">
            /
          </span>
          <Link to={back} className="truncate text-ink-soft hover:text-ink" {...ofPage(languageTagOf(desk.page))}>
            {desk.record.name || desk.record.file}
          </Link>
          <span aria-hidden className="text-ink-soft">
            /
          </span>
          <ScreenTitle>Structured data</ScreenTitle>
        </TitleLine>
        <div className="flex min-h-0 flex-1 max-[62.5rem]:flex-col max-[62.5rem]:overflow-y-auto">
          <nav
            aria-label="Entities"
            className="w-[13.75rem] shrink-0 overflow-y-auto border-hairline border-r px-4 py-4 group-has-[.cm-editor]/page:hidden max-[62.5rem]:w-full"
          >
            {data.roots.length > WHOLE && (
              <input
                type="search"
                aria-label="Find among the entities"
                placeholder="Find by type or name"
                value={find}
                onChange={(e) => setFind(e.target.value)}
                className={`${fieldClass} mb-3`}
              />
            )}
            <ul className="grid grid-cols-[minmax(0,1fr)] gap-1">
              {data.roots.length <= WHOLE && (
                <li>
                  <Link to="?" replace aria-current={only === null ? "true" : undefined} className={indexLink}>
                    All of it
                  </Link>
                </li>
              )}
              {named.slice(0, LISTED).map((entity) => (
                <li key={pointerTo(entity.place)}>
                  <IndexLine data={data} entity={entity} chosen={only} />
                </li>
              ))}
            </ul>
            {named.length > LISTED && (
              <p className="mt-2 text-ink-soft">
                and {new Intl.NumberFormat("en-GB").format(named.length - LISTED)} more: find one by its name
              </p>
            )}
            {data.roots.length === 0 && <p className="text-ink-soft">This page has no structured data.</p>}
          </nav>
          <div className="min-w-0 flex-1 overflow-y-auto bg-sheet max-[62.5rem]:overflow-visible">
            <div className="flex min-h-full max-[62.5rem]:flex-col">
              <div ref={sheet} className="min-w-0 flex-1 border-hairline border-r px-[22px] pb-8">
                {only?.within && <Around entity={only.within} />}
                {blocks.map((index) => (
                  <DataBlock
                    key={index}
                    desk={desk}
                    data={data}
                    index={index}
                    evidence={evidence}
                    only={only}
                    beside
                    {...picking}
                  />
                ))}
                <Entries entities={inMarkup} desk={desk} data={data} evidence={evidence} {...picking} />
              </div>
              <Margin desk={ofData} sheet={sheet} {...picking} waitsAt={waitsAt} onFix={fix} onSetAside={setAside} />
            </div>
          </div>
        </div>
      </Screen>
      {dialog}
    </PageLanguage>
  );
}

const indexLink = "block truncate hover:text-blue aria-[current=true]:font-medium";

/** An outermost entity with those that it points to. */
function IndexLine({ data, entity, chosen }: { data: PageData; entity: Entity; chosen: Entity | null }) {
  const to = new Set(
    entity.properties.flatMap(({ values }) =>
      values.flatMap((value) => (value.kind === "reference" ? entitiesOf(data, value) : [])),
    ),
  );
  return (
    <>
      <Link
        to={`?entity=${encodeURIComponent(pointerTo(entity.place))}`}
        replace
        aria-current={chosen === entity ? "true" : undefined}
        className={indexLink}
      >
        <span className="font-serif text-15">{entity.types.join(" and ") || "without a type"}</span>{" "}
        <span className="text-12 text-ink-soft">{nameOf(entity)}</span>
      </Link>
      {[...to].map((one) => (
        <Link
          key={pointerTo(one.place)}
          to={`?entity=${encodeURIComponent(pointerTo(one.place))}`}
          replace
          className="block truncate pl-3 text-12 text-ink-soft hover:text-blue"
        >
          → {one.types.join(" and ")} {nameOf(one)}
        </Link>
      ))}
    </>
  );
}

/** What an entity stands within, so that one gets back to it. */
function Around({ entity }: { entity: Entity }) {
  const way: Entity[] = [];
  for (let one: Entity | null = entity; one; one = one.within) way.unshift(one);
  return (
    <p className="pt-3 text-ink-soft">
      within{" "}
      {way.map((one, i) => (
        <span key={pointerTo(one.place)}>
          {i > 0 && " / "}
          <Link
            to={`?entity=${encodeURIComponent(pointerTo(one.place))}`}
            replace
            className="text-blue hover:underline"
          >
            {one.types.join(" and ")} {nameOf(one)}
          </Link>
        </span>
      ))}
    </p>
  );
}
