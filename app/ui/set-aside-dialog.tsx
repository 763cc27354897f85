import { RadioGroup } from "radix-ui";
import { type SyntheticEvent, useState } from "react";
import type { SetAsideRecord } from "../store/records/set-asides";
import { fieldClass, MainButton } from "./controls";
import { Modal } from "./modal";

const SCOPES: [SetAsideRecord["scope"], string][] = [
  ["place", "Only here"],
  ["page", "This rule, on this page"],
  ["site", "This rule, on the whole site"],
];

type Scope = SetAsideRecord["scope"];

/** Asks where what was found is to be left as it is, and why. */
export function SetAsideDialog({
  found,
  scopes = ["place", "page", "site"],
  onClose,
  onDone,
}: {
  /** What was found, in words; null while nothing is asked. */
  found: string | null;
  /** Where it may be left, the one that is offered first. */
  scopes?: readonly [Scope, ...Scope[]];
  onClose: () => void;
  onDone: (scope: Scope, reason: string) => void;
}) {
  const [scope, setScope] = useState<Scope>(scopes[0]);
  const [reason, setReason] = useState("");
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    if (found === null || reason.trim() === "") return;
    onDone(scope, reason.trim());
    setReason("");
    setScope(scopes[0]);
  };
  return (
    <Modal
      open={found !== null}
      onOpenChange={(open) => !open && onClose()}
      title="Set aside"
      description={found ?? ""}
    >
      <form onSubmit={submit} className="mt-4 grid gap-4">
        <RadioGroup.Root
          value={scope}
          onValueChange={(value) => setScope(value as SetAsideRecord["scope"])}
          aria-label="Where"
          className="grid gap-1.5"
        >
          {SCOPES.filter(([value]) => scopes.includes(value)).map(([value, name]) => (
            <label key={value} htmlFor={`scope-${value}`} className="flex items-center gap-2">
              <RadioGroup.Item
                id={`scope-${value}`}
                value={value}
                className="m-1 grid h-4 min-h-4 w-4 place-items-center rounded-full border border-ink"
              >
                <RadioGroup.Indicator className="h-2 w-2 rounded-full bg-ink" />
              </RadioGroup.Item>
              {name}
            </label>
          ))}
        </RadioGroup.Root>
        <label className="grid gap-1">
          Reason
          <input
            className={fieldClass}
            value={reason}
            required
            onChange={(e) => setReason(e.target.value)}
            placeholder="Why it is right as it is"
          />
        </label>
        <MainButton type="submit" className="justify-self-start">
          Set aside
        </MainButton>
      </form>
    </Modal>
  );
}
