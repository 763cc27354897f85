import { useMemo, useRef } from "react";
import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { widthOf } from "#core/measure/width";
import type { OutlineLine, ProposedLine } from "#core/proposals/proposal";
import { setDescription, setTitle } from "#core/result/result";
import { descriptionStyle, titleStyle } from "#core/result/styles";
import { limitsOf, type ResultLimits, styleForKind } from "#core/settings/house-style";
import { TextInPlace } from "../desk/text-in-place";
import { linkToPage } from "../screens";
import type { PageRecord } from "../store/page-record";
import type { ProposedPage } from "../store/propose";
import type { SiteRecord } from "../store/records/sites";
import { NotPrinted, ROW, ROWS, useDrawnRows } from "../ui/drawn-rows";
import { ofPage } from "../ui/of-page";
import { Tick } from "../ui/tick";
import type { Chosen } from "./use-chosen";

/** Every page that changes, before and after, each line to be taken or refused. */
export function ProposalList({
  site,
  pages,
  proposed,
  chosen,
  className,
}: {
  site: SiteRecord;
  pages: readonly PageRecord[];
  proposed: readonly ProposedPage[];
  chosen: Chosen;
  className: string;
}) {
  const scroller = useRef<HTMLDivElement>(null);
  const byId = useMemo(() => new Map(pages.map((page) => [page.id, page])), [pages]);
  const virtual = useDrawnRows({
    count: proposed.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 74,
    getItemKey: (i) => proposed[i]?.pageId ?? i,
  });
  return (
    <div
      ref={scroller}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: it is scrolled by keyboard
      tabIndex={0}
      className={`-mx-1 overflow-y-auto border-hairline border-y ${className}`}
    >
      <ul aria-label="Before and after" className={ROWS} style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map(({ index, key, start }) => {
          const one = proposed[index];
          const page = one && byId.get(one.pageId);
          if (!one || !page) return null;
          return (
            <li
              key={key}
              data-index={index}
              ref={virtual.measureElement}
              style={{ transform: `translateY(${start}px)` }}
              className={`${ROW} grid grid-cols-[minmax(0,1fr)_minmax(0,2.4fr)] gap-4 border-hairline border-b last:border-b-0 px-1 py-2.5 max-[43.75rem]:grid-cols-1 max-[43.75rem]:gap-1`}
            >
              <span className="min-w-0">
                <span className="block truncate font-serif text-15" {...ofPage(page.language)}>
                  {page.name || "without a name"}
                </span>
                <Link
                  to={linkToPage(site.id, page.id)}
                  className="block truncate font-mono text-12 text-blue hover:underline"
                >
                  {pathOf(page.address)}
                </Link>
              </span>
              <span className="grid min-w-0 gap-2">
                {one.lines.map((line, i) => (
                  <Line
                    // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other name, and keep their order
                    key={i}
                    line={chosen.worded(one.pageId, i) ?? line}
                    limits={limitsOf(styleForKind(site.houseStyle, page.kind))}
                    label={`${line.called} of ${page.name || pathOf(page.address)}`}
                    taken={chosen.isTaken(one.pageId, i)}
                    onTake={(take) => chosen.decide(one.pageId, i, take)}
                    onReword={(text) => chosen.reword(one.pageId, i, text)}
                  />
                ))}
                {one.outline && (
                  <span className="grid grid-cols-2 gap-x-6">
                    <OutlineLines lines={one.outline.was} tone="text-ink-soft" />
                    <OutlineLines lines={one.outline.is} tone="text-blue" />
                  </span>
                )}
              </span>
            </li>
          );
        })}
      </ul>
      <NotPrinted of={proposed.length} />
    </div>
  );
}

function Line({
  line: { called, was, is, shownAs, values, reason, suggested, unsure, lowered },
  limits,
  label,
  taken,
  onTake,
  onReword,
}: {
  line: ProposedLine;
  limits: ResultLimits;
  label: string;
  taken: boolean;
  onTake: (take: boolean) => void;
  onReword: (text: string) => void;
}) {
  const possible = reason === null;
  return (
    <span className="grid min-w-0 grid-cols-[1.25rem_minmax(0,1fr)] items-start gap-2">
      {possible ? <Tick label={`Take the ${label}`} checked={taken} onChange={() => onTake(!taken)} /> : <span />}
      <span className={`grid min-w-0 gap-0.5 ${possible && !taken ? "set-back" : ""}`}>
        {values ? (
          <>
            <span className="text-12 text-ink-soft">{called}</span>
            <Values values={values} />
          </>
        ) : (
          <WasAndIs
            called={called}
            was={was}
            is={possible ? is : null}
            shownAs={shownAs}
            limits={limits}
            editing={suggested && possible ? { label: `Text of the ${label}`, onReword } : null}
          />
        )}
        {!possible && <span className="text-red">{reason}</span>}
        {possible && unsure && unsure.length > 0 && (
          <span className="text-12 text-ink-soft">
            {unsure.join(", ")}{" "}
            {unsure.length === 1 ? "keeps its capital: it may be a name." : "keep their capitals: they may be names."}
          </span>
        )}
        {possible && lowered && lowered.length > 0 && (
          <span className="text-12 text-ink-soft">
            {lowered.join(", ")}{" "}
            {lowered.length === 1 ? "loses its capitals: it may be a name." : "lose their capitals: they may be names."}
          </span>
        )}
      </span>
    </span>
  );
}

