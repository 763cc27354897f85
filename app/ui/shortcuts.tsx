import { useState } from "react";
import type { Shortcut } from "../screens";
import { Action, Keys } from "./controls";
import { showHintsAgain } from "./hints";
import { changeLetter, keyFor, LETTERS, type Letter, switchLetters, useLetters } from "./letters";
import { Modal } from "./modal";

const EVERYWHERE: Shortcut[] = [
  { keys: ["Ctrl K"], does: "Command palette" },
  { keys: ["Ctrl Z"], does: "Undo" },
  { keys: ["Ctrl Shift Z"], does: "Redo" },
  { keys: ["?"], does: "Keys and hints" },
];

export function Shortcuts({
  open,
  onOpenChange,
  shortcuts,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  shortcuts: readonly Shortcut[];
}) {
  return (
    <Modal open={open} onOpenChange={onOpenChange} title="Keys and hints">
      <dl className="mt-3 grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-2">
        {[...shortcuts, ...EVERYWHERE].map(({ keys, does }) => (
          <div key={keys.join(" ")} className="contents">
            <dt className="flex gap-1">
              {keys.map((key) => (
                <Keys key={key}>{key}</Keys>
              ))}
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <LettersOfOneSign />
      <p className="mt-4">
        <Action
          onClick={() => {
            showHintsAgain();
            onOpenChange(false);
          }}
        >
          Show the hints of the first visit again
        </Action>
      </p>
    </Modal>
  );
}

/** Keys of one sign: another key for each, or none at all, for those who speak, or whose hands press by chance. */
function LettersOfOneSign() {
  const letters = useLetters();
  const [refused, setRefused] = useState("");
  return (
    // What is set here holds at once.
    <details className="mt-4" onInput={(event) => event.stopPropagation()}>
      <summary className="w-max cursor-pointer py-1 text-blue">Change keys of one letter, or switch them off</summary>
      <label className="mt-2 flex items-center gap-2">
        <input
          type="checkbox"
          checked={!letters.off}
          onChange={(e) => switchLetters(!e.target.checked)}
          className="accent-ink"
        />
        Keys of one letter work
      </label>
      <dl className="mt-2 grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-1.5">
        {(Object.entries(LETTERS) as [Letter, string][]).map(([letter, does]) => (
          <div key={letter} className="contents">
            <dt>
              <input
                aria-label={`Key for: ${does}`}
                disabled={letters.off}
                value={keyFor(letters, letter).toUpperCase()}
                onFocus={(e) => e.target.select()}
                onChange={(e) => setRefused(changeLetter(letter, e.target.value.slice(-1)) ?? "")}
                className="w-10 rounded border border-edge bg-sheet px-1 py-0.5 text-center font-mono text-13"
              />
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <p role="alert" className="mt-1 text-red">
        {refused}
      </p>
    </details>
  );
}
