import type { Shortcut } from "../screens";
import { Keys, Modal } from "./controls";

const EVERYWHERE: Shortcut[] = [
  { keys: "Ctrl K", does: "Command palette" },
  { keys: "Ctrl Z", does: "Undo" },
  { keys: "Ctrl Shift Z", does: "Redo" },
  { keys: "?", does: "These keys" },
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
    <Modal open={open} onOpenChange={onOpenChange} title="Keys on this screen">
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
    </Modal>
  );
}
