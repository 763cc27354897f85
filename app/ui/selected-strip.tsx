import type { ReactNode } from "react";
import { Action } from "./controls";

const number = new Intl.NumberFormat("en-GB");

/** What can be done with the lines that are selected, below their list. */
export function SelectedStrip({
  label,
  selected,
  shown,
  onAll,
  onNone,
  children,
}: {
  label: string;
  selected: number;
  /** Lines that are shown, all of which can be selected. */
  shown: number;
  onAll: () => void;
  onNone: () => void;
  children: ReactNode;
}) {
  return (
    <section
      aria-label={label}
      className="flex flex-wrap items-baseline gap-5 border-ink border-t bg-paper px-6 py-2.5"
    >
      <span className="font-medium" aria-live="polite">
        {number.format(selected)} selected
      </span>
      {children}
      <span className="flex-1" />
      <Action onClick={onAll}>Select all {number.format(shown)}</Action>
      <Action onClick={onNone}>Select none</Action>
    </section>
  );
}
