import { useState } from "react";
import type { Heading } from "#core/page/page";
import { MainButton } from "../../ui/controls";
import { Modal } from "../../ui/modal";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "edit">;

const SEPARATORS: [string, string][] = [
  [" ", "a space"],
  [", ", "a comma"],
  [": ", "a colon"],
  [" – ", "a dash"],
];

/** Makes one H1 of several that stand together; the separator that joins the parts is chosen. */
export function MergeDialog({
  desk,
  headings,
  onClose,
}: {
  desk: Taken;
  headings: readonly Heading[] | null;
  onClose: () => void;
}) {
  const [separator, setSeparator] = useState(" ");
  const list = headings ?? [];
  const whole = list.map(({ text }) => text).join(separator);
  return (
    <Modal
      open={headings !== null}
      onOpenChange={(open) => !open && onClose()}
      title={`Make one H1 of ${list.length}`}
      description="They are heard as separate titles. As parts of one heading they keep their classes and with them their looks."
    >
      <fieldset className="mt-4">
        <legend className="text-ink-soft">Separator between the parts</legend>
        <div className="mt-1 flex gap-5">
          {SEPARATORS.map(([value, name]) => (
            <label key={value} className="flex items-center gap-1.5">
              <input type="radio" name="separator" checked={separator === value} onChange={() => setSeparator(value)} />
              {name}
            </label>
          ))}
        </div>
      </fieldset>
      <p className="mt-4 break-words font-serif text-18 text-blue">{whole}</p>
      <div className="mt-4">
        <MainButton
          onClick={() => {
            const keys = list.map(({ key }) => key);
            desk.edit(
              {
                op: "merge-headings",
                headings: keys,
                separator,
                level: 1,
                was: list.map(({ text }) => text).join("\n"),
              },
              `Make one H1 of ${list.length}`,
            );
            onClose();
          }}
        >
          Make it one H1
        </MainButton>
      </div>
    </Modal>
  );
}
