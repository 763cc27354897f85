import { DndContext, type DragEndEvent, KeyboardSensor, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import { restrictToHorizontalAxis } from "@dnd-kit/modifiers";
import { DropdownMenu } from "radix-ui";
import { useMemo, useState } from "react";
import { contentsList } from "#core/outline/contents";
import { type OutlineFormat, outlineAs } from "#core/outline/copy";
import { headingLike } from "#core/outline/heading-like";
import { contentHeadings, standTogether } from "#core/outline/outline";
import { repairOutline } from "#core/outline/repair";
import { blockWords } from "#core/page/body";
import { type Heading, languageOf, titleOf } from "#core/page/page";
import { type Edit, slotOf } from "#core/rewrite/edits";
import { originsOf } from "#core/rewrite/origins";
import { Action } from "../ui/controls";
import { menuItem } from "../ui/frame";
import { useNotices } from "../ui/notice";
import type { Picking } from "./anchored";
import { Blocks } from "./blocks";
import { MergeDialog } from "./merge-dialog";
import { OutlineRow, STEP } from "./outline-row";
import { RepairDialog } from "./repair-dialog";
import type { Desk } from "./use-desk";

const COPIES: [OutlineFormat, string][] = [
  ["text", "as text"],
  ["markdown", "as Markdown"],
  ["html", "as HTML"],
];

/** The edit that gives a heading another level, wherever it comes from; null where there is none. */
export function levelEdit(desk: Desk, heading: Heading, level: number): Edit | null {
  if (level < 1 || level > 6 || level === heading.level) return null;
  if (heading.made) {
    const maker = desk.edits.find((edit) => slotOf(edit) === heading.made);
    if (maker?.op === "make-heading" || maker?.op === "merge-headings") return { ...maker, level };
    if (maker?.op !== "insert-blocks") return null;
    const blocks = maker.blocks.map((one) =>
      one.text === heading.text && one.tag.startsWith("h") ? { ...one, tag: `h${level}` as "h1" } : one,
    );
    return { ...maker, blocks };
  }
  const before = desk.original.headings.find((one) => JSON.stringify(one.key) === JSON.stringify(heading.key));
  return before ? { op: "set-heading-level", heading: heading.key, level, was: before.level } : null;
}

/** The outline as a table of contents, with the body folded under each heading. */
export function Outline({ desk, ...picking }: Picking & { desk: Desk }) {
  const { page, original, edits } = desk;
  const { say, fail } = useNotices();
  const [unfolded, setUnfolded] = useState<ReadonlySet<number>>(new Set());
  const [repairing, setRepairing] = useState(false);
  const [merging, setMerging] = useState<Heading[] | null>(null);
  const origins = useMemo(() => originsOf(original, page, edits, "block"), [original, page, edits]);
  const words = useMemo(() => wordsUnder(page), [page]);
  const unsound = useMemo(
    () => repairOutline(page).some((line) => line.edits.length > 0) || headingLike(page).length > 0,
    [page],
  );
  const together = useMemo(() => runOfH1s(page), [page]);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor),
  );

  const h1s = contentHeadings(page).filter(({ heading }) => heading.level === 1);
  const headings = page.headings.length === 1 ? "1 heading" : `${page.headings.length} headings`;
  const setLevel = (index: number, level: number, below: boolean) => {
    const heading = page.headings[index];
    if (!heading) return;
    const by = level - heading.level;
    const list = [heading, ...(below ? partsBelow(page.headings, index) : [])];
    const changes = list.flatMap((one) => levelEdit(desk, one, Math.max(1, Math.min(6, one.level + by))) ?? []);
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
      await navigator.clipboard.writeText(outlineAs(page, format));
      say("The outline is copied", "Paste it wherever you need it.");
    } catch (error) {
      fail(error);
    }
  };
  const addContents = () => {
    const list = contentsList(original);
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
        <span className="text-soft">
          {headings}, {h1s.length === 0 ? "no H1" : h1s.length === 1 ? "one H1" : `${h1s.length} H1s`}
        </span>
        <span className="flex-1" />
        {unsound && <Action onClick={() => setRepairing(true)}>Repair…</Action>}
        {together.length > 1 && <Action onClick={() => setMerging(together)}>Make one H1 of {together.length}…</Action>}
        <Action onClick={() => setUnfolded(unfolded.size > 0 ? new Set() : new Set([-1, ...page.headings.keys()]))}>
          {unfolded.size > 0 ? "Fold the body" : "Unfold the body"}
        </Action>
        <DropdownMenu.Root>
          <DropdownMenu.Trigger className="text-blue hover:underline">More</DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content align="end" sideOffset={4} className="floating z-50 min-w-56 p-1.5">
              {COPIES.map(([format, name]) => (
                <DropdownMenu.Item key={format} className={menuItem} onSelect={() => void copy(format)}>
                  Copy the outline {name}
                </DropdownMenu.Item>
              ))}
              <DropdownMenu.Separator className="my-1.5 h-px bg-hairline" />
              <DropdownMenu.Item className={menuItem} onSelect={addContents}>
                Put a contents list behind the H1
              </DropdownMenu.Item>
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      </div>
      {h1 && (
        <p className="mt-1 grid grid-cols-[48px_1fr] gap-y-0.5 text-12 text-soft">
          <span>title</span>
          <span className="break-words">{titleOf(page) || "none"}</span>
          <span>H1</span>
          <span className="break-words">{h1}</span>
        </p>
      )}
      {page.headings.length === 0 && (
        <p className="mt-2 text-soft">
          {page.blocks.length === 0 && page.scripts > 0
            ? "The source has neither headings nor text: they are made by a script when the page is opened, and cannot be edited here."
            : "This page has no headings."}
        </p>
      )}
      <DndContext sensors={sensors} modifiers={[restrictToHorizontalAxis]} onDragEnd={dragged}>
        <ol className="mt-2">
          {unfolded.has(-1) && (
            <li>
              <Blocks desk={desk} origins={origins} heading={-1} indent={0} {...picking} />
            </li>
          )}
          {Array.from(page.headings, (heading, index) => (
            <OutlineRow
              key={JSON.stringify([heading.key.text, heading.key.nth, heading.made, index])}
              desk={desk}
              heading={heading}
              index={index}
              words={words[index] ?? 0}
              preview={previewOf(desk, index)}
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
      <RepairDialog desk={desk} open={repairing} onClose={() => setRepairing(false)} />
      <MergeDialog desk={desk} headings={merging} onClose={() => setMerging(null)} />
    </section>
  );
}

/** The headings below one, up to the next of its level or higher. */
function partsBelow(headings: readonly Heading[], index: number): Heading[] {
  const level = headings[index]?.level ?? 6;
  const end = headings.findIndex((one, i) => i > index && one.level <= level);
  return headings.slice(index + 1, end < 0 ? undefined : end);
}

/** H1s of the content that stand side by side and read as one. */
function runOfH1s(page: Desk["page"]): Heading[] {
  const all = contentHeadings(page).map(({ heading }) => heading);
  const from = all.findIndex(
    (one, i) => one.level === 1 && all[i + 1]?.level === 1 && standTogether(one, all[i + 1] as Heading),
  );
  if (from < 0) return [];
  let to = from + 1;
  while (all[to + 1]?.level === 1 && standTogether(all[to] as Heading, all[to + 1] as Heading)) to++;
  return all.slice(from, to + 1);
}

/** The first words under a heading. */
function previewOf({ page }: Desk, index: number): string {
  const block = page.blocks.find((one, i) => one.heading === index && page.headings[index]?.block !== i);
  return block ? block.text.slice(0, 90) : "";
}

/** Words that stand under each heading, up to the next. */
function wordsUnder(page: Desk["page"]): number[] {
  const counts = Array.from(page.headings, () => 0);
  for (const [i, block] of page.blocks.entries()) {
    if (block.heading < 0 || page.headings[block.heading]?.block === i) continue;
    counts[block.heading] = (counts[block.heading] ?? 0) + blockWords(block, languageOf(page));
  }
  return counts;
}
