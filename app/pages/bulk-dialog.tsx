import { useMemo, useRef, useState } from "react";
import { pathOf } from "#core/address/address";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { Action, fieldClass, MainButton } from "../ui/controls";
import { HowFar } from "../ui/how-far";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import { ofPage } from "../ui/of-page";
import { applyBulk, type BulkOperation, type BulkRow, previewBulk } from "./bulk";
import type { CellChange } from "./grid";

/** What the editor has asked for of the records of many pages. */
export type BulkAsked =
  | { ask: "kind" }
  | { ask: "ready" }
  | { ask: "remove" }
  | { ask: "paste"; cells: CellChange[]; pasted: number };

const TITLES: Record<BulkAsked["ask"], string> = {
  kind: "Set the page kind",
  ready: "Mark as ready",
  remove: "Remove from the site",
  paste: "Change cells",
};

/** Pages shown in the preview; all are counted and changed. */
const PREVIEWED = 120;
const number = new Intl.NumberFormat("en-GB");

/** A change of the records of many pages: every one before and after, then one action. */
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
  const [kind, setKind] = useState<PageKind>(pages[0]?.kind ?? "other");
  const [progress, setProgress] = useState<number | null>(null);
  const stop = useRef<AbortController>(undefined);

  const operation = useMemo((): BulkOperation => {
    switch (asked.ask) {
      case "kind":
        return { kind: "page-kind", to: kind };
      case "ready":
        return { kind: "ready", to: pages.some((page) => !page.ready) };
      case "remove":
        return { kind: "remove" };
      case "paste":
        return { kind: "cells", cells: asked.cells };
    }
  }, [asked, kind, pages]);
  const rows = useMemo(() => previewBulk(pages, operation), [pages, operation]);
  const changing = rows.filter((row) => row.reason === null);
  const refused = rows.filter((row) => row.reason !== null);
  const applying = progress !== null;

  const apply = async () => {
    const controller = new AbortController();
    stop.current = controller;
    setProgress(0);
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
      setProgress(null);
    }
  };
  const changes =
    asked.ask === "paste"
      ? changing.length === 1
        ? "cell changes"
        : `cells of ${asked.pasted} change`
      : changing.length === 1
        ? "page changes"
        : "pages change";

  return (
    <Modal wide open onOpenChange={(open) => !open && onClose(false)} title={TITLES[asked.ask]}>
      <form
        className="mt-4 grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (changing.length > 0 && !applying) void apply();
        }}
      >
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
        <p aria-live={applying ? "off" : "polite"} className="font-medium">
          {applying ? (
            <HowFar before="Changing: " done={progress} of={pages.length} />
          ) : (
            `${number.format(changing.length)} ${changes}${refused.length > 0 ? `, ${refused.length} cannot` : ""}.`
          )}
        </p>
        <Preview rows={[...changing.slice(0, PREVIEWED), ...refused.slice(0, 20)]} />
        {changing.length > PREVIEWED && (
          <p className="text-ink-soft">and {number.format(changing.length - PREVIEWED)} more like these.</p>
        )}
        <div className="flex items-center gap-4">
          <MainButton
            type="submit"
            // Looked at, Enter applies it.
            autoFocus={asked.ask === "paste" || asked.ask === "ready"}
            disabled={changing.length === 0}
            busy={applying}
          >
            {asked.ask === "remove"
              ? `Remove ${number.format(changing.length)}`
              : `Apply to ${number.format(changing.length)}`}
          </MainButton>
          <Action onClick={() => (applying ? stop.current?.abort() : onClose(false))}>
            {applying ? "Stop" : "Cancel"}
          </Action>
        </div>
      </form>
    </Modal>
  );
}

function Preview({ rows }: { rows: readonly BulkRow[] }) {
  return (
    <ul
      aria-label="Before and after"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: it is scrolled by keyboard
      tabIndex={0}
      className="max-h-[38vh] divide-y divide-hairline overflow-auto border-hairline border-y"
    >
      {rows.map(({ page, field, was, is, reason }) => (
        <li key={`${page.id} ${field}`} className="grid grid-cols-[minmax(0,1fr)_minmax(0,2.4fr)] gap-4 py-2">
          <span className="min-w-0">
            <span className="block truncate font-serif text-15" {...ofPage(page.language)}>
              {page.name || "without a name"}
            </span>
            <span className="block truncate font-mono text-12 text-ink-soft">{pathOf(page.address)}</span>
          </span>
          <span className="grid min-w-0 gap-0.5">
            <span className="break-words text-graphite">{(was || "none").slice(0, 300)}</span>
            {reason === null ? (
              <span className="break-words text-blue">{(is || "nothing").slice(0, 300)}</span>
            ) : (
              <span className="text-red">{reason}</span>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}
