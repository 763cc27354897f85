import type { PageRecord } from "../store/page-record";
import { Action } from "../ui/controls";
import type { PagesAsked } from "./asked";

/** What can be done with the ticked pages, along the bottom edge of the table. */
export function Strip({
  pages,
  onAsk,
  onAgain,
  onClear,
}: {
  pages: readonly PageRecord[];
  onAsk: (asked: PagesAsked) => void;
  onAgain: () => void;
  onClear: () => void;
}) {
  const n = new Intl.NumberFormat("en-GB").format(pages.length);
  const actions: { name: string; asked: PagesAsked }[] = [
    { name: "Apply a pattern", asked: { way: "pattern" } },
    { name: "Find and replace", asked: { way: "replace" } },
    { name: "Change case", asked: { way: "case" } },
    { name: "Trim name", asked: { way: "brand" } },
    { name: "Set kind", asked: { ask: "kind" } },
    { name: pages.some((page) => !page.ready) ? "Mark ready" : "Not ready after all", asked: { ask: "ready" } },
  ];
  return (
    <section
      aria-label="With the selected pages"
      className="flex flex-wrap items-baseline gap-x-5 gap-y-1 border-ink border-t bg-paper px-6 py-2.5"
    >
      <span className="font-medium" aria-live="polite">
        {n} selected
      </span>
      {actions.map(({ name, asked }) => (
        <Action key={name} onClick={() => onAsk(asked)}>
          {name}
        </Action>
      ))}
      <Action onClick={onAgain}>Fetch the selected pages again</Action>
      <Action onClick={() => onAsk({ ask: "remove" })}>Remove</Action>
      <span className="flex-1" />
      <Action onClick={onClear}>Select none</Action>
    </section>
  );
}
