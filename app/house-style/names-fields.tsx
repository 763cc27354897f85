import { useState } from "react";
import type { HouseStyle, SiteNames } from "#core/settings/house-style";
import { Action, fieldClass } from "../ui/controls";
import { useNotices } from "../ui/notice";
import { onPool } from "../workers/pool";

/** Pages that are read for the names in them. */
const MOST = 200;

const NONE: SiteNames = { always: [], never: [] };

const inLines = (text: string) => text.split("\n");
const filled = (lines: readonly string[]) => lines.map((line) => line.trim()).filter(Boolean);

/** What is typed without lines that are empty; undefined where nothing is. */
export function cleanNames({ always, never }: SiteNames = NONE): SiteNames | undefined {
  const names = { always: [...new Set(filled(always))], never: [...new Set(filled(never))] };
  return names.always.length + names.never.length > 0 ? names : undefined;
}

/** Names that keep their capitals whatever a style of capitals asks for, and words that are no names. */
export function NamesFields({
  style,
  pageIds,
  onChange,
}: {
  style: HouseStyle;
  pageIds: readonly string[];
  onChange: (names: SiteNames) => void;
}) {
  const { notify, fail } = useNotices();
  const [reading, setReading] = useState(false);
  const names = style.names ?? NONE;
  const gather = async () => {
    setReading(true);
    try {
      const found = await onPool((worker) => worker.namesOn(pageIds.slice(0, MOST), style));
      if (found.length === 0) notify("No names were found that are not listed yet");
      else {
        onChange({ ...names, always: [...filled(names.always), ...found] });
        notify(
          found.length === 1 ? "1 name was added" : `${found.length} names were added`,
          "Delete those that are no names, then keep the house style.",
        );
      }
    } catch (error) {
      fail(error);
    } finally {
      setReading(false);
    }
  };
  const field = (name: keyof SiteNames, label: string) => (
    <label className="grid content-start gap-1">
      <span className="text-ink-soft">{label}</span>
      <textarea
        rows={Math.min(8, Math.max(3, names[name].length + 1))}
        value={names[name].join("\n")}
        spellCheck={false}
        onChange={(e) => onChange({ ...names, [name]: e.target.value === "" ? [] : inLines(e.target.value) })}
        className={fieldClass}
      />
    </label>
  );
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span className="font-serif text-18">Names</span>
        <span className="text-ink-soft">They keep their capitals when titles and headings change theirs.</span>
        <Action disabled={reading || pageIds.length === 0} onClick={() => void gather()}>
          {reading ? "Reading the pages…" : "Add the names on the pages"}
        </Action>
      </p>
      <div className="mt-2 grid grid-cols-2 gap-4 max-[43.75rem]:grid-cols-1">
        {field("always", "Names, as they are written, one a line")}
        {field("never", "Words that are not names, one a line")}
      </div>
    </>
  );
}
