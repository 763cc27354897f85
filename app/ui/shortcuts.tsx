import type { Shortcut } from "../screens";
import { Action, Keys } from "./controls";
import { showHintsAgain } from "./hints";
import { Modal } from "./modal";

const EVERYWHERE: Shortcut[] = [
  { keys: "Ctrl K", does: "Command palette" },
  { keys: "Ctrl Z", does: "Undo" },
  { keys: "Ctrl Shift Z", does: "Redo" },
  { keys: "?", does: "Keys and hints" },
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
          <div key={keys} className="contents">
            <dt>
              <Keys>{keys}</Keys>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
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
