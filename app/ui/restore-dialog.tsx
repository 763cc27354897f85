import { RadioGroup } from "radix-ui";
import { useId, useState } from "react";
import { pathOf } from "#core/address/address";
import { counted } from "#core/rules/texts";
import type { Difference } from "../store/restore";
import { Action, MainButton } from "./controls";
import { Modal } from "./modal";

/** Lines that are shown; the two buttons above them are for all. */
const SHOWN = 200;

/** Asks, for what a backup and this browser have otherwise, which of the two is kept: for all, or one by one. */
export function RestoreDialog({
  of,
  differences,
  onRestore,
  onClose,
}: {
  /** “2 sites, 40 pages”. */
  of: string;
  differences: readonly Difference[];
  onRestore: (taken: ReadonlySet<string>) => Promise<void>;
  onClose: () => void;
}) {
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const [busy, setBusy] = useState(false);
  const choose = (id: string, theirs: boolean) => {
    const next = new Set(taken);
    if (theirs) next.add(id);
    else next.delete(id);
    setTaken(next);
  };
  const all = taken.size === differences.length;
  return (
    <Modal
      open
      wide
      onOpenChange={(open) => !open && onClose()}
      title="Restore a backup"
      description={`The backup holds ${of}. Since it was made, ${counted(differences.length, "thing")} ${differences.length === 1 ? "has" : "have"} changed here. Choose what to keep. What is not listed is the same, or comes back from the backup.`}
    >
      <p className="mt-4 flex flex-wrap items-center gap-5">
        <Action onClick={() => setTaken(new Set())}>Keep mine for all</Action>
        <Action disabled={all} onClick={() => setTaken(new Set(differences.map(({ id }) => id)))}>
          Take the backup’s for all
        </Action>
        <span aria-live="polite" className="text-ink-soft">
          {differences.length - taken.size} kept as here, {taken.size} from the backup
        </span>
      </p>
      <ul className="mt-3 max-h-[46vh] overflow-auto border-hairline border-y">
        {differences.slice(0, SHOWN).map((one) => (
          <Line key={one.id} difference={one} theirs={taken.has(one.id)} onChoose={(is) => choose(one.id, is)} />
        ))}
      </ul>
      {differences.length > SHOWN && (
        <p className="mt-2 text-ink-soft">
          and {differences.length - SHOWN} more, which are {all ? "taken from the backup" : "kept as they are here"}{" "}
          unless you choose for all.
        </p>
      )}
      <p className="mt-4 flex items-center gap-5">
        <MainButton
          busy={busy}
          onClick={() => {
            setBusy(true);
            void onRestore(taken).finally(() => setBusy(false));
          }}
        >
          Restore
        </MainButton>
        <Action onClick={onClose}>Cancel</Action>
      </p>
    </Modal>
  );
}

function Line({
  difference: { of, what, mine, theirs },
  theirs: isTheirs,
  onChoose,
}: {
  difference: Difference;
  theirs: boolean;
  onChoose: (theirs: boolean) => void;
}) {
  const nameId = useId();
  const options = [
    ["Mine", mine],
    ["Backup", theirs],
  ] as const;
  return (
    <li className="border-hairline border-b py-2 last:border-b-0">
      <p id={nameId} className="text-12 text-ink-soft">
        <span className="font-mono">{of.includes("://") ? pathOf(of) : of}</span> · {what}
      </p>
      <RadioGroup.Root
        aria-labelledby={nameId}
        value={isTheirs ? "Backup" : "Mine"}
        onValueChange={(value) => onChoose(value === "Backup")}
      >
        {options.map(([name, text]) => (
          <label
            key={name}
            htmlFor={nameId + name}
            className="mt-1 grid grid-cols-[1.5rem_4rem_minmax(0,1fr)] items-start gap-2 leading-6"
          >
            <RadioGroup.Item id={nameId + name} value={name} className="grid h-6 w-6 place-items-center">
              <span className="grid h-4 w-4 place-items-center rounded-full border border-graphite">
                <RadioGroup.Indicator className="h-2 w-2 rounded-full bg-ink forced-colors:bg-[Highlight]" />
              </span>
            </RadioGroup.Item>
            <span className="text-12 leading-6">{name}</span>
            <span
              dir="auto"
              className={`break-words ${text === null ? "text-ink-soft" : isTheirs === (name === "Backup") ? "" : "text-graphite"}`}
            >
              {text === null ? "not changed" : text === "" ? "empty" : text}
            </span>
          </label>
        ))}
      </RadioGroup.Root>
    </li>
  );
}
