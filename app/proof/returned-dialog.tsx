import { useRef, useState } from "react";
import { pathOf } from "#core/address/address";
import { MAX_ANSWER_BYTES, type ProofAnswer, type ReturnedProof, TOO_LARGE } from "#core/exchange/returned-proof";
import { type PlannedAnswers, planAnswers, takeAnswers } from "../store/proof";
import type { SiteRecord } from "../store/records/sites";
import { Action, MainButton } from "../ui/controls";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import { onPool } from "../workers/pool";

const VERDICTS: Readonly<Record<ProofAnswer["verdict"], string>> = {
  approved: "approved",
  "sent-back": "sent back",
  preferred: "preferred",
  "": "commented on",
};
const counted = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

/** Answers to a proof: what is taken over is seen first, and what speaks of words that have changed is listed. */
export default function ReturnedDialog({ site, onClose }: { site: SiteRecord; onClose: () => void }) {
  const { notify, fail } = useNotices();
  const input = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<{ returned: ReturnedProof; plan: PlannedAnswers } | { reason: string } | null>(null);
  const choose = async (file: File) => {
    try {
      if (file.size > MAX_ANSWER_BYTES) return setRead({ reason: TOO_LARGE });
      const bytes = new Uint8Array(await file.arrayBuffer());
      const returned = await onPool(async (worker) => await worker.readReturnedProof(bytes));
      if ("reason" in returned) return setRead(returned);
      const plan = await planAnswers(site, returned);
      setRead("reason" in plan ? plan : { returned, plan });
    } catch (error) {
      fail(error);
    }
  };
  const plan = read && "plan" in read ? read.plan : null;
  const take = async () => {
    if (!read || !("plan" in read)) return;
    try {
      const set = await takeAnswers(site, read.plan.taken, read.returned.by);
      notify(`${counted(set, "answer", "answers")} taken over`, "One undo takes all of it back.");
      onClose();
    } catch (error) {
      fail(error);
    }
  };
  return (
    <Modal
      open
      onOpenChange={(open) => !open && onClose()}
      title="Answers to a proof"
      description="The file that came back: answers.json or answers.csv."
      wide
    >
      <input
        ref={input}
        type="file"
        hidden
        aria-label="File of answers"
        accept=".json,.csv,application/json,text/csv"
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) void choose(file);
          target.value = "";
        }}
      />
      <p className="mt-3">
        <Action onClick={() => input.current?.click()}>Choose the file…</Action>
      </p>
      <div aria-live="polite">
        {read && "reason" in read && (
          <p role="alert" className="mt-3 text-red">
            {read.reason}
          </p>
        )}
        {plan && read && "returned" in read && (
          <>
            <p className="mt-3">
              {read.returned.by || "Somebody"} has answered: {counted(plan.taken.length, "answer is", "answers are")}{" "}
              taken over
              {plan.not.length > 0 && `, ${counted(plan.not.length, "is", "are")} not`}.
            </p>
            <ul className="mt-2 grid gap-1.5">
              {plan.taken.map((answer) => (
                <Answer key={answer.change + answer.take} answer={answer} />
              ))}
              {plan.not.map(({ answer, why }) => (
                <Answer key={answer.change + answer.take} answer={answer} why={why} />
              ))}
            </ul>
          </>
        )}
      </div>
      <p className="mt-4 flex items-center gap-5">
        <MainButton
          disabled={!plan || plan.taken.length === 0}
          className="disabled:opacity-40"
          onClick={() => void take()}
        >
          Take the answers over
        </MainButton>
        <Action onClick={onClose}>Cancel</Action>
      </p>
    </Modal>
  );
}

function Answer({ answer: { page, field, is, verdict, comment }, why }: { answer: ProofAnswer; why?: string }) {
  return (
    <li className="border-hairline border-b pb-1.5">
      <span className="font-mono text-12 text-ink-soft">{pathOf(page)}</span>{" "}
      <span className={why ? "text-graphite" : ""}>
        {field}: {VERDICTS[verdict]}
        {comment && `, “${comment}”`}
      </span>
      {is && (
        <span className="block truncate font-serif text-15" dir="auto">
          {is}
        </span>
      )}
      {why && <span className="block text-12 text-red">Not taken over: {why}</span>}
    </li>
  );
}
