import { useEffect, useRef, useState } from "react";
import type { Asked } from "#core/proposals/all";
import { applyProposed } from "../store/apply-proposed";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { Action, MainButton } from "../ui/controls";
import { HowFar } from "../ui/how-far";
import { useNotices } from "../ui/notice";
import { ProposalList } from "./list";
import { useChosen } from "./use-chosen";
import { useProposals } from "./use-proposals";

const number = new Intl.NumberFormat("en-GB");
const counted = (n: number, one: string) => `${number.format(n)} ${n === 1 ? one : `${one}s`}`;

/**
 * What a change makes of many pages, looked at before it is made: every line can be refused, and what is taken is made in one
 * action.
 */
export function ProposalPreview({
  site,
  pages,
  ids,
  asked,
  label,
  listClass = "max-h-[56vh]",
  without,
  takesEnter = false,
  onApplied,
  onCancel,
}: {
  site: SiteRecord;
  /** The pages of the site, to name them. */
  pages: readonly PageRecord[];
  /** Those that are looked at. */
  ids: readonly string[];
  asked: Asked | null;
  /** What undo calls it. */
  label: string;
  listClass?: string;
  /** What is told of so many pages that it has nothing for. */
  without?: (pages: number) => string;
  /** It has the focus as soon as it can be applied. */
  takesEnter?: boolean;
  onApplied: () => void;
  onCancel?: () => void;
}) {
  const { notify, fail } = useNotices();
  const proposals = useProposals(site, ids, asked);
  const chosen = useChosen(proposals.pages, asked);
  const [applying, setApplying] = useState(false);
  const looking = proposals.done < proposals.of && proposals.fault === "";
  const [stopped, setStopped] = useState<unknown>(null);
  const apply = async () => {
    setApplying(true);
    try {
      const { changed, refused } = await applyProposed(site, chosen.pages, label);
      const [first] = refused;
      notify(
        `${counted(changed, "page")} changed`,
        first ? `${refused.length} could not be: ${first.reason}` : "Ctrl Z takes it back.",
      );
      onApplied();
    } catch (error) {
      fail(error);
    } finally {
      setApplying(false);
    }
  };
  const busy = looking && stopped !== asked;
  const submit = useRef<HTMLButtonElement>(null);
  const offered = useRef(false);
  const canApply = chosen.taken > 0 && !applying && !busy;
  // Where nothing is asked first, Enter applies what has been looked at.
  useEffect(() => {
    if (!takesEnter || !canApply || offered.current) return;
    offered.current = true;
    submit.current?.focus();
  }, [takesEnter, canApply]);
  const suggested = proposals.pages.some(({ lines }) => lines.some((line) => line.suggested));
  const left = busy ? 0 : proposals.done - proposals.pages.length;
  return (
    <form
      className="grid min-h-0 gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (canApply) void apply();
      }}
    >
      {proposals.fault && (
        <p role="alert" className="border-red border-l-4 pl-3">
          {proposals.fault}
        </p>
      )}
      {asked && (
        <p aria-live={busy ? "off" : "polite"} className="flex flex-wrap items-baseline gap-x-4 font-medium">
          <span>
            {busy && <HowFar before="Looking: " done={proposals.done} of={proposals.of} after=". " />}
            {!busy && proposals.pages.length === 0 && proposals.fault === ""
              ? without
                ? ""
                : "Nothing changes."
              : proposals.pages.length > 0 &&
                `${counted(chosen.taken, "change")}${chosen.left > 0 ? `, ${number.format(chosen.left)} not taken` : ""}${chosen.impossible > 0 ? `, ${number.format(chosen.impossible)} cannot be made` : ""}.`}
          </span>
          {without && left > 0 && <span className="font-normal text-ink-soft">{without(left)}</span>}
          {chosen.taken > 0 && <Action onClick={() => chosen.decideAll(false)}>Refuse all</Action>}
          {chosen.left > 0 && <Action onClick={() => chosen.decideAll(true)}>Take all</Action>}
        </p>
      )}
      {suggested && (
        <p className="text-ink-soft">
          These texts are put together from the pages’ own words. Read them, tick those that are right, and edit the
          others.
        </p>
      )}
      {(proposals.pages.length > 0 || (asked !== null && busy)) && (
        <ProposalList
          site={site}
          pages={pages}
          proposed={proposals.pages}
          chosen={chosen}
          className={`${listClass} ${busy ? "min-h-[42vh]" : ""}`}
        />
      )}
      <div className="flex items-center gap-4">
        <MainButton ref={submit} type="submit" disabled={!canApply}>
          {`Apply to ${counted(chosen.pages.length, "page")}`}
        </MainButton>
        {busy ? (
          <Action
            onClick={() => {
              proposals.stop();
              setStopped(asked);
            }}
          >
            Stop
          </Action>
        ) : (
          onCancel && <Action onClick={onCancel}>Cancel</Action>
        )}
      </div>
    </form>
  );
}
