import { useEffect, useMemo, useRef, useState } from "react";
import { pathOf } from "#core/address/address";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { parsePattern } from "#core/pattern/pattern";
import { VARIABLES } from "#core/pattern/variables";
import { LETTER_CASES, type LetterCase } from "#core/phrase/letter-case";
import { FIELD_NAMES, type Field } from "#core/rewrite/field-edit";
import { styleForKind } from "#core/settings/house-style";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { Action, fieldClass, MainButton, Modal } from "../ui/controls";
import { useNotices } from "../ui/notice";
import { applyBulk, type BulkOperation, type BulkRow, measured, previewBulk } from "./bulk";
import type { CellChange } from "./grid";

/** What the editor has asked for; each has its own questions over the preview. */
export type BulkAsked =
  /** Without a pattern it is asked for; a house style's own spares texts that were written by hand. */
  | { ask: "pattern"; of?: { field: "title" | "description"; pattern: string } }
  | { ask: "replace" }
  | { ask: "case" }
  | { ask: "brand" }
  | { ask: "kind" }
  | { ask: "ready" }
  | { ask: "remove" }
  | { ask: "paste"; cells: CellChange[]; pasted: number };

const TITLES: Record<BulkAsked["ask"], string> = {
  pattern: "Apply a pattern",
  replace: "Find and replace",
  case: "Change the case",
  brand: "Trim a repeated name",
  kind: "Set the page kind",
  ready: "Mark as ready",
  remove: "Remove from the site",
  paste: "Change cells",
};

/** Pages shown in the preview; all are counted and changed. */
const PREVIEWED = 120;
/** After the last keystroke the preview waits this long, in milliseconds. */
const REST = 200;
const number = new Intl.NumberFormat("en-GB");

