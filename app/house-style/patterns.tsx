import { useMemo } from "react";
import type { PageKind } from "#core/page/page-kind";
import { parsePattern } from "#core/pattern/pattern";
import { VARIABLES } from "#core/pattern/variables";
import type { Patterns } from "#core/settings/house-style";
import { Action, fieldClass } from "../ui/controls";

const FIELDS = ["title", "description"] as const;
const LABELS = { title: "Titles", description: "Descriptions" };

/** The patterns of a house style: texts with variables, for every kind of page or for one. */
export function PatternFields({
  patterns,
  inherited,
  kind,
  following,
  onChange,
  onApply,
}: {
  patterns: Patterns;
  /** What holds where this kind states none. */
  inherited: Patterns;
  kind: PageKind | null;
  /** Pages whose text follows the kept pattern of each field. */
  following: Record<(typeof FIELDS)[number], number>;
  onChange: (patterns: Patterns) => void;
  /** Null while the draft is not kept. */
  onApply: ((field: (typeof FIELDS)[number]) => void) | null;
}) {
  const faults = useMemo(() => FIELDS.map((field) => parsePattern(patterns[field] ?? "")), [patterns]);
  return (
    <div className="grid gap-3">
      {FIELDS.map((field, i) => {
        const fault = faults[i];
        return (
          <label key={field} className="grid gap-1">
            <span className="flex items-baseline gap-3">
              <span className="font-serif text-15">{LABELS[field]} are made as</span>
              <span className="text-ink-soft">
                {following[field] > 0 &&
                  `${following[field]} ${following[field] === 1 ? "page follows" : "pages follow"} it`}
              </span>
              <span className="flex-1" />
              {(patterns[field] || inherited[field]) && onApply && (
                <Action onClick={() => onApply(field)}>Apply to {kind === null ? "pages" : "these pages"}…</Action>
              )}
            </span>
            <input
              aria-label={`Pattern of ${LABELS[field].toLowerCase()}`}
              value={patterns[field] ?? ""}
              onChange={(e) => {
                const { [field]: _, ...rest } = patterns;
                onChange(e.target.value === "" ? rest : { ...patterns, [field]: e.target.value });
              }}
              spellCheck={false}
              placeholder={inherited[field] ?? "no pattern: each page is written by hand"}
              className={`${fieldClass} font-mono text-13`}
            />
            {fault && "reason" in fault && <span className="text-red">{fault.reason}</span>}
          </label>
        );
      })}
      <p className="text-12 text-ink-soft">
        Variables:{" "}
        {VARIABLES.map(({ name, meaning }) => (
          <span key={name} title={meaning} className="mr-2 font-mono">{`{${name}}`}</span>
        ))}
      </p>
    </div>
  );
}
