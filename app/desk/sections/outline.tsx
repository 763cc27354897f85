import {
  type Announcements,
  DndContext,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { restrictToHorizontalAxis } from "@dnd-kit/modifiers";
import { memo, useDeferredValue, useEffect, useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import type { OutlineFormat } from "#core/outline/copy";
import { runOfH1s } from "#core/outline/outline";
import { moveEdits } from "#core/outline/outline-edits";
import { blocksUnder, contentHeadings, emptyBecause, wordsUnder } from "#core/page/body";
import { type Heading, languageOf, titleOf } from "#core/page/page";
import { findPhrase } from "#core/phrase/match";
import { originsOf } from "#core/rewrite/origins";
import { Action } from "../../ui/controls";
import { loadable } from "../../ui/loadable";
import { Menu, MenuItem, MenuLine } from "../../ui/menu";
import { useNotices } from "../../ui/notice";
import { useOfPage } from "../../ui/of-page";
import { onDemand } from "../../ui/on-demand";
import { useCommands } from "../../ui/screen-commands";
import type { Picking } from "../anchored";
import type { Desk } from "../use-desk";
import { Blocks } from "./blocks";
import { OutlineRow, STEP } from "./outline-row";

const MergeDialog = onDemand(async () => (await import("./merge-dialog")).MergeDialog);
const RepairDialog = onDemand(async () => (await import("./repair-dialog")).RepairDialog);

const soundness = loadable(async () => (await import("#core/outline/unsound")).isUnsound);

/** What of the desk it takes. */
type Taken = Pick<Desk, "attempt" | "drop" | "edit" | "edits" | "notesAt" | "original" | "page" | "record" | "redraft">;

const COPIES: [OutlineFormat, string][] = [
  ["text", "as text"],
  ["markdown", "as Markdown"],
  ["html", "as HTML"],
];

/** Headings that are drawn until more are asked for. */
const DRAWN = 300;
/** Those that are drawn with the page; the others follow at once. */
const FIRST = 20;
/** Characters of the text under a heading: more than its line holds, so that what is cut ends in "…". */
const PREVIEWED = 400;

/** An arrow key moves a dragged heading by one level; up and down do nothing. */
const byLevels: KeyboardCoordinateGetter = (event, { currentCoordinates: { x, y } }) => {
  if (event.code === "ArrowRight") return { x: x + STEP, y };
  if (event.code === "ArrowLeft") return { x: x - STEP, y };
};

/** The outline as a table of contents, with the body folded under each heading. */
export const Outline = memo(function Outline({ desk, ...picking }: Picking & { desk: Taken }) {
  const { page, original, edits } = desk;
  const { notify, fail } = useNotices();
  const inItsLanguage = useOfPage();
  const [unfolded, setUnfolded] = useState<ReadonlySet<number>>(new Set());
  const marked = useSearchParams()[0].get("phrase");
  // Where a phrase is to be seen, the text that says it is unfolded.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is folded again afterwards stays so
  useEffect(() => {
    if (marked === null) return;
    const language = languageOf(page);
    const saying = page.blocks.flatMap(({ text, heading }) =>
      findPhrase(marked, text, { language }).length > 0 ? [heading] : [],
    );
    setUnfolded((before) => new Set([...before, ...saying]));
  }, [marked]);
  const [repairing, setRepairing] = useState(false);
  const [asked, setAsked] = useState(DRAWN);
  const drawn = useDeferredValue(asked, FIRST);
  const [merging, setMerging] = useState<Heading[] | null>(null);
  const origins = useMemo(() => originsOf(original, page, edits, "block"), [original, page, edits]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a change of the title leaves headings and blocks what they are
  const body = useMemo(() => page, [page.headings, page.blocks]);
  const under = blocksUnder(body);
  const words = useMemo(() => wordsUnder(body), [body]);
  const isUnsound = soundness.useLoaded();
  const unsound = useMemo(() => isUnsound?.(body) ?? false, [isUnsound, body]);
  const together = useMemo(() => runOfH1s(body), [body]);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: byLevels }),
  );

  const h1s = contentHeadings(page).filter(({ heading }) => heading.level === 1);
  useCommands(() => [
    ...(unsound ? [{ name: "Repair the outline…", run: () => setRepairing(true) }] : []),
    ...(together.length > 1 ? [{ name: `Make one H1 of ${together.length}…`, run: () => setMerging(together) }] : []),
  ]);
  const headings = page.headings.length === 1 ? "1 heading" : `${page.headings.length} headings`;
  const setLevel = (index: number, level: number, below: boolean) => {
    const heading = page.headings[index];
    if (!heading) return;
    const changes = moveEdits(desk, index, level, below);
    const name = `“${heading.text.slice(0, 40)}”`;
    if (changes.length > 0)
      desk.edit(changes, changes.length === 1 ? `Make ${name} an H${level}` : `Move ${name} and what is below it`);
  };
  const dragged = ({ active, delta }: DragEndEvent) => {
    const index = Number(active.id);
    const heading = page.headings[index];
    const by = Math.round(delta.x / STEP);
    if (heading && by !== 0) setLevel(index, Math.max(1, Math.min(6, heading.level + by)), true);
  };
  const copy = async (format: OutlineFormat) => {
    try {
      const { outlineAs } = await import("#core/outline/copy");
      await navigator.clipboard.writeText(outlineAs(page, format));
      notify("The outline is copied", "Paste it wherever you need it.");
    } catch (error) {
      fail(error);
    }
  };
  const addContents = async () => {
    const { contentsList } = await import("#core/outline/contents");
    const list = contentsList(desk);
    if ("reason" in list) fail(new Error(list.reason));
    else desk.edit(list, "Contents list");
  };
  const fold = (index: number) =>
    setUnfolded((set) => {
      const next = new Set(set);
      if (!next.delete(index)) next.add(index);
      return next;
    });
  const h1 = h1s[0]?.heading.text ?? "";
  return (
    <section aria-labelledby="outline-heading" data-anchor="outline">
      <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 id="outline-heading" className="font-serif text-18">
          Outline
        </h2>
        <span className="text-ink-soft">
          {headings}, {h1s.length === 0 ? "no H1" : h1s.length === 1 ? "one H1" : `${h1s.length} H1s`}
        </span>
        <span className="flex-1" />
        {unsound && <Action onClick={() => setRepairing(true)}>Repair…</Action>}
        {together.length > 1 && <Action onClick={() => setMerging(together)}>Make one H1 of {together.length}…</Action>}
        <Action onClick={() => setUnfolded(unfolded.size > 0 ? new Set() : new Set([-1, ...page.headings.keys()]))}>
          {unfolded.size > 0 ? "Fold the body" : "Unfold the body"}
        </Action>
        <Menu align="end" trigger={<Action>More</Action>}>
          {COPIES.map(([format, name]) => (
            <MenuItem key={format} onChoose={() => void copy(format)}>
              Copy the outline {name}
            </MenuItem>
          ))}
          <MenuLine />
          <MenuItem onChoose={() => void addContents().catch(fail)}>Add a contents list after the H1</MenuItem>
        </Menu>
      </div>
      {h1 && (
        <p className="mt-1 grid grid-cols-[3rem_1fr] gap-y-0.5 text-12 text-ink-soft">
          <span>title</span>
          <span className="break-words" {...inItsLanguage}>
            {titleOf(page) || "none"}
          </span>
          <span>H1</span>
          <span className="break-words" {...inItsLanguage}>
            {h1}
          </span>
        </p>
      )}
      {page.headings.length === 0 && (
        <p className="mt-2 text-ink-soft">{emptyBecause(page) ?? "This page has no headings."}</p>
      )}
      <DndContext
        sensors={sensors}
        modifiers={[restrictToHorizontalAxis]}
        accessibility={{ screenReaderInstructions: DRAGGING, announcements: spoken(page) }}
        onDragEnd={dragged}
      >
        <ol className="mt-2">
          {unfolded.has(-1) && (
            <li>
              <Blocks desk={desk} origins={origins} heading={-1} indent="0" {...picking} />
            </li>
          )}
          {Array.from(page.headings.slice(0, drawn), (heading, index) => (
            <OutlineRow
              key={JSON.stringify([heading.key.text, heading.key.nth, heading.createdBy, index])}
              desk={desk}
              heading={heading}
              index={index}
              words={words.get(index) ?? 0}
              preview={page.blocks[under.get(index)?.[0] ?? -1]?.text.slice(0, PREVIEWED) ?? ""}
              landmarkStarts={heading.landmark !== (page.headings[index - 1]?.landmark ?? null)}
              unfolded={unfolded.has(index)}
              onFold={() => fold(index)}
              onLevel={(level, below) => setLevel(index, level, below)}
              origins={origins}
              {...picking}
            />
          ))}
        </ol>
      </DndContext>
      {page.headings.length > asked && (
        <p className="mt-2">
          <Action onClick={() => setAsked(asked + 10 * DRAWN)}>
            Show {page.headings.length - asked > 10 * DRAWN ? `${10 * DRAWN} more` : "the rest"} of the{" "}
            {page.headings.length} headings
          </Action>
        </p>
      )}
      {repairing && <RepairDialog desk={desk} open onClose={() => setRepairing(false)} />}
      {merging && <MergeDialog desk={desk} headings={merging} onClose={() => setMerging(null)} />}
    </section>
  );
});

/** Said to those who drag by keyboard. */
const DRAGGING = {
  draggable:
    "Press Space to take the heading, the left and right arrows to change its level, Space again to put it down.",
};

const spoken = ({ headings }: Desk["page"]): Announcements => {
  const name = (id: string | number) => headings[Number(id)]?.text || "the heading";
  return {
    onDragStart: ({ active }) => `Took ${name(active.id)}.`,
    onDragOver: () => undefined,
    onDragEnd: ({ active }) => `Put down ${name(active.id)}.`,
    onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
  };
};
