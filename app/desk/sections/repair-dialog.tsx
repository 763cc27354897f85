import { useMemo, useState } from "react";
import { headingLike } from "#core/outline/heading-like";
import { mergedFirst, repairEdits } from "#core/outline/outline-edits";
import { lineName, repairOutline } from "#core/outline/repair";
import type { Edit } from "#core/rewrite/edits";
import { MainButton } from "../../ui/controls";
import { Modal } from "../../ui/modal";
import { useOfPage } from "../../ui/of-page";
import { Tick } from "../../ui/tick";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "edit" | "edits" | "original" | "page">;

const levelName = (level: number) => (level === 0 ? "text" : `H${level}`);

/** The least repair of the outline, was and is beside each other; each line can be refused. */
export function RepairDialog({ desk, open, onClose }: { desk: Taken; open: boolean; onClose: () => void }) {
  const words = useOfPage();
  const [merging, setMerging] = useState(true);
  const together = useMemo(() => (open ? mergedFirst(desk) : null), [open, desk]);
  const start = together && merging ? together.after : desk;
  const { page } = start;
  const [included, setIncluded] = useState<ReadonlySet<number>>(new Set());
  const [refused, setRefused] = useState<ReadonlySet<string>>(new Set());
  const styled = useMemo(() => (open ? headingLike(page) : []), [open, page]);
  const lines = useMemo(
    () => (open ? repairOutline(page, { include: [...included], refused }) : []),
    [open, page, included, refused],
  );
  const changes = lines.filter((line) => line.edits.length > 0);
  const count = changes.length + (start === desk ? 0 : 1);
  const toggle = <T,>(set: ReadonlySet<T>, one: T) => {
    const next = new Set(set);
    if (!next.delete(one)) next.add(one);
    return next;
  };
  const close = () => {
    setIncluded(new Set());
    setRefused(new Set());
    setMerging(true);
    onClose();
  };
  const apply = () => {
    const edits = repairEdits(start, changes);
    const label = changes.length === 1 ? "Repair a heading" : `Repair ${changes.length} headings`;
    if (start === desk) desk.edit(edits, label);
    else desk.edit([together?.merge as Edit, ...edits], `Make one H1, and repair the outline`);
    close();
  };
  return (
    <Modal
      open={open}
      onOpenChange={(now) => !now && close()}
      title="Repair the outline"
      description="The least change that leaves one H1 in front and no level out. Untick what shall stay as it is: the rest is worked out anew."
      wide
    >
      {together && (
        <p className="mt-3 flex items-baseline gap-1.5">
          <Tick
            label="Make one H1 of those that read as one title"
            checked={merging}
            onChange={() => {
              setMerging(!merging);
              setIncluded(new Set());
              setRefused(new Set());
            }}
          />
          <span>
            First make one H1 of those that read as one title:{" "}
            <span className="font-serif text-15 text-blue">{together.title}</span>
          </span>
        </p>
      )}
      {styled.length > 0 && (
        <fieldset className="mt-3">
          <legend className="text-ink-soft">
            These look like headings and are not marked up as headings. Which of them are some?
          </legend>
          <div className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
            {styled.map(({ block, index }) => (
              <span key={index} className="flex items-center gap-1.5">
                <Tick
                  label={block.text}
                  checked={included.has(index)}
                  onChange={() => setIncluded((set) => toggle(set, index))}
                />
                <span className="font-serif text-15" {...words}>
                  {block.text}
                </span>
              </span>
            ))}
          </div>
        </fieldset>
      )}
      <div className="mt-3 max-h-[50vh] overflow-y-auto border-hairline border-y">
        <table className="w-full">
          <thead className="sticky top-0 bg-sheet text-left text-12 text-ink-soft">
            <tr>
              <th className="w-8 py-1 font-medium">
                <span className="sr-only">Change it</span>
              </th>
              <th className="py-1 font-medium">was</th>
              <th className="py-1 font-medium">is</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => {
              const name = lineName(line);
              const changed = line.was !== line.is;
              return (
                <tr key={name} className="border-hairline border-t align-baseline">
                  <td>
                    {(changed || refused.has(name)) && line.block < 0 && (
                      <Tick
                        label={`Change ${line.text || "an empty heading"}`}
                        checked={!refused.has(name)}
                        onChange={() => setRefused((set) => toggle(set, name))}
                      />
                    )}
                  </td>
                  <td className="py-1 pr-4">
                    <Line level={line.was} text={line.text} tone="text-ink-soft" />
                  </td>
                  <td className="py-1">
                    <Line level={line.is} text={line.text} tone={changed ? "text-blue" : ""} />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <div className="mt-4 flex items-baseline gap-4">
        <MainButton disabled={count === 0} onClick={apply}>
          {count === 0
            ? "Nothing to repair"
            : changes.length === 0
              ? "Make it one H1"
              : changes.length === 1
                ? "Change 1 heading"
                : `Change ${changes.length} headings`}
        </MainButton>
        {changes.length > 0 && (
          <span className="text-ink-soft">Styles that hang on the old tag may change how it looks. Classes stay.</span>
        )}
      </div>
    </Modal>
  );
}

function Line({ level, text, tone }: { level: number; text: string; tone: string }) {
  return (
    <span
      className={`flex items-baseline gap-2 ${tone}`}
      style={{ paddingLeft: Math.max(0, Math.min(6, level) - 1) * 16 }}
    >
      <span className="w-8 shrink-0 font-mono text-12">{levelName(level)}</span>
      <span className="min-w-0 break-words font-serif text-15">{text || "nothing in it"}</span>
    </span>
  );
}
