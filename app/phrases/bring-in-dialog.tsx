import { useMemo, useRef, useState } from "react";
import { phraseKey } from "#core/phrase/phrase-key";
import { keepPhrases } from "../store/phrases";
import type { PhraseRecord } from "../store/records/phrases";
import { Action, MainButton } from "../ui/controls";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import { type ChosenTable, TableInput } from "../ui/table-input";
import type { PooledWorker } from "../workers/pool";
import { useOnPool } from "../workers/use-on-pool";

const number = new Intl.NumberFormat("en-GB");
const counted = (n: number, one: string, many: string) => `${number.format(n)} ${n === 1 ? one : many}`;

/** Phrases typed, pasted or out of a file: what becomes of the list is said before it is kept. */
export function BringInDialog({
  siteId,
  list,
  file: chosen,
  onClose,
}: {
  siteId: string;
  list: readonly PhraseRecord[];
  /** A file that was chosen before; null where phrases are typed. */
  file: ChosenTable | null;
  onClose: () => void;
}) {
  const { notify, fail } = useNotices();
  const [text, setText] = useState("");
  const [file, setFile] = useState(chosen);
  const input = useRef<HTMLInputElement>(null);
  const asking = useMemo(() => {
    const source = file ? file.bytes : text;
    return source.length === 0 || (typeof source === "string" && source.trim() === "")
      ? null
      : async (worker: PooledWorker) => await worker.readPhraseList(source);
  }, [file, text]);
  const { made: read, working: reading } = useOnPool(asking, fail);
  const told = useMemo(() => {
    if (!read || "reason" in read) return null;
    const known = new Map(list.map((record) => [phraseKey(record.text), record]));
    const added = read.phrases.filter((one) => !known.has(phraseKey(one.text)));
    const changed = read.phrases.filter((one) => {
      const was = known.get(phraseKey(one.text));
      return was && one.volume !== null && one.volume !== was.volume;
    });
    return {
      first: added[0]?.text ?? "",
      added: added.length,
      changed: changed.length,
      same: read.phrases.length - added.length - changed.length,
    };
  }, [read, list]);
  const keep = async () => {
    if (!read || "reason" in read) return;
    try {
      const { added, changed } = await keepPhrases(siteId, read.phrases, "Bring phrases in");
      notify(
        `${counted(added, "phrase", "phrases")} added, ${number.format(changed)} changed`,
        "One undo takes all of it back.",
      );
      onClose();
    } catch (error) {
      fail(error);
    }
  };
  return (
    <Modal
      open
      onOpenChange={(open) => !open && onClose()}
      title={file ? `Phrases out of ${file.name}` : "Add phrases"}
      description={
        file
          ? "What is in the list already keeps its pages; its searches and further columns are renewed."
          : "One a line, with its searches a month behind a tab, comma or semicolon where you know them."
      }
    >
      <div className="mt-4 grid gap-3">
        {!file && (
          <textarea
            aria-label="Phrases"
            rows={7}
            value={text}
            onChange={(e) => setText(e.target.value)}
            className="w-full rounded border border-edge bg-sheet p-2.5 font-serif text-15"
          />
        )}
        {read && "reason" in read && (
          <p role="alert" className="text-red">
            {read.reason}
          </p>
        )}
        {told && (
          <p aria-live="polite">
            {counted(told.added, "new phrase", "new phrases")}
            {told.first !== "" && `, the first “${told.first}”`}
            {told.changed > 0 &&
              `, ${counted(told.changed, "is searched otherwise now", "are searched otherwise now")}`}
            {told.same > 0 && `, ${counted(told.same, "stands", "stand")} in the list already`}.
          </p>
        )}
        {read && !("reason" in read) && read.notes.length > 0 && (
          <ul className="grid max-h-40 gap-1 overflow-auto text-12 text-ink-soft">
            {read.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        )}
        <div className="flex flex-wrap items-center gap-5">
          <MainButton
            disabled={!told || told.added + told.changed + told.same === 0}
            busy={reading}
            onClick={() => void keep()}
          >
            {told && told.added === 0
              ? "Renew the list"
              : `Add ${told ? counted(told.added, "phrase", "phrases") : "them"}`}
          </MainButton>
          <Action onClick={() => input.current?.click()}>{file ? "Another file…" : "Out of a CSV file…"}</Action>
          <Action onClick={onClose}>Cancel</Action>
          <TableInput ref={input} label="CSV file of phrases" onChosen={setFile} />
        </div>
      </div>
    </Modal>
  );
}
