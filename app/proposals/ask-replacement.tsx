import { useMemo, useState } from "react";
import type { Asked } from "#core/proposals/all";
import { replacer } from "#core/proposals/replace";
import { FIELD_NAMES, type Field } from "#core/rewrite/field-edit";
import { fieldClass } from "../ui/controls";
import type { QuestionProps } from "./question";

export function AskReplacement({ preview }: QuestionProps) {
  const [fields, setFields] = useState<readonly Field[]>(["title", "description"]);
  const [find, setFind] = useState("");
  const [by, setBy] = useState("");
  const [regex, setRegex] = useState(false);
  const [matchCase, setMatchCase] = useState(false);
  const [keepCase, setKeepCase] = useState(false);
  const asked = useMemo((): Asked | { reason: string } | null => {
    if (find === "") return null;
    const change = { find, by, regex, matchCase, keepCase };
    const made = replacer(change);
    return typeof made === "function" ? { way: "replace", ...change, fields } : made;
  }, [find, by, regex, matchCase, keepCase, fields]);
  return (
    <>
      <div className="grid gap-2">
        <div className="grid grid-cols-2 gap-3">
          <input
            aria-label="Find"
            value={find}
            onChange={(e) => setFind(e.target.value)}
            placeholder="Find"
            className={fieldClass}
          />
          <input
            aria-label="Replace with"
            value={by}
            onChange={(e) => setBy(e.target.value)}
            placeholder="Replace with"
            className={fieldClass}
          />
        </div>
        <p className="flex flex-wrap gap-x-5 gap-y-1">
          {(Object.keys(FIELD_NAMES) as Field[]).map((one) => (
            <label key={one} className="flex items-center gap-1.5">
              <input
                type="checkbox"
                checked={fields.includes(one)}
                onChange={() =>
                  setFields((all) => (all.includes(one) ? all.filter((field) => field !== one) : [...all, one]))
                }
              />
              in {FIELD_NAMES[one]}s
            </label>
          ))}
          <label className="ml-4 flex items-center gap-1.5">
            <input type="checkbox" checked={matchCase} onChange={(e) => setMatchCase(e.target.checked)} />
            match capitals
          </label>
          <label
            className="flex items-center gap-1.5"
            title="“Bike” becomes “Cycle” and “BIKE” becomes “CYCLE” where “bike” is replaced with “cycle”."
          >
            <input type="checkbox" checked={keepCase} onChange={(e) => setKeepCase(e.target.checked)} />
            keep capitals
          </label>
          <label className="flex items-center gap-1.5">
            <input type="checkbox" checked={regex} onChange={(e) => setRegex(e.target.checked)} />
            regular expression
          </label>
        </p>
      </div>
      {preview(asked)}
    </>
  );
}
