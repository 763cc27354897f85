import { type ReactNode, type RefObject, useId, useLayoutEffect, useRef, useState } from "react";
import { runsFromRight } from "#core/measure/direction";
import { cleanValue } from "#core/rewrite/clean-value";
import { useOfPage } from "../ui/of-page";
import type { Note } from "./state/use-findings";

/** A stretch of text with one look. */
interface Stretch {
  text: string;
  lost: boolean;
  bold: boolean;
  marked: boolean;
}

/** Splits a text where its look changes. */
export function stretches(
  text: string,
  lostFrom: number,
  bold: readonly { start: number; end: number }[],
  at: readonly number[],
  marked: readonly { start: number; end: number }[] = [],
): { stretch: Stretch; end: number }[] {
  const edges = new Set([0, text.length, lostFrom, ...at, ...[...bold, ...marked].flatMap((b) => [b.start, b.end])]);
  const sorted = [...edges].filter((e) => e >= 0 && e <= text.length).sort((a, b) => a - b);
  const parts: { stretch: Stretch; end: number }[] = [];
  for (let i = 0; i + 1 < sorted.length; i++) {
    const start = sorted[i] ?? 0;
    const end = sorted[i + 1] ?? text.length;
    const within = (ranges: typeof bold) => ranges.some((one) => start >= one.start && start < one.end);
    parts.push({
      stretch: { text: text.slice(start, end), lost: start >= lostFrom, bold: within(bold), marked: within(marked) },
      end,
    });
  }
  return parts;
}

/**
 * The numerals of notes at one place, without width, so that the words stay where they are measured: above the line, as high
 * as its capitals reach.
 */
export function Numerals({
  notes,
  selected,
  onSelect,
  toLeft = false,
}: {
  notes: readonly Note[];
  selected: number | null;
  onSelect: (n: number) => void;
  /** They end at the place rather than begin there: so that those at the end of a long text stand within the sheet. */
  toLeft?: boolean;
}) {
  if (notes.length === 0) return null;
  return (
    <span className="relative inline-block w-0 align-baseline">
      <span
        className={`absolute bottom-[calc(0.76em-0.4px)] flex whitespace-nowrap font-normal font-sans ${toLeft ? "right-0" : "left-px"}`}
      >
        {notes.map(({ number, finding }) => (
          <span key={number} className={`pointer-events-none flex min-w-6 items-end ${toLeft ? "justify-end" : ""}`}>
            {/* It is pressed on its own ink: a letter beside it is the text’s. */}
            <button
              type="button"
              tabIndex={-1}
              aria-label={`Note ${number}`}
              onClick={() => onSelect(number)}
              className={`pointer-events-auto flex h-[9px] min-h-0 items-end font-semibold text-[11px] leading-none ${finding.weight === "may" ? "text-graphite" : "text-red"} ${selected === number ? "underline" : ""}`}
            >
              {number}
            </button>
          </span>
        ))}
      </span>
    </span>
  );
}

/** What differs from another wording. */
const MARKED = "underline decoration-blue decoration-dotted underline-offset-4";

/** Notes by the code unit they stand at; those without words of their own stand at the end. */
function byPlace(notes: readonly Note[], length: number): Map<number, Note[]> {
  const places = new Map<number, Note[]>();
  for (const note of notes) {
    const { words } = note.finding.at;
    const at = Math.min(words ? (words.end < length ? words.end : words.start) : length, length);
    places.set(at, [...(places.get(at) ?? []), note]);
  }
  return places;
}

/**
 * A text edited where it is shown. A mirror under the transparent field draws the looks of its words; both are set in the
 * same face, so that they cover each other.
 */
