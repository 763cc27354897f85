import { DropdownMenu } from "radix-ui";
import { type KeyboardEvent, useState } from "react";
import type { Heading } from "#core/page/page";
import { menuItem } from "../ui/frame";
import type { Desk } from "./use-desk";

const PLACES: Record<string, string> = {
  banner: "in the header",
  complementary: "in the sidebar",
  contentinfo: "in the footer",
  navigation: "in the navigation",
  search: "in the search",
  form: "in a form",
};
const LEVELS = [1, 2, 3, 4, 5, 6];

/** The outline as a table of contents; levels are changed by key, menu or number. */
export function Outline({
  desk,
  selected,
  onSelect,
}: {
  desk: Desk;
  selected: number | null;
  onSelect: (n: number) => void;
}) {
  const { page } = desk;
  const h1s = page.headings.filter((h) => h.level === 1).length;
  const words = wordsUnder(desk);
  const headings = page.headings.length === 1 ? "1 heading" : `${page.headings.length} headings`;
  return (
    <section aria-labelledby="outline-heading">
      <div className="flex items-baseline gap-3">
        <h2 id="outline-heading" className="font-serif text-18">
          Outline
        </h2>
        <span className="text-soft">
          {headings}, {h1s === 0 ? "no H1" : h1s === 1 ? "one H1" : `${h1s} H1s`}
        </span>
      </div>
      {page.headings.length === 0 && <p className="mt-2 text-soft">This page has no headings.</p>}
      <ol className="mt-2">
        {Array.from(page.headings, (heading, index) => (
          <Row
            key={JSON.stringify([heading.key.text, heading.key.nth, index])}
            desk={desk}
            heading={heading}
            index={index}
            words={words[index] ?? 0}
            selected={selected}
            onSelect={onSelect}
          />
        ))}
      </ol>
    </section>
  );
}

/** Words that stand under each heading, up to the next. */
function wordsUnder({ page }: Desk): number[] {
  const counts = Array.from(page.headings, () => 0);
  for (const block of page.blocks) {
    if (block.heading < 0 || /^h[1-6]$/.test(block.tag)) continue;
    counts[block.heading] =
      (counts[block.heading] ?? 0) + block.text.split(/\s+/).filter((w) => /[\p{L}\p{N}]/u.test(w)).length;
  }
  return counts;
}

function Row({
  desk,
  heading,
  index,
  words,
  selected,
  onSelect,
}: {
  desk: Desk;
  heading: Heading;
  index: number;
  words: number;
  selected: number | null;
  onSelect: (n: number) => void;
}) {
  const [editing, setEditing] = useState<string | null>(null);
  const notes = desk.notes.filter((n) => n.finding.at.part === "heading" && n.finding.at.heading === index);
  const before = desk.original.headings.find((h) => JSON.stringify(h.key) === JSON.stringify(heading.key));
  const levelChanged = before !== undefined && before.level !== heading.level;
  const textChanged = before !== undefined && before.text !== heading.text;
  const around = heading.landmark ? PLACES[heading.landmark] : undefined;

  const setLevel = (level: number) => {
    if (level < 1 || level > 6 || !before || level === heading.level) return;
    desk.edit(
      { op: "set-heading-level", heading: heading.key, level, was: before.level },
      `Make “${heading.text.slice(0, 40)}” an H${level}`,
    );
  };
  const remove = () =>
    before &&
    desk.edit(
      { op: "remove-heading", heading: heading.key, was: before.text },
      `Take out the heading “${heading.text.slice(0, 40)}”`,
    );
  const keepText = () => {
    if (editing !== null && before && editing.trim() !== heading.text) {
      desk.edit({ op: "set-heading-text", heading: heading.key, value: editing, was: before.text }, "Heading");
    }
    setEditing(null);
  };
  const keys = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (/^[1-6]$/.test(event.key)) setLevel(Number(event.key));
    else if (event.key === "ArrowRight") setLevel(heading.level + 1);
    else if (event.key === "ArrowLeft") setLevel(heading.level - 1);
    else if (event.key === "ArrowDown") focusRow(event.currentTarget, 1);
    else if (event.key === "ArrowUp") focusRow(event.currentTarget, -1);
    else if (event.key === "Delete") remove();
    else if (event.key === "F2") setEditing(heading.text);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  return (
    <li
      data-anchor={`heading ${index}`}
      className={`flex items-baseline gap-2 py-1 ${around ? "border-hairline border-l-2 pl-2 -ml-2.5" : ""}`}
      style={{ paddingLeft: around ? undefined : (Math.min(heading.level, 6) - 1) * 20 }}
    >
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          data-outline-row
          onKeyDown={keys}
          aria-label={`H${heading.level}: ${heading.text || "nothing in it"}`}
          className={`w-8 shrink-0 text-left font-mono text-12 ${levelChanged ? "font-semibold text-blue" : "text-soft"}`}
        >
          H{heading.level}
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="start" sideOffset={4} className="floating z-50 min-w-48 p-1.5">
            {LEVELS.map((level) => (
              <DropdownMenu.Item
                key={level}
                className={menuItem}
                disabled={level === heading.level}
                onSelect={() => setLevel(level)}
              >
                <span className="font-mono text-12">H{level}</span>
                {level === heading.level && <span className="text-soft"> as it is</span>}
              </DropdownMenu.Item>
            ))}
            <DropdownMenu.Separator className="my-1.5 h-px bg-hairline" />
            <DropdownMenu.Item className={menuItem} onSelect={() => setTimeout(() => setEditing(heading.text))}>
              Change the words…
            </DropdownMenu.Item>
            <DropdownMenu.Item className={menuItem} onSelect={remove}>
              {heading.text === "" ? "Take it out" : "Make it a paragraph"}
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {editing === null ? (
        <button
          type="button"
          onClick={() => setEditing(heading.text)}
          className={`min-w-0 cursor-text text-left font-serif text-15 ${textChanged ? "text-blue" : heading.text === "" ? "text-graphite" : ""}`}
        >
          {heading.text || "nothing in it"}
        </button>
      ) : (
        <input
          // biome-ignore lint/a11y/noAutofocus: the editor has just asked to write here
          autoFocus
          aria-label="Words of the heading"
          value={editing}
          onChange={(e) => setEditing(e.target.value)}
          onBlur={keepText}
          onKeyDown={(e) => {
            if (e.key === "Enter") keepText();
            if (e.key === "Escape") setEditing(null);
          }}
          className="min-w-0 flex-1 border-blue border-b bg-transparent font-serif text-15 outline-none"
        />
      )}
      <span className="flex gap-1 self-start">
        {notes.map(({ number, finding }) => (
          <button
            key={number}
            type="button"
            aria-label={`Note ${number}`}
            onClick={() => onSelect(number)}
            className={`font-semibold text-12 leading-none ${finding.weight === "may" ? "text-graphite" : "text-red"} ${selected === number ? "underline" : ""}`}
          >
            {number}
          </button>
        ))}
      </span>
      <span className="ml-auto shrink-0 pl-4 text-12 text-soft">
        {around ?? (words > 0 ? `${words} ${words === 1 ? "word" : "words"}` : "")}
      </span>
    </li>
  );
}

function focusRow(from: EventTarget, step: number): void {
  const rows = [...document.querySelectorAll<HTMLElement>("[data-outline-row]")];
  rows[rows.indexOf(from as HTMLElement) + step]?.focus();
}
