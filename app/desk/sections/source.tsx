import { useLiveQuery } from "dexie-react-hooks";
import { memo, useEffect, useMemo, useRef, useState } from "react";
import { useSearchParams } from "react-router";
import { redraftedSource } from "#core/rewrite/apply";
import type { Edit } from "#core/rewrite/edits";
import { writtenSource } from "#core/rewrite/write-source";
import { checkPage, sourceName } from "../../store/check-page";
import { db } from "../../store/db";
import { fingerprintOf } from "../../store/transact";
import { SERVER_GONE } from "../../store/validity";
import { Action } from "../../ui/controls";
import { Mark } from "../../ui/mark";
import { onDemand } from "../../ui/on-demand";
import { OriginalWords } from "../../ui/original-words";
import { useUnkept } from "../../ui/unkept";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "edits" | "now" | "original" | "record" | "replace">;

const SourceView = onDemand(async () => (await import("./source-view")).default);

/** The page's source with the redraft's changes marked, and what a check of its HTML finds. */
export const Source = memo(function Source({ desk }: { desk: Taken }) {
  const { original, edits, record } = desk;
  const [params] = useSearchParams();
  const asked = Number(params.get("line")) || null;
  const [open, setOpen] = useState(asked !== null);
  const checked = useLiveQuery(() => db().checks.get(record.id), [record.id]);
  const [fault, setFault] = useState("");
  const [busy, setBusy] = useState(false);
  const [line, setLine] = useState(asked);
  const section = useRef<HTMLElement>(null);
  // Whoever comes for a line of the source is brought there.
  useEffect(() => {
    if (asked !== null) section.current?.scrollIntoView();
  }, [asked]);
  /** What is being written, and the redraft and the text with which it began. */
  const [written, setWritten] = useState<{ edits: readonly Edit[]; begun: string; typed: string } | null>(null);
  const source = useMemo(() => (open ? redraftedSource(original, edits) : ""), [open, original, edits]);
  const check = async () => {
    setOpen(true);
    setBusy(true);
    setFault("");
    const answered = await checkPage(record.id);
    setBusy(false);
    if (!answered) setFault(SERVER_GONE);
  };
  const keep = async () => {
    if (!written) return true;
    const { diff } = await import("@codemirror/merge");
    const differ = (was: string, is: string) => diff(was, is, { scanLimit: 10_000 });
    const made = writtenSource(original, written.edits, written.typed, differ);
    const refused = "reason" in made ? made.reason : desk.replace("edit-source", made, "Edit the source");
    setFault(refused ? `Not kept. ${refused}` : "");
    if (!refused) setWritten(null);
    return !refused;
  };
  useUnkept(written && written.typed !== written.begun ? "What you wrote into the source is not kept." : null, keep);
  const begin = () => {
    const now = desk.now();
    const begun = redraftedSource(original, now.edits);
    setOpen(true);
    setWritten({ edits: now.edits, begun, typed: begun });
  };
  if (original.format === "fields") return null;
  const current = checked?.of === sourceName({ original: record.original, fingerprint: fingerprintOf(edits) });
  const messages = (current && checked?.messages) || [];
  return (
    <section ref={section} aria-labelledby="source-heading">
      <div className="flex items-baseline gap-4">
        <h2 id="source-heading" className="flex-1 font-serif text-18">
          Source
        </h2>
        {original.format === "html" && (
          <Action onClick={() => void check()} busy={busy}>
            {busy ? "Checking…" : checked ? "Check the HTML again" : "Check the HTML"}
          </Action>
        )}
        {written === null ? (
          <>
            <Action onClick={begin}>Edit it</Action>
            <Action onClick={() => setOpen(!open)}>{open ? "Hide it" : "Show it"}</Action>
          </>
        ) : (
          <>
            <Action onClick={() => void keep()} disabled={written.typed === written.begun}>
              Keep what I wrote
            </Action>
            <Action onClick={() => setWritten(null)}>Cancel</Action>
          </>
        )}
      </div>
      {fault && (
        <p role="alert" className="mt-2 text-red">
          {fault}
        </p>
      )}
      {checked && !busy && open && (
        <p className="mt-2" aria-live="polite">
          {!current
            ? "The page has changed since it was checked."
            : checked.fault
              ? checked.fault
              : messages.length === 0
                ? "The HTML is valid."
                : messages.length === 1
                  ? "1 place is not valid HTML. Begin with the first: what follows may come of it."
                  : `${messages.length} places are not valid HTML. Begin with the first: what follows may come of it.`}
        </p>
      )}
      {messages.length > 0 && (
        <ol className="mt-2 max-h-[220px] overflow-y-auto">
          {messages.map((one) => (
            <li key={`${one.line} ${one.column} ${one.rule} ${one.message}`}>
              <button
                type="button"
                onClick={() => setLine(one.line)}
                className="grid w-full grid-cols-[1.25rem_4.5rem_1fr] gap-2 py-0.5 text-left hover:bg-tint"
              >
                <Mark weight={one.weight} />
                <span className="font-mono text-12 text-ink-soft">line {one.line}</span>
                <span className="min-w-0 break-words">{one.message}</span>
              </button>
              <OriginalWords words={one.original} rule={one.rule} className="ml-[100px] text-12" />
            </li>
          ))}
        </ol>
      )}
      {open && (
        <SourceView
          key={written === null ? "read" : "written"}
          waiting={<p className="mt-2 text-ink-soft">Opening the source…</p>}
          source={written?.begun ?? source}
          original={original.source}
          messages={messages}
          line={line}
          {...(written && { onChange: (typed: string) => setWritten({ ...written, typed }) })}
        />
      )}
    </section>
  );
});