export function ResultField({
  label,
  value,
  onChange,
  lostFrom,
  bold,
  notes,
  selected,
  onSelect,
  className,
  placeholder,
  marked = [],
  described = "",
  lead = "",
  leadTried = false,
  fieldRef,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  lostFrom: number;
  bold: readonly { start: number; end: number }[];
  notes: readonly Note[];
  selected: number | null;
  onSelect: (n: number) => void;
  className: string;
  placeholder: string;
  /** Heard with it: what is lost of its text. */
  described?: string;
  /** Words that are underlined. */
  marked?: readonly { start: number; end: number }[];
  /** Stands before the text, which begins behind it: a date. */
  lead?: string;
  /** It is tried on. */
  leadTried?: boolean;
  fieldRef?: RefObject<HTMLTextAreaElement | null>;
}) {
  // What is typed keeps its last space, which the value does not.
  const [draft, setDraft] = useState(value);
  const shown = cleanValue(draft) === value ? draft : value;
  const [focused, setFocused] = useState(false);
  const own = useRef<HTMLTextAreaElement>(null);
  const field = fieldRef ?? own;
  const places = byPlace(notes, value.length);
  // Very long texts are drawn as far as anybody could see; the field itself holds all of it.
  const drawn = shown.length > 3000 ? `${shown.slice(0, 3000)}…` : shown;

  // Where the browser fits a field to its text by itself (`field-sizing`), nothing is measured: that lays the whole sheet out.
  // biome-ignore lint/correctness/useExhaustiveDependencies: another text takes other room
  useLayoutEffect(() => {
    const element = field.current;
    if (!element || CSS.supports("field-sizing", "content")) return;
    element.style.height = "0";
    element.style.height = `${element.scrollHeight}px`;
  }, [shown]);

  // The field's first line begins where the mirror's does: behind what is drawn before it.
  const [indent, setIndent] = useState(0);
  const before = useRef<HTMLSpanElement>(null);
  useLayoutEffect(() => setIndent(lead === "" ? 0 : (before.current?.getBoundingClientRect().width ?? 0)), [lead]);

  const parts: ReactNode[] = [];
  let at = 0;
  if (lead !== "")
    parts.push(
      <span
        key="lead"
        ref={before}
        title={leadTried ? "tried on" : undefined}
        className={`whitespace-pre text-graphite ${leadTried ? "underline decoration-dotted underline-offset-4" : ""}`}
      >
        {lead}
      </span>,
    );
  const numerals = (place: number) => {
    const here = places.get(place);
    if (!here) return null;
    const toLeft = place === value.length && place > 3 * here.length;
    return <Numerals key={`n${place}`} notes={here} selected={selected} onSelect={onSelect} toLeft={toLeft} />;
  };
  parts.push(numerals(0));
  for (const { stretch, end } of stretches(drawn, lostFrom, focused ? [] : bold, [...places.keys()], marked)) {
    parts.push(
      <span
        key={at}
        className={`${stretch.lost ? "text-graphite" : ""} ${stretch.bold ? "font-bold" : ""} ${stretch.marked ? MARKED : ""}`}
      >
        {stretch.text}
      </span>,
    );
    if (end > 0) parts.push(numerals(end));
    at = end;
  }
  // Named, not guessed: what is drawn before the words may run the other way.
  const dir = runsFromRight(shown) ? "rtl" : "ltr";
  const { lang } = useOfPage();
  const describedId = useId();
  const words = `${className} whitespace-pre-wrap break-words`;
  return (
    <div className={`relative ${focused ? "outline outline-1 outline-blue outline-offset-4" : ""}`}>
      {/* Numerals behind the last word may stand in the gutter. */}
      <div
        aria-hidden
        dir={dir}
        lang={lang}
        className={`absolute inset-0 forced-color-adjust-none overflow-clip [overflow-clip-margin:20px] ${words}`}
      >
        {parts}
      </div>
      <textarea
        ref={field}
        rows={1}
        dir={dir}
        lang={lang}
        aria-label={label}
        aria-describedby={described ? describedId : undefined}
        value={shown}
        placeholder={placeholder}
        spellCheck
        onChange={(e) => {
          setDraft(e.target.value);
          onChange(cleanValue(e.target.value));
        }}
        onFocus={() => setFocused(true)}
        onBlur={() => {
          setFocused(false);
          setDraft(value);
        }}
        onKeyDown={(e) => {
          if (e.key === "Enter" && !e.ctrlKey && !e.metaKey) e.preventDefault();
        }}
        style={{ textIndent: indent }}
        className={`relative block w-full resize-none overflow-hidden bg-transparent text-transparent caret-ink forced-color-adjust-none outline-none [field-sizing:content]  ${className}`}
      />
      {described && (
        <span id={describedId} className="sr-only">
          {described}
        </span>
      )}
      {/* Numerals are clicked through the field that covers them: once more above it, where the words between are there for their places only. */}
      <div
        aria-hidden
        dir={dir}
        lang={lang}
        className={`pointer-events-none absolute inset-0 overflow-visible text-transparent forced-color-adjust-none [&_span]:text-transparent ${words}`}
      >
        {parts}
      </div>
    </div>
  );
}