/** A text before and after, with its width where the search result shows it; `is` is null where it cannot be made. */
export function WasAndIs({
  called,
  was,
  is,
  shownAs,
  limits,
  editing = null,
}: Pick<ProposedLine, "called" | "was"> & {
  is: string | null;
  shownAs: ProposedLine["shownAs"];
  limits: ResultLimits;
  /** What is done with another wording; null where it cannot be worded here. */
  editing?: { label: string; onReword: (text: string) => void } | null;
}) {
  return (
    <>
      <span className="text-12 text-ink-soft">{called}</span>
      {was !== "" && <Text text={was} className="text-graphite" width={measured(was, shownAs, limits)} />}
      {is !== null && editing === null && (
        <Text text={is || "nothing"} className="text-blue" width={measured(is, shownAs, limits)} />
      )}
      {is !== null && editing !== null && (
        <span className="flex items-baseline gap-3">
          <TextInPlace
            value={is}
            label={editing.label}
            empty=""
            changed
            className="min-w-0 flex-1"
            onKeep={(text) => {
              if (text === "") return "Type a text, or leave this one unticked.";
              editing.onReword(text);
              return null;
            }}
          />
          <WidthIn width={measured(is, shownAs, limits)} />
        </span>
      )}
    </>
  );
}

function Values({ values }: { values: NonNullable<ProposedLine["values"]> }) {
  return (
    <span className="grid grid-cols-[6.875rem_minmax(0,1fr)] gap-x-3">
      {values.map(({ property, was, is }) => (
        <span key={`${property} ${was} ${is}`} className="contents">
          <span className="text-ink-soft">{property === "itemListElement" ? "steps" : property.replace("@", "")}</span>
          <span className="min-w-0 break-words">
            {was !== "" && <span className="mr-2 text-graphite line-through">{was}</span>}
            <span className="text-blue">{is}</span>
          </span>
        </span>
      ))}
    </span>
  );
}

interface Width {
  px: number;
  cut: boolean;
}

/** The width of a text in its search result and whether it is cut; null for what stands in no result. */
function measured(text: string, as: ProposedLine["shownAs"], limits: ResultLimits): Width | null {
  if (!as) return null;
  const shown = text.slice(0, 2000);
  return as === "title"
    ? { px: Math.round(widthOf(shown, titleStyle("desktop"))), cut: setTitle(shown, "desktop", limits).lost !== "" }
    : {
        px: Math.round(widthOf(shown, descriptionStyle("desktop"))),
        cut: setDescription(shown, "desktop", limits).lost !== "",
      };
}

function Text({ text, className, width }: { text: string; className: string; width: Width | null }) {
  return (
    <span className="flex items-baseline gap-3">
      <span className={`min-w-0 flex-1 break-words ${className}`}>{text.slice(0, 300)}</span>
      <WidthIn width={width} />
    </span>
  );
}

const WidthIn = ({ width }: { width: Width | null }) =>
  width && (
    <span className={`whitespace-nowrap text-12 tabular-nums ${width.cut ? "text-red" : "text-ink-soft"}`}>
      {width.px} px
    </span>
  );

/** Lines of an outline that are shown, around what changes. */
const SHOWN = 10;

function OutlineLines({ lines, tone }: { lines: readonly OutlineLine[]; tone: string }) {
  // Around what changes, so that a long outline does not hide it.
  const first = Math.max(0, lines.findIndex(({ changed }) => changed) - 2);
  const shown = lines.slice(first, first + SHOWN).map((line, i) => ({ ...line, name: `${first + i} ${line.text}` }));
  return (
    <ol className="min-w-0">
      {first > 0 && <li className="text-12 text-ink-soft">…</li>}
      {shown.map(({ level, text, changed, name }) => (
        <li
          key={name}
          className={`flex gap-2 ${changed ? tone : ""}`}
          style={{ paddingLeft: (Math.min(6, level) - 1) * 14 }}
        >
          <span className="w-7 shrink-0 font-mono text-12">H{level}</span>
          <span className="min-w-0 truncate font-serif">{text || "nothing in it"}</span>
        </li>
      ))}
      {lines.length > first + SHOWN && (
        <li className="text-12 text-ink-soft">and {lines.length - first - SHOWN} more</li>
      )}
    </ol>
  );
}
