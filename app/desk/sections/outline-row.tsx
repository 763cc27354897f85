import { useDraggable } from "@dnd-kit/core";
import { ChevronDown, ChevronRight, GripVertical } from "lucide-react";
import { type KeyboardEvent, useMemo, useRef, useState } from "react";
import { headingOver, makerOf, originalOf, wordsEdit } from "#core/outline/outline-edits";
import type { Heading } from "#core/page/page";
import { selectorOf } from "#core/proposals/heading-shapes";
import { contentOf, wordsOf } from "#core/rewrite/content";
import { isPlain, withContent } from "#core/rewrite/content-edit";
import { standing } from "#core/rewrite/operations/set-block-content";
import type { Origin } from "#core/rewrite/origins";
import { classesOf } from "#core/site/facets/shapes";
import { OWN_KEYS } from "../../ui/keys";
import { Menu, MenuItem, MenuLine, MenuLink } from "../../ui/menu";
import { useOfPage } from "../../ui/of-page";
import { NotesAt, type Picking } from "../anchored";
import { TextInPlace, type TextInPlaceHandle } from "../text-in-place";
import type { Desk } from "../use-desk";
import { Blocks } from "./blocks";
import { NewText } from "./new-text";
import { Paragraph } from "./paragraph";

/** What of the desk it takes. */
type Taken = Pick<Desk, "attempt" | "drop" | "edit" | "edits" | "notesAt" | "original" | "page" | "record" | "redraft">;

/** Indentation of a level, in px; dragging by so much changes the level by one. */
export const STEP = 20;
const LEVELS = [1, 2, 3, 4, 5, 6];

const PLACES: Record<string, string> = {
  banner: "in the header",
  complementary: "in a sidebar",
  contentinfo: "in the footer",
  navigation: "in the navigation",
  search: "in the search",
  form: "in a form",
};

