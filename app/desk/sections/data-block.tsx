import { useMemo, useState } from "react";
import { Link } from "react-router";
import { changedData, withoutBlock } from "#core/compose/data-edit";
import type { evidenceOf } from "#core/structured-data/evidence";
import type { Entity } from "#core/structured-data/graph";
import { readJson, SLIPS } from "#core/structured-data/json-text";
import type { PageData } from "#core/structured-data/page-data";
import { Action } from "../../ui/controls";
import { Menu, MenuItem, MenuLine } from "../../ui/menu";
import { useNotices } from "../../ui/notice";
import { onDemand } from "../../ui/on-demand";
import { useUnkept } from "../../ui/unkept";
import { NotesAt, type Picking } from "../anchored";
import type { Desk } from "../use-desk";
import { dataPage, Entries } from "./data-entity";
import type { DataMark } from "./data-source";

/** What of the desk structured data takes. */
export type Taken = Pick<
  Desk,
  | "attempt"
  | "edit"
  | "editNow"
  | "edits"
  | "houseStyle"
  | "notes"
  | "notesAt"
  | "original"
  | "page"
  | "record"
  | "written"
>;

const DataSource = onDemand(async () => (await import("./data-source")).default);

/** Entities of one block that are set out one below the other. */
const MOST = 20;

interface BlockProps extends Picking {
  desk: Taken;
  data: PageData;
  index: number;
  evidence: ReturnType<typeof evidenceOf>;
  /** The one entity that is set out; null for all of the block. */
  only?: Entity | null;
  /** The JSON stands beside the entries, where there is room for both. */
  beside?: boolean;
}

/** One block of JSON-LD: its entities as entries of a catalogue, and its JSON, of which either can be edited. */
export function DataBlock({ desk, data, index, evidence, only = null, beside = false, ...picking }: BlockProps) {
  const { notify } = useNotices();
  const [open, setOpen] = useState(false);
  /** What is typed and is no JSON yet. */
  const [broken, setBroken] = useState<string | null>(null);
  const block = data.blocks[index];
  const roots: Entity[] = only ? [only] : data.roots.filter(({ place }) => place.block === index);
  const shown = roots.slice(0, MOST);
  const marks = useMemo(
    (): DataMark[] =>
      desk.notes.flatMap(({ finding: { at, weight, message } }) =>
        at.part === "data" && block && at.range.start >= block.range.start && at.range.end <= block.range.end + 1
          ? [{ from: at.range.start - block.range.start, to: at.range.end - block.range.start, weight, message }]
          : [],
      ),
    [desk.notes, block],
  );
  useUnkept(open && broken !== null ? "What you wrote as JSON cannot be read, so it is not kept." : null);
  if (!block) return null;
  // What the block says has been read with the page.
  const typed = open && broken !== null ? readJson(broken) : block.json;
  const wrong = open && "fault" in typed ? typed.fault : null;
  /** What can be read is kept as it is typed, so that entries and JSON say the same. */
  const write = (text: string) => {
    if ("fault" in readJson(text)) setBroken(text);
    else {
      setBroken(null);
      desk.editNow(
        (now) => {
          const was = now.page.data[index]?.text;
          return was === undefined || was === text ? null : changedData(now.written, was, text);
        },
        "Structured data",
        `data ${index}`,
      );
    }
  };
  const changed = !desk.original.data.some(({ text }) => text === block.text);
  const copy = async (text: string) => {
    await navigator.clipboard.writeText(text);
    notify("Copied");
  };
  return (
    <div data-anchor={`data ${index}`} className={`mt-4 border-t pt-2 ${changed ? "border-blue" : "border-hairline"}`}>
      <div className="flex items-baseline gap-4 text-12 text-ink-soft">
        <span className={`flex-1 ${changed ? "text-blue" : ""}`}>
          JSON-LD{data.blocks.length > 1 ? `, ${index + 1} of ${data.blocks.length}` : ""}
          {"fault" in block.json ? ", cannot be read" : ""}
          <NotesAt desk={desk} at={{ part: "data", pointer: String(index), range: block.range }} {...picking} />
        </span>
        {open && wrong ? (
          <Action
            onClick={() => {
              setBroken(null);
              setOpen(false);
            }}
          >
            Cancel
          </Action>
        ) : (
          <Action onClick={() => setOpen(!open)}>{open ? "Close the JSON" : "Write it as JSON"}</Action>
        )}
        <Menu align="end" trigger={<Action>More</Action>}>
          <MenuItem onChoose={() => void copy(block.text.trim())}>Copy as JSON-LD</MenuItem>
          <MenuItem onChoose={() => void copy(`<script type="application/ld+json">\n${block.text.trim()}\n</script>`)}>
            Copy as a script element
          </MenuItem>
          <MenuLine />
          <MenuItem onChoose={() => desk.edit(withoutBlock(desk.page, block.text), "Take structured data out")}>
            Take it out of the page
          </MenuItem>
        </Menu>
      </div>
      <div className={open && beside ? "grid grid-cols-2 gap-5 max-[62.5rem]:grid-cols-1" : ""}>
        {(!open || beside) && (
          // Two things cannot be said of one block at once: the entries wait until the JSON can be read.
          <div className={`min-w-0 ${wrong ? "set-back" : ""}`} inert={wrong !== null}>
            <Entries entities={shown} desk={desk} data={data} evidence={evidence} {...picking} />
            {roots.length > shown.length && (
              <Link to={dataPage(desk.record, roots[shown.length])} className="mt-3 block text-blue hover:underline">
                and {new Intl.NumberFormat("en-GB").format(roots.length - shown.length)} more, set out by themselves
              </Link>
            )}
          </div>
        )}
        {open && (
          <div className="min-w-0">
            {wrong && (
              <p role="alert" className="mt-1 text-red">
                This cannot be read: {SLIPS[wrong.slip]}.
              </p>
            )}
            <DataSource
              waiting={<p className="mt-2 text-ink-soft">Opening…</p>}
              text={block.text}
              marks={marks}
              label="Structured data as JSON"
              onChange={write}
            />
          </div>
        )}
      </div>
    </div>
  );
}