/** A change of many pages: its questions, then every page before and after with its widths, then one action. */
export function BulkDialog({
  site,
  pages,
  asked,
  onClose,
}: {
  site: SiteRecord;
  pages: readonly PageRecord[];
  asked: BulkAsked;
  onClose: (applied: boolean) => void;
}) {
  const { notify, fail } = useNotices();
  const [field, setField] = useState<Field>(asked.ask === "pattern" && asked.of ? asked.of.field : "title");
  const [fields, setFields] = useState<ReadonlySet<Field>>(new Set(["title", "description"]));
  const [pattern, setPattern] = useState(() =>
    asked.ask === "pattern" && asked.of ? asked.of.pattern : patternFor(site, pages, "title"),
  );
  const [find, setFind] = useState("");
  const [by, setBy] = useState("");
  const [regex, setRegex] = useState(false);
  const [matchCase, setMatchCase] = useState(false);
  const [style, setStyle] = useState<LetterCase>("sentence");
  const [kind, setKind] = useState<PageKind>(pages[0]?.kind ?? "other");
  const [rows, setRows] = useState<BulkRow[] | null>(null);
  const [fault, setFault] = useState("");
  const [progress, setProgress] = useState<number | null>(null);
  const [applying, setApplying] = useState(false);
  const stop = useRef<AbortController>(undefined);

  const operation = useMemo((): BulkOperation | { reason: string } | null => {
    switch (asked.ask) {
      case "pattern": {
        if (pattern.trim() === "") return null;
        const parsed = parsePattern(pattern);
        return "reason" in parsed
          ? parsed
          : {
              kind: "page-texts",
              change: { kind: "pattern", pattern, spares: asked.of !== undefined },
              fields: [field],
            };
      }
      case "replace":
        return find === ""
          ? null
          : { kind: "texts", change: { kind: "replace", find, by, regex, matchCase }, fields: [...fields] };
      case "case":
        return { kind: "page-texts", change: { kind: "case", style }, fields: [field] };
      case "brand":
        return { kind: "texts", change: { kind: "once-branded" }, fields: ["title"] };
      case "kind":
        return { kind: "page-kind", to: kind };
      case "ready":
        return { kind: "ready", to: pages.some((page) => !page.ready) };
      case "remove":
        return { kind: "remove" };
      case "paste":
        return { kind: "cells", cells: asked.cells };
    }
  }, [asked, pattern, field, find, by, regex, matchCase, fields, style, kind, pages]);

  useEffect(() => {
    setRows(null);
    setFault("");
    if (!operation) return;
    if ("reason" in operation) {
      setFault(operation.reason);
      return;
    }
    const controller = new AbortController();
    stop.current = controller;
    const timer = setTimeout(() => {
      previewBulk(site, pages, operation, { signal: controller.signal, onProgress: setProgress })
        .then((found) => {
          if (controller.signal.aborted) return;
          if (Array.isArray(found)) setRows(found);
          else setFault(found.reason);
        })
        .catch(fail)
        .finally(() => setProgress(null));
    }, REST);
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [operation, site, pages, fail]);

  const changing = rows?.filter((row) => row.reason === null) ?? [];
  const refused = rows?.filter((row) => row.reason !== null) ?? [];
  const apply = async () => {
    if (!operation || "reason" in operation || !rows) return;
    setApplying(true);
    const controller = new AbortController();
    stop.current = controller;
    try {
      const label = asked.ask === "paste" ? `Change ${changing.length} cells` : TITLES[asked.ask];
      const { changed, refused: left } = await applyBulk(site, rows, operation, label, {
        onProgress: setProgress,
        signal: controller.signal,
      });
      const [first] = left;
      if (controller.signal.aborted) notify("Stopped", "Nothing was changed.");
      else
        notify(
          `${number.format(changed)} ${changed === 1 ? "page" : "pages"} changed`,
          first ? `${left.length} could not be: ${first.reason}` : "Ctrl Z takes it back.",
        );
      onClose(!controller.signal.aborted);
    } catch (error) {
      fail(error);
    } finally {
      setApplying(false);
      setProgress(null);
    }
  };
  const chooseField = (next: Field) => {
    setField(next);
    if (asked.ask === "pattern" && (next === "title" || next === "description"))
      setPattern(patternFor(site, pages, next));
  };
  const oneField = (choices: readonly Field[]) => (
    <label className="flex items-baseline gap-2">
      Of the
      <select
        aria-label="Field"
        value={field}
        onChange={(e) => chooseField(e.target.value as Field)}
        className={fieldClass}
        style={{ width: "auto" }}
      >
        {choices.map((one) => (
          <option key={one} value={one}>
            {FIELD_NAMES[one]}
          </option>
        ))}
      </select>
    </label>
  );

  return (
    <Modal wide open onOpenChange={(open) => !open && onClose(false)} title={TITLES[asked.ask]}>
      <form
        className="mt-4 grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (changing.length > 0 && !applying) void apply();
        }}
      >
        {asked.ask === "pattern" && (
          <div className="grid gap-2">
            {oneField(["title", "description"])}
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
              <span className="text-soft">
                or any front-matter or structured-data value, such as {"{offers.price}"}. A missing value drops its
                separator.
              </span>
            </p>
          </div>
        )}
        {asked.ask === "replace" && (
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
                <label key={one} className="flex gap-1.5">
                  <input
                    type="checkbox"
                    checked={fields.has(one)}
                    onChange={() =>
                      setFields((all) =>
                        all.has(one) ? new Set([...all].filter((f) => f !== one)) : new Set([...all, one]),
                      )
                    }
                  />
                  in {FIELD_NAMES[one]}s
                </label>
              ))}
              <label className="ml-4 flex gap-1.5">
                <input type="checkbox" checked={matchCase} onChange={(e) => setMatchCase(e.target.checked)} />
                same capitals
              </label>
              <label className="flex gap-1.5">
                <input type="checkbox" checked={regex} onChange={(e) => setRegex(e.target.checked)} />
                regular expression
              </label>
            </p>
          </div>
        )}
        {asked.ask === "case" && (
          <div className="flex flex-wrap items-baseline gap-4">
            {oneField(["title", "h1", "description"])}
            <select
              aria-label="Case"
              value={style}
              onChange={(e) => setStyle(e.target.value as LetterCase)}
              className={fieldClass}
              style={{ width: "auto" }}
            >
              {Object.entries(LETTER_CASES).map(([one, { name }]) => (
                <option key={one} value={one}>
                  {name}
                </option>
              ))}
            </select>
            <span className="text-soft">{LETTER_CASES[style].label}</span>
          </div>
        )}
        {asked.ask === "brand" && (
          <p className="text-soft">
            {site.houseStyle.brand
              ? `Titles that hold “${site.houseStyle.brand}” more than once keep it once, behind the separator.`
              : "The site has no name behind its titles yet. Give it one under House style."}
          </p>
        )}
        {asked.ask === "kind" && (
          <select
            aria-label="Kind"
            value={kind}
            onChange={(e) => setKind(e.target.value as PageKind)}
            className={fieldClass}
            style={{ width: "auto", justifySelf: "start" }}
          >
            {Object.entries(PAGE_KINDS).map(([one, { one: name }]) => (
              <option key={one} value={one}>
                {name}
              </option>
            ))}
          </select>
        )}
        {fault && (
          <p role="alert" className="border-red border-l-4 pl-3">
            {fault}
          </p>
        )}
        <p aria-live="polite" className="font-medium">
          {progress !== null
            ? `${applying ? "Changing" : "Looking"}: ${number.format(progress)} of ${number.format(pages.length)}`
            : rows &&
              `${number.format(changing.length)} ${asked.ask === "paste" ? (changing.length === 1 ? "cell changes" : `cells of ${asked.pasted} change`) : changing.length === 1 ? "text changes" : "texts change"}${refused.length > 0 ? `, ${refused.length} cannot` : ""}.`}
        </p>
        {rows && <Preview site={site} rows={[...changing.slice(0, PREVIEWED), ...refused.slice(0, 20)]} />}
        {changing.length > PREVIEWED && (
          <p className="text-soft">and {number.format(changing.length - PREVIEWED)} more like these.</p>
        )}
        <div className="flex items-center gap-4">
          <MainButton type="submit" disabled={changing.length === 0 || applying}>
            {asked.ask === "remove"
              ? `Remove ${number.format(changing.length)}`
              : `Apply to ${number.format(changing.length)}`}
          </MainButton>
          <Action onClick={() => (progress !== null ? stop.current?.abort() : onClose(false))}>
            {progress !== null ? "Stop" : "Cancel"}
          </Action>
        </div>
      </form>
    </Modal>
  );
}

