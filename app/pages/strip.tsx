import type { Ref } from "react";
import type { PageRecord } from "../store/page-record";
import { Action } from "../ui/controls";
import type { PagesAsked } from "./asked";

/** What can be asked for of the ticked pages; the palette has the same. */
export const actionsOn = (
  pages: readonly PageRecord[],
): { name: string; command: string; asked: PagesAsked | "again" }[] => {
  const ready = pages.some((page) => !page.ready);
  return [
    { name: "Apply a pattern", command: "Apply a pattern to the selected pages", asked: { way: "pattern" } },
    { name: "Find and replace", command: "Find and replace in the selected pages", asked: { way: "replace" } },
    { name: "Change case", command: "Change the case of the selected pages", asked: { way: "case" } },
    { name: "Trim name", command: "Trim the repeated name from the selected pages", asked: { way: "brand" } },
    { name: "Set kind", command: "Set the kind of the selected pages", asked: { ask: "kind" } },
    {
      name: ready ? "Mark ready" : "Not ready after all",
      command: ready ? "Mark the selected pages ready" : "The selected pages are not ready after all",
      asked: { ask: "ready" },
    },
    { name: "Fetch the selected pages again", command: "Fetch the selected pages again", asked: "again" },
    { name: "Remove", command: "Remove the selected pages", asked: { ask: "remove" } },
  ];
};

/** What can be done with the ticked pages, along the bottom edge of the table. */
export function Strip({
  ref,
  pages,
  onAsk,
  onClear,
}: {
  ref: Ref<HTMLElement>;
  pages: readonly PageRecord[];
  onAsk: (asked: PagesAsked | "again") => void;
  onClear: () => void;
}) {
  const n = new Intl.NumberFormat("en-GB").format(pages.length);
  return (
    <section
      ref={ref}
      aria-label="With the selected pages"
      className="flex flex-wrap items-baseline gap-x-5 gap-y-1 border-ink border-t bg-paper px-6 py-2.5"
    >
      <span className="font-medium" aria-live="polite">
        {n} selected
      </span>
      {actionsOn(pages).map(({ name, asked }) => (
        <Action key={name} onClick={() => onAsk(asked)}>
          {name}
        </Action>
      ))}
      <span className="flex-1" />
      <Action onClick={onClear}>Select none</Action>
    </section>
  );
}
