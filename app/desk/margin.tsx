import { Check } from "lucide-react";
import {
  type ComponentProps,
  memo,
  type ReactNode,
  type RefObject,
  useCallback,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import type { Finding } from "#core/findings/finding";
import { inPageOrder, placeName } from "#core/findings/place";
import { Action, Keys } from "../ui/controls";
import { focusOn } from "../ui/focus-on";
import { Hint } from "../ui/hints";
import { Mark } from "../ui/mark";
import { useNewest } from "../ui/use-newest";
import { RelatedPlaces } from "./related";
import { sentences } from "./sentences";
import type { Note, SetAsideNote } from "./state/use-findings";
import type { Desk } from "./use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "audited" | "notes" | "page" | "record" | "setAside" | "settled" | "takeBack">;

/** What stands in the margin: an open note with its numeral, or a settled finding with its tick. */
type Item = { finding: Finding; note: Note | null };

/** Notes in their order, and settled findings behind the notes of the same place. */
function itemsOf(notes: readonly Note[], settled: readonly Finding[]): Item[] {
  const open = notes.map((note): Item => ({ finding: note.finding, note }));
  const done = settled.map((finding): Item => ({ finding, note: null }));
  return [...open, ...done].sort((a, b) => inPageOrder(a.finding, b.finding));
}

/** Space between two notes, in px. */
const GAP = 14;
/** Up to so many notes all are drawn; of more those near what is seen, and the one that is open. */
const ALL = 150;
/** How far beyond what is seen notes are drawn, and what one takes up until it is measured, in px. */
const BEYOND = 1500;
const TYPICAL = 64;

const keyOf = ({ finding, note }: Item) => `${note ? "open" : "settled"} ${finding.key}`;

/** The part of a list that is near what is seen of it, in px from its top; it moves on by steps. */
function useNear(list: RefObject<HTMLElement | null>, many: boolean): { from: number; to: number } {
  const [near, setNear] = useState({ from: 0, to: 2 * BEYOND });
  useEffect(() => {
    const scroller = many ? list.current?.closest("[data-scroll]") : null;
    if (!scroller) return;
    const look = () => {
      const seen = scroller.getBoundingClientRect();
      const top = seen.top - (list.current?.getBoundingClientRect().top ?? 0);
      const [from, to] = [top - BEYOND, top + seen.height + BEYOND];
      setNear((old) =>
        Math.abs(old.from - from) < BEYOND / 2 && Math.abs(old.to - to) < BEYOND / 2 ? old : { from, to },
      );
    };
    look();
    scroller.addEventListener("scroll", look, { passive: true });
    return () => scroller.removeEventListener("scroll", look);
  }, [list, many]);
  return near;
}

/** The margin: numbered notes, each as level with its words as the notes above allow. */
export function Margin({
  desk,
  sheet,
  selected,
  waitsAt,
  onSelect,
  onFix,
  onSetAside,
}: {
  desk: Taken;
  sheet: RefObject<HTMLElement | null>;
  selected: number | null;
  /** The settled finding at which the selection waits, after its note. */
  waitsAt: Finding | undefined;
  onSelect: (n: number) => void;
  onFix: (note: Note) => void;
  onSetAside: (note: Note) => void;
}) {
  const list = useRef<HTMLOListElement>(null);
  const [tops, setTops] = useState<number[]>([]);
  const [height, setHeight] = useState(0);
  const heights = useRef(new Map<string, number>());
  const { notes, settled, setAside } = desk;
  const items = useMemo(() => itemsOf(notes, settled), [notes, settled]);
  const many = items.length > ALL;
  const near = useNear(list, many);
  const isDrawn = ({ note }: Item, i: number) => {
    const top = tops[i];
    if (!many || (note && note.number === selected)) return true;
    return top === undefined ? i < ALL : top >= near.from && top <= near.to;
  };
  // What stands in the margin: as long as it is the same, notes move with the sheet and with their own heights alone.
  const standing = items
    .map(({ finding, note }) => `${note?.number ?? ""} ${placeName(finding.at)} ${finding.key}`)
    .join("\n");

  // biome-ignore lint/correctness/useExhaustiveDependencies: the same words at the same places take the same room
  const place = useCallback(() => {
    const base = list.current?.getBoundingClientRect().top ?? 0;
    for (const element of (list.current?.children ?? []) as HTMLCollectionOf<HTMLElement>)
      heights.current.set(element.dataset.item ?? "", element.offsetHeight);
    // In one pass over the sheet: there may be as many notes as there are places on it.
    const anchors = new Map<string, Element>();
    for (const element of sheet.current?.querySelectorAll<HTMLElement>("[data-anchor]") ?? []) {
      const name = element.dataset.anchor ?? "";
      if (!anchors.has(name)) anchors.set(name, element);
    }
    let bottom = 0;
    const next = items.map((item) => {
      const anchor = anchors.get(placeName(item.finding.at));
      const wanted = anchor ? anchor.getBoundingClientRect().top - base : bottom;
      const top = Math.round(Math.max(wanted, bottom));
      bottom = top + (heights.current.get(keyOf(item)) ?? TYPICAL) + GAP;
      return top;
    });
    setHeight(bottom);
    setTops((old) => (old.length === next.length && old.every((t, i) => t === next[i]) ? old : next));
  }, [standing, sheet]);

  // The sheet moves when its texts wrap and fonts arrive, the notes when one is opened.
  // biome-ignore lint/correctness/useExhaustiveDependencies: an opened note changes the heights
  useLayoutEffect(() => {
    place();
    const watch = new ResizeObserver(place);
    if (sheet.current) watch.observe(sheet.current);
    for (const item of list.current?.children ?? []) watch.observe(item);
    return () => watch.disconnect();
  }, [place, selected, sheet, near]);

  const acts = useNewest({ onSelect, onFix, onSetAside });
  return (
    <aside aria-label="Notes" className="w-[18.75rem] shrink-0 pr-4 pl-4 max-[62.5rem]:w-full">
      <p className="sr-only" aria-live="polite">
        {!desk.audited ? "" : notes.length === 1 ? "1 note" : `${notes.length} notes`}
      </p>
      {notes.length > 0 && (
        <div className="relative z-10 h-0">
          <Hint of="numeral" done={selected !== null} className="absolute inset-x-0 top-3" />
        </div>
      )}
      <ol ref={list} className="relative print:h-auto!" style={{ height }}>
        {items.map((item, i) => {
          if (!isDrawn(item, i)) return null;
          const { finding, note } = item;
          const open = note !== null && selected === note.number;
          return (
            <PlacedNote
              key={keyOf(item)}
              name={keyOf(item)}
              note={note}
              finding={finding}
              top={tops[i] ?? 0}
              place={i + 1}
              of={items.length}
              related={open ? <RelatedPlaces desk={desk} finding={finding} /> : null}
              open={open || finding === waitsAt}
              {...acts}
            />
          );
        })}
      </ol>
      {desk.audited && notes.length === 0 && (
        <p className="pt-6 font-serif text-15 text-ink-soft">Nothing to note on this page.</p>
      )}
      {setAside.length > 0 && <SetAside list={setAside} onTakeBack={(one) => desk.takeBack(one.record)} />}
    </aside>
  );
}

/** A note at its height, or a settled finding; drawn anew only where it is another or moves: there may be thousands. */
const PlacedNote = memo(function PlacedNote({
  note,
  finding,
  name,
  top,
  place,
  of,
  ...shown
}: {
  note: Note | null;
  finding: Finding;
  name: string;
  top: number;
  place: number;
  of: number;
} & Omit<ComponentProps<typeof OneNote>, "note">) {
  return (
    <li
      data-item={name}
      aria-posinset={place}
      aria-setsize={of}
      className="absolute w-full print:static print:mb-2"
      style={{ top }}
    >
      {note ? <OneNote note={note} {...shown} /> : <Settled finding={finding} waited={shown.open} />}
    </li>
  );
});

/** A finding that the redraft has settled: a thin blue tick. */
function Settled({ finding, waited }: { finding: Finding; waited: boolean }) {
  const own = useRef<HTMLParagraphElement>(null);
  // Who had the focus on the note, or on no part of the screen, goes on from here.
  useEffect(() => {
    if (waited && document.activeElement === document.body && own.current) focusOn(own.current);
  }, [waited]);
  return (
    <p
      ref={own}
      className={`-ml-3 grid grid-cols-[minmax(2.875rem,max-content)_1fr] border-l-2 pl-3 ${waited ? "border-blue" : "border-transparent"}`}
    >
      <Check size={14} strokeWidth={1.5} className="mt-0.5 text-blue" aria-label="settled" />
      <span className="min-w-0 break-words text-ink-soft">was: {sentences(finding.message)[0]}</span>
    </p>
  );
}

function OneNote({
  note,
  related,
  open,
  onSelect,
  onFix,
  onSetAside,
}: {
  note: Note;
  related: ReactNode;
  open: boolean;
  onSelect: (n: number) => void;
  onFix: (note: Note) => void;
  onSetAside: (note: Note) => void;
}) {
  const { number, finding, rule } = note;
  const [first, rest] = sentences(finding.message);
  const red = finding.weight === "may" ? "text-graphite" : "text-red";
  return (
    <div data-note={number} className={`-ml-3 border-l-2 pl-3 ${open ? "border-red" : "border-transparent"}`}>
      <button
        type="button"
        aria-expanded={open}
        onClick={() => onSelect(number)}
        className="grid w-full grid-cols-[minmax(2.875rem,max-content)_1fr] text-left"
      >
        <span className={`flex items-center gap-1 self-start pt-0.5 font-semibold text-12 ${red}`}>
          <Mark weight={finding.weight} />
          {number}
        </span>
        <span className="min-w-0 break-words font-medium font-serif leading-snug">{first}</span>
      </button>
      <div className="grid gap-1 pl-[46px]">
        {rest && <p className="break-words text-ink-soft">{rest}</p>}
        {open && rule && (
          <>
            <p>{rule.why}</p>
            <p className="text-12 text-ink-soft">
              {rule.source.kind[0]?.toUpperCase() + rule.source.kind.slice(1)}
              {rule.source.text && `: ${rule.source.text}`}
            </p>
          </>
        )}
        {related}
        {finding.fix && (
          <p className="flex items-baseline gap-2">
            <Action className="min-w-0 [overflow-wrap:anywhere]" onClick={() => onFix(note)}>
              {finding.fix.label}
            </Action>
            {open && <Keys>.</Keys>}
          </p>
        )}
        {open && (
          <p>
            <Action onClick={() => onSetAside(note)}>Set aside…</Action>
          </p>
        )}
      </div>
    </div>
  );
}

function SetAside({ list, onTakeBack }: { list: readonly SetAsideNote[]; onTakeBack: (one: SetAsideNote) => void }) {
  const where = { place: "here", page: "on this page", site: "on the whole site" };
  return (
    <section className="mt-8 border-hairline border-t pt-3 pb-6">
      <h2 className="font-serif text-15">{list.length} set aside</h2>
      <ul className="mt-2 grid gap-3">
        {list.map((one) => (
          <li key={one.finding.key} className="text-ink-soft">
            <span className="text-ink">{sentences(one.finding.message)[0]}</span> Set aside {where[one.record.scope]}: “
            {one.record.reason}” <Action onClick={() => onTakeBack(one)}>Take it back up</Action>
          </li>
        ))}
      </ul>
    </section>
  );
}
