import { useMemo, useState } from "react";
import { parsePattern } from "#core/pattern/pattern";
import { VARIABLES } from "#core/pattern/variables";
import type { Asked } from "#core/proposals/all";
import { styleForKind } from "#core/settings/house-style";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { fieldClass } from "../ui/controls";
import { FieldChoice } from "./field-choice";
import type { QuestionProps } from "./question";

type PatternField = "title" | "description";

/** The house style's pattern for the pages' kind, where it has one. */
function patternFor(site: SiteRecord, pages: readonly PageRecord[], field: PatternField): string {
  const kind = pages[0]?.kind ?? "other";
  return (
    styleForKind(site.houseStyle, kind).patterns?.[field] ??
    (field === "title" ? "{page heading}{separator}{site name}" : "{first sentence}")
  );
}

export function AskPattern({ site, pages, of, preview }: QuestionProps) {
  const [field, setField] = useState<PatternField>(of?.field ?? "title");
  const [pattern, setPattern] = useState(() => of?.pattern ?? patternFor(site, pages, "title"));
  const spares = of !== undefined;
  const asked = useMemo((): Asked | { reason: string } | null => {
    if (pattern.trim() === "") return null;
    const parsed = parsePattern(pattern);
    return "reason" in parsed ? parsed : { way: "pattern", field, pattern, spares };
  }, [field, pattern, spares]);
  return (
    <>
      <div className="grid gap-2">
        <FieldChoice
          value={field}
          choices={["title", "description"]}
          onChoose={(next) => {
            setField(next);
            setPattern(patternFor(site, pages, next));
          }}
        />
        <input
          aria-label="Pattern"
          value={pattern}
          onChange={(e) => setPattern(e.target.value)}
          spellCheck={false}
          className={fieldClass}
          placeholder="{page heading}{separator}{site name}"
        />
        <p className="flex flex-wrap gap-x-3 gap-y-1 text-12">
          {VARIABLES.map(({ name, meaning }) => (
            <button
              key={name}
              type="button"
              title={meaning}
              onClick={() => setPattern((text) => `${text}{${name}}`)}
              className="font-mono text-blue hover:underline"
            >
              {`{${name}}`}
            </button>
          ))}
          <span className="text-ink-soft">
            or any front-matter or structured-data value, such as {"{offers.price}"}. A missing value drops its
            separator.
          </span>
        </p>
      </div>
      {preview(asked)}
    </>
  );
}
