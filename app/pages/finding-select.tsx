import { ChevronDown } from "lucide-react";
import { Popover } from "radix-ui";
import { useState } from "react";
import { onDemand } from "../ui/on-demand";
import type { Told } from "./told-rules";

const FindingList = onDemand(async () => (await import("./finding-list")).default);

/** Narrows pages to those with a finding: words that open a list to be searched, with the pages of each. */
export function FindingSelect({
  value,
  told,
  pages,
  onChange,
}: {
  /** A rule; "" for any or none. */
  value: string;
  told: Told | null;
  /** How many pages each rule found something on, counted when the list is opened. */
  pages: () => ReadonlyMap<string, number>;
  onChange: (rule: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const words = value === "" ? "any finding or none" : (told?.rules.get(value)?.finds ?? value);
  const choose = (rule: string) => {
    setOpen(false);
    onChange(rule);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`By finding: ${words}`}
        className="inline-flex max-w-[18.75rem] items-center gap-1 border-graphite border-b border-dotted px-0.5 text-left text-ink"
      >
        <span className="min-w-0 truncate">{words}</span>
        <ChevronDown size={13} aria-hidden />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={12}
          aria-label="By finding"
          className="floating z-50 w-[27.5rem] max-w-[94vw]"
        >
          {told && (
            <FindingList
              waiting={<p className="p-3 text-ink-soft">Opening the list…</p>}
              value={value}
              told={told}
              pages={pages()}
              onChoose={choose}
            />
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
