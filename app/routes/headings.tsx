import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import type { Asked } from "#core/proposals/all";
import { type PatternTarget, parseSelector } from "#core/proposals/heading-shapes";
import type { ShapeFault } from "#core/site/facets/shapes";
import type { HeadingPattern } from "#core/site/index/heading-shapes";
import { screenTitle } from "../document-title";
import { ProposalPreview } from "../proposals/preview";
import { screenOf } from "../screens";
import { usePageRows } from "../store/rows";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { fieldClass } from "../ui/controls";
import { BelowPages, Screen } from "../ui/frame";
import { useTyped } from "../ui/use-typed";
import { useSite } from "./site";

export const meta = screenTitle("headings");

const FAULTS: Record<ShapeFault, string> = {
  around: "stand outside the content",
  jump: "leave out a level",
  styled: "are set like headings and are none",
  "several-h1": "are one of several H1s",
};
const WHERE: Record<string, string> = {
  navigation: "in the navigation",
  complementary: "in a sidebar",
  contentinfo: "in the footer",
  search: "in the search",
  main: "in the content",
  banner: "in the header",
};
const TARGETS: [PatternTarget, string][] = [
  [1, "H1"],
  [2, "H2"],
  [3, "H3"],
  [4, "H4"],
  [5, "H5"],
  [6, "H6"],
  ["paragraph", "a paragraph"],
  ["div", "a div"],
];
const askPatterns = (worker: SiteAsked) => worker.patternsOfHeadings();
const number = new Intl.NumberFormat("en-GB");
const pagesOf = (n: number) => (n === 1 ? "1 page" : `${number.format(n)} pages`);

/** The same wrong thing on many pages: what it should become, each outline before and after, applied to all. */
export default function Headings() {
  const site = useSite();
  const rows = usePageRows(site.id);
  const [params, setParams] = useSearchParams();
  const patterns = useSiteAnswer(site, askPatterns);
  const name = params.get("pattern") ?? "";
  const selector = params.get("selector") ?? "";
  const [typed, type] = useTyped(selector);
  const pattern = patterns?.find((one) => one.name === name);
  const parsed = useMemo(() => (selector ? parseSelector(selector) : null), [selector]);
  const [target, setTarget] = useState<PatternTarget>(2);
  const change = useMemo((): Asked | null => {
    const way = "headingShapes" as const;
    if (pattern) return { way, shape: pattern.shape, target, exact: true, faults: pattern.faults };
    return parsed && !("reason" in parsed) ? { way, shape: parsed, target, exact: false } : null;
  }, [pattern, parsed, target]);
  const pageIds = useMemo(
    () => (pattern ? pattern.pages : change && rows ? rows.map(({ id }) => id) : []),
    [pattern, change, rows],
  );
  return (
    <Screen>
      <BelowPages site={site} screen={screenOf("headings")} />
      <div className="flex min-h-0 flex-1 bg-sheet max-[62.5rem]:flex-col max-[62.5rem]:overflow-y-auto">
        <section
          aria-label="Patterns"
          className="w-[25rem] shrink-0 overflow-y-auto border-hairline border-r px-6 py-5 max-[62.5rem]:w-full"
        >
          <h2 className="font-serif text-18">The same on many pages</h2>
          {!patterns && <p className="mt-2 text-ink-soft">Reading the outlines…</p>}
          {patterns?.length === 0 && (
            <p className="mt-2 text-ink-soft">No heading goes wrong in the same way on several pages.</p>
          )}
          <ul className="mt-2">
            {patterns?.map((one) => (
              <li key={one.name}>
                <PatternLine
                  pattern={one}
                  chosen={one.name === name}
                  onChoose={() => {
                    setParams({ pattern: one.name }, { replace: true });
                    setTarget(one.faults.includes("around") ? "paragraph" : one.faults.includes("styled") ? 3 : 2);
                  }}
                />
              </li>
            ))}
          </ul>
          <label className="mt-5 grid gap-1">
            <span className="text-ink-soft">Or all headings that match a selector</span>
            <input
              value={typed}
              placeholder="nav h3.menu"
              onChange={(e) => {
                type(e.target.value);
                setParams(e.target.value ? { selector: e.target.value } : {}, { replace: true });
              }}
              className={`${fieldClass} font-mono text-13`}
            />
          </label>
          {parsed && "reason" in parsed && (
            <p role="alert" className="mt-1 text-red">
              {parsed.reason}
            </p>
          )}
        </section>
        <section aria-label="What it becomes" className="flex min-w-0 flex-1 flex-col">
          {!change ? (
            <p className="p-6 font-serif text-15 text-ink-soft">Choose a pattern to see what each page would become.</p>
          ) : (
            <>
              <div className="px-6 pt-5">
                <div role="radiogroup" aria-label="It becomes" className="flex flex-wrap items-center gap-x-4 gap-y-1">
                  <span className="text-ink-soft">It becomes</span>
                  {TARGETS.map(([value, label]) => (
                    <label key={value} className="flex items-center gap-1.5">
                      <input type="radio" name="target" checked={target === value} onChange={() => setTarget(value)} />
                      {label}
                    </label>
                  ))}
                </div>
                <p className="mt-2 text-ink-soft">
                  Styles that hang on the old tag may change how it looks. Classes are kept, so that styles that hang on
                  them stay.
                </p>
              </div>
              <div className="mt-3 flex min-h-0 flex-1 flex-col px-6 pb-4">
                <ProposalPreview
                  site={site}
                  pages={rows ?? []}
                  ids={pageIds}
                  asked={change}
                  label={`Change ${pattern ? pattern.name : selector}`}
                  listClass="max-h-[calc(100vh-300px)]"
                  onApplied={() => {}}
                />
              </div>
            </>
          )}
        </section>
      </div>
    </Screen>
  );
}

function PatternLine({
  pattern,
  chosen,
  onChoose,
}: {
  pattern: HeadingPattern;
  chosen: boolean;
  onChoose: () => void;
}) {
  const { shape, faults, pages, examples } = pattern;
  const tag = shape.tag.replace(/^b:/, "");
  const what = /^h[1-6]$/.test(tag) ? tag.toUpperCase() : shape.tag.startsWith("b:") ? "Lines in bold" : `A ${tag}`;
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      className={`-mx-3 w-[calc(100%+1.5rem)] border-l-2 px-3 py-2 text-left ${chosen ? "border-blue bg-tint" : "border-transparent hover:bg-tint"}`}
    >
      <span className="block font-serif text-15">
        {what}
        {shape.classes.length > 0 && (
          <span className="font-mono text-12 text-ink-soft"> .{shape.classes.join(".")}</span>
        )}{" "}
        {shape.landmark ? WHERE[shape.landmark] : ""}
      </span>
      <span className="block text-ink-soft">
        {pagesOf(pages.length)}: they {faults.map((fault) => FAULTS[fault]).join(" and ")}.
      </span>
      <span className="block truncate text-12 text-ink-soft">
        {examples
          .filter(Boolean)
          .map((text) => `“${text}”`)
          .join(", ")}
      </span>
    </button>
  );
}
