import { useMemo, useRef, useState } from "react";
import { explainFault } from "#core/address/fetch-answer";
import { addressesAlone, type ReadResults, readResultsFeed, resultsAddress } from "#core/exchange/results-list";
import type { OtherResult } from "#core/result/line-up";
import { fetchFromServer } from "../bring-in/fetch-from-server";
import type { SiteRecord } from "../store/records/sites";
import { Action, fieldClass, MainButton } from "../ui/controls";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import { remember, remembered } from "../ui/remembered";
import { type ChosenTable, TableInput } from "../ui/table-input";
import { useLongWork } from "../ui/use-long-work";
import type { PooledWorker } from "../workers/pool";
import { useOnPool } from "../workers/use-on-pool";
import { fetchRivals } from "./fetch-rivals";

const counted = (n: number) => (n === 1 ? "1 result" : `${n} results`);
/** Where the address of a results service is remembered. */
const REMEMBERED = "results-service";

/** The service that the stand-in plays, for sites that it plays too; others have none before one is named. */
const usualService = ({ address }: SiteRecord): string =>
  URL.canParse(address) && new URL(address).hostname.endsWith(".example")
    ? "https://results.example/search?q={searchTerms}"
    : "";

/** The results to stand among: from a results service, from a file, or pasted. They take the place of those before. */
export function OthersDialog({
  site,
  phrase,
  has,
  onTake,
  onClose,
}: {
  site: SiteRecord;
  phrase: string;
  /** How many there are now. */
  has: number;
  onTake: (results: readonly OtherResult[]) => void;
  onClose: () => void;
}) {
  const [template, setTemplate] = useState(() => remembered(REMEMBERED) || usualService(site));
  const [text, setText] = useState("");
  const [file, setFile] = useState<ChosenTable | null>(null);
  const { fail } = useNotices();
  const [asked, setAsked] = useState<ReadResults | { reason: string } | "asking" | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const ask = async () => {
    const made = resultsAddress(template, phrase);
    if ("reason" in made) return setAsked(made);
    setAsked("asking");
    const { answer, bytes } = await fetchFromServer(made.address, "results", new AbortController().signal);
    if (!answer.ok) return setAsked({ reason: explainFault(answer) });
    remember(REMEMBERED, template);
    setAsked(readResultsFeed(new TextDecoder().decode(bytes)));
  };
  const pages = useMemo(() => (file ? null : addressesAlone(text)), [file, text]);
  const { working, run } = useLongWork();
  const fetchPages = async (addresses: readonly string[]) => {
    const fetched = await run(addresses.length, (work) => fetchRivals(site.id, addresses, work));
    if (fetched) setAsked(fetched.results.length === 0 ? { reason: fetched.notes.join(" ") } : fetched);
  };
  const reading = useMemo(() => {
    const source = file ? file.bytes : text.trim() === "" || pages ? null : text;
    return source === null ? null : async (worker: PooledWorker) => await worker.readResultsList(source);
  }, [file, text, pages]);
  const { made: listed } = useOnPool(reading, fail);
  const read = asked === "asking" ? null : (listed ?? asked);
  const results = read && "results" in read ? read.results : [];
  return (
    <Modal open onOpenChange={(open) => !open && onClose()} title="The results to stand among" wide>
      <div className="mt-3 grid gap-4">
        <form
          onSubmit={(e) => {
            e.preventDefault();
            void ask();
          }}
        >
          <label htmlFor="results-service" className="text-ink-soft">
            A results service that answers RSS as OpenSearch has it; {"{searchTerms}"} stands for the phrase
          </label>
          <div className="mt-1 flex gap-3">
            <input
              id="results-service"
              value={template}
              placeholder="https://…?q={searchTerms}"
              onChange={(e) => setTemplate(e.target.value)}
              className={`${fieldClass} font-mono text-13`}
            />
            <Action type="submit" busy={asked === "asking"} disabled={phrase === ""} className="shrink-0">
              {asked === "asking" ? "Asking…" : "Ask it"}
            </Action>
          </div>
          {phrase === "" && <p className="mt-1 text-ink-soft">Type the phrase of the line-up first.</p>}
        </form>
        <div>
          <label htmlFor="results-list" className="text-ink-soft">
            Or paste them: a title, an address and a description each, as a table or as blocks of lines; or addresses
            alone, one a line, whose pages are fetched
          </label>
          <textarea
            id="results-list"
            rows={6}
            value={text}
            onChange={(e) => {
              setText(e.target.value);
              setFile(null);
            }}
            className={`${fieldClass} mt-1 font-mono text-13`}
          />
          <TableInput ref={input} label="CSV file of results" onChosen={setFile} />
          <Action onClick={() => input.current?.click()}>Or choose a CSV file…</Action>
          {pages && !working && (
            <Action className="ml-5" onClick={() => void fetchPages(pages)}>
              {pages.length === 1 ? "Fetch this page" : `Fetch these ${pages.length} pages`}
            </Action>
          )}
          {working && <span className="ml-5 inline-flex">{working}</span>}
          {file && <span className="ml-3 text-ink-soft">{file.name}</span>}
        </div>
        <div aria-live="polite">
          {read && "reason" in read && (
            <p role="alert" className="text-red">
              {read.reason}
            </p>
          )}
          {results.length > 0 && (
            <>
              <p>
                {counted(results.length)}
                {read && "notes" in read && read.notes.length > 0 && `. ${read.notes.join(" ")}`}
              </p>
              <ol className="mt-1 grid gap-1">
                {results.map(({ title, address }) => (
                  <li key={address + title} className="truncate">
                    <span dir="auto">{title}</span> <span className="font-mono text-12 text-ink-soft">{address}</span>
                  </li>
                ))}
              </ol>
            </>
          )}
        </div>
        <div className="flex items-center gap-5">
          <MainButton
            disabled={results.length === 0}
            className="disabled:opacity-40"
            onClick={() => {
              onTake(results);
              onClose();
            }}
          >
            {has > 0 ? `Put them in the place of the ${counted(has)}` : "Stand among them"}
          </MainButton>
          <Action onClick={onClose}>Cancel</Action>
        </div>
      </div>
    </Modal>
  );
}