/** One heading of the outline: level, words, and what stands under it. */
export function OutlineRow({
  desk,
  heading,
  index,
  words,
  preview,
  landmarkStarts,
  unfolded,
  onFold,
  onLevel,
  origins,
  ...picking
}: Picking & {
  desk: Taken;
  heading: Heading;
  index: number;
  words: number;
  preview: string;
  /** The heading before stands in another landmark. */
  landmarkStarts: boolean;
  unfolded: boolean;
  onFold: () => void;
  onLevel: (level: number, below: boolean) => void;
  origins: readonly Origin[];
}) {
  const inItsLanguage = useOfPage();
  const [asking, setAsking] = useState(false);
  const field = useRef<TextInPlaceHandle>(null);
  const { attributes, listeners, setNodeRef, transform } = useDraggable({ id: String(index) });
  const before = originalOf(desk, heading);
  const maker = makerOf(desk, heading);
  const { page, original } = desk;
  const origin = origins[heading.block];
  const standsAs = original.blocks[origin?.index ?? -1];
  /** Its words with their markup, where it has any: others are set as words, and what was set as words is changed so. */
  const markedUp = useMemo(() => {
    if (!origin?.key || !standsAs) return null;
    const content = contentOf(page, heading.block);
    if (typeof content === "string" || (isPlain(content) && isPlain(contentOf(original, origin.index)))) return null;
    return wordsOf(content) === heading.text ? content : null;
  }, [page, original, heading.text, heading.block, origin, standsAs]);
  const level = transform ? Math.max(1, Math.min(6, heading.level + Math.round(transform.x / STEP))) : heading.level;
  const levelChanged = maker !== null || transform !== null || before?.level !== heading.level;
  const textChanged =
    maker !== null ||
    (before !== null && before.text !== heading.text) ||
    (markedUp !== null && origin !== undefined && standing(page, heading.block) !== standing(original, origin.index));
  const around = heading.landmark ? PLACES[heading.landmark] : undefined;
  const name = `“${heading.text.slice(0, 40)}”`;

  const remove = () => {
    if (maker) desk.drop(maker, `Not a heading after all: ${name}`);
    else if (before)
      desk.edit({ op: "remove-heading", heading: heading.key, was: before.text }, `Take out the heading ${name}`);
  };
  const keepText = (value: string) => {
    const edit = wordsEdit(desk, heading, value);
    return edit && desk.attempt(edit, "Heading");
  };
  const putOver = (text: string) => {
    const list = headingOver(desk, index, text, crypto.randomUUID());
    return "reason" in list ? list.reason : desk.attempt(list, `Put “${text.slice(0, 40)}” over this`);
  };
  const keys = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (/^[1-6]$/.test(event.key)) onLevel(Number(event.key), false);
    else if (event.key === "ArrowRight") onLevel(heading.level + 1, event.shiftKey);
    else if (event.key === "ArrowLeft") onLevel(heading.level - 1, event.shiftKey);
    else if (event.key in ROWS) focusRow(event.currentTarget, ROWS[event.key as keyof typeof ROWS]);
    else if (event.key === "Delete") remove();
    else if (event.key === "F2") field.current?.open();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const readOnly = maker?.op === "merge-headings" ? "It is put together of several. Change their words first." : null;
  const next = desk.page.headings[index + 1];
  const empty = next && next.level > heading.level ? "headings only" : "no text";
  const under = words > 0 ? `${words} ${words === 1 ? "word" : "words"}` : empty;
  // Where the window is narrow a level is a smaller step: the words need the room.
  const deep = Math.min(heading.level, 6) - 1;
  const indent = (more: number) => `calc(min(${deep * STEP}px, ${2 * deep}vw) + ${more}px)`;
  return (
    <li
      data-anchor={`heading ${index}`}
      className={`relative py-1 ${around ? "border-graphite border-l pl-2" : "pl-[9px]"}`}
    >
      {around && landmarkStarts && (
        <p className="-ml-2 border-graphite border-t pt-0.5 pl-2 text-12 text-ink-soft">{around}</p>
      )}
      {asking && (
        <div style={{ paddingLeft: indent(40) }}>
          <NewText what="heading" onPut={([text]) => putOver(text ?? "")} onClose={() => setAsking(false)} />
        </div>
      )}
      <div
        className="group flex items-baseline gap-2"
        style={{
          paddingLeft: indent(0),
          transform: transform ? `translateX(${Math.round(transform.x)}px)` : undefined,
        }}
      >
        <button
          type="button"
          ref={setNodeRef}
          {...listeners}
          {...attributes}
          aria-label={`Drag ${heading.text || "the heading"} to another level, with what is below it`}
          className="-ml-[16px] w-[12px] shrink-0 cursor-ew-resize self-center text-graphite opacity-0 group-hover:opacity-100 focus-visible:opacity-100"
        >
          <GripVertical size={12} aria-hidden />
        </button>
        <Menu
          trigger={
            <button
              type="button"
              data-outline-row
              {...OWN_KEYS}
              onKeyDown={keys}
              aria-label={`H${heading.level}: ${heading.text || "nothing in it"}`}
              className={`w-8 shrink-0 text-left font-mono text-12 ${levelChanged ? "font-semibold text-blue" : "text-ink-soft"}`}
            >
              H{level}
            </button>
          }
        >
          {LEVELS.map((level) => (
            <MenuItem key={level} disabled={level === heading.level} onChoose={() => onLevel(level, false)}>
              <span className="font-mono text-12">H{level}</span>
              {level === heading.level && <span className="text-ink-soft"> as it is</span>}
            </MenuItem>
          ))}
          <MenuLine />
          {readOnly === null && (
            <MenuItem onChoose={() => setTimeout(() => field.current?.open())}>Change the words…</MenuItem>
          )}
          <MenuItem onChoose={remove}>
            {maker ? "Not a heading after all" : heading.text === "" ? "Take it out" : "Make it a paragraph"}
          </MenuItem>
          {before && (
            <MenuLink to={`/sites/${desk.record.siteId}/headings?selector=${encodeURIComponent(likeThis(before))}`}>
              Others like this one on the site
            </MenuLink>
          )}
          {heading.block >= 0 && (
            <MenuItem onChoose={() => setTimeout(() => setAsking(true))}>
              Put a heading over this and what follows…
            </MenuItem>
          )}
        </Menu>
        {markedUp ? (
          <Paragraph
            ref={field}
            pieces={markedUp}
            text={heading.text}
            label="Words of the heading"
            changed={textChanged}
            className="min-w-0 font-serif text-15"
            onKeep={(pieces) =>
              desk.redraft((now) => withContent({ ...now, origins }, heading.block, pieces), "Heading")
            }
          />
        ) : (
          <TextInPlace
            ref={field}
            value={heading.text}
            label="Words of the heading"
            empty="nothing in it"
            changed={textChanged}
            readOnly={readOnly}
            className="font-serif text-15"
            onKeep={keepText}
          />
        )}
        <NotesAt desk={desk} at={{ part: "heading", index: index }} {...picking} />
        <button
          type="button"
          onClick={onFold}
          aria-expanded={unfolded}
          aria-label={`${under}: ${unfolded ? "fold" : "unfold"} what stands under ${heading.text || "this heading"}`}
          className="ml-auto flex shrink-0 items-center gap-0.5 pl-4 max-[43.75rem]:pl-0 text-12 text-ink-soft hover:text-ink"
        >
          {under}
          {unfolded ? <ChevronDown size={12} aria-hidden /> : <ChevronRight size={12} aria-hidden />}
        </button>
      </div>
      {!unfolded && preview && (
        <p className="truncate text-12 text-ink-soft" style={{ paddingLeft: indent(44) }} {...inItsLanguage}>
          {preview}
        </p>
      )}
      {unfolded && <Blocks desk={desk} origins={origins} heading={index} indent={indent(40)} {...picking} />}
    </li>
  );
}

/** A selector of headings like one. */
const likeThis = ({ tag, classNames, landmark }: Heading) =>
  selectorOf({ tag, classes: classesOf(classNames), landmark });

/** Where a key leads from a row: by so many rows, as far as there are any. */
const ROWS = { ArrowDown: 1, ArrowUp: -1, Home: -Infinity, End: Infinity };

function focusRow(from: EventTarget, by: number): void {
  const rows = [...document.querySelectorAll<HTMLElement>("[data-outline-row]")];
  const row = Math.max(0, Math.min(rows.length - 1, rows.indexOf(from as HTMLElement) + by));
  rows[row]?.focus();
}