/** The house style's pattern for the pages' kind, where it has one. */
function patternFor(site: SiteRecord, pages: readonly PageRecord[], field: "title" | "description"): string {
  const kind = pages[0]?.kind ?? "other";
  return (
    styleForKind(site.houseStyle, kind).patterns?.[field] ??
    (field === "title" ? "{page heading}{separator}{site name}" : "{first sentence}")
  );
}

function Preview({ site, rows }: { site: SiteRecord; rows: readonly BulkRow[] }) {
  return (
    <ul
      aria-label="Before and after"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: it is scrolled by keyboard
      tabIndex={0}
      className="max-h-[38vh] divide-y divide-hairline overflow-auto border-hairline border-y"
    >
      {rows.map(({ page, field, was, is, reason, unsure }) => (
        <li key={`${page.id} ${field}`} className="grid grid-cols-[minmax(0,1fr)_minmax(0,2.4fr)] gap-4 py-2">
          <span className="min-w-0">
            <span className="block truncate font-serif text-15">{page.name || "without a name"}</span>
            <span className="block truncate font-mono text-12 text-soft">{pathOf(page.address)}</span>
          </span>
          <span className="grid min-w-0 gap-0.5">
            <Line text={was || "none"} className="text-graphite" width={measured(site, page, field, was)} />
            {reason === null ? (
              <Line text={is || "nothing"} className="text-blue" width={measured(site, page, field, is)} />
            ) : (
              <span className="text-red">{reason}</span>
            )}
            {reason === null && unsure && (
              <span className="text-12 text-soft">
                {unsure.join(", ")}{" "}
                {unsure.length === 1
                  ? "keeps its capital: it may be a name."
                  : "keep their capitals: they may be names."}
              </span>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}

function Line({
  text,
  className,
  width,
}: {
  text: string;
  className: string;
  width: { px: number; cut: boolean } | null;
}) {
  return (
    <span className="flex items-baseline gap-3">
      <span className={`min-w-0 flex-1 break-words ${className}`}>{text.slice(0, 300)}</span>
      {width && (
        <span className={`whitespace-nowrap text-12 tabular-nums ${width.cut ? "text-red" : "text-soft"}`}>
          {width.px} px
        </span>
      )}
    </span>
  );
}
