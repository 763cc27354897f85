import type { Part } from "#core/findings/place";
import type { About } from "#core/page/in-a-sentence";
import type { Page } from "#core/page/page";

/** A part of the sheet as the contents name it. */
export interface SheetPart {
  /** Its heading's id, without “-heading”. */
  id: string;
  name: string;
  /** Places whose notes stand in it. */
  holds: readonly Part[];
  /** What of the sentence about the page leads to it. */
  tells: readonly About[];
  /** Whether a page has it. */
  on?: (page: Page) => boolean;
}

/** The parts of the sheet in their order. */
export const SHEET: readonly SheetPart[] = [
  { id: "result", name: "Search result", holds: ["title", "description"], tells: ["kind"] },
  { id: "address", name: "Address", holds: ["slug"], tells: [] },
  { id: "phrases", name: "Phrases", holds: [], tells: [] },
  { id: "outline", name: "Outline", holds: ["heading", "block"], tells: ["headings"] },
  { id: "looks", name: "How it looks", holds: [], tells: [], on: ({ format }) => format === "html" },
  {
    id: "body",
    name: "Body and markup",
    holds: ["markup"],
    tells: ["words"],
    on: ({ format }) => format !== "fields",
  },
  {
    id: "pictures",
    name: "Pictures",
    holds: ["picture"],
    tells: ["pictures"],
    on: ({ images }) => images.length > 0,
  },
  { id: "links", name: "Links", holds: ["link"], tells: ["links"] },
  { id: "data", name: "Structured data", holds: ["data"], tells: ["data"], on: ({ format }) => format !== "fields" },
  { id: "head", name: "Head", holds: ["head"], tells: ["language", "listing", "canonical"] },
  { id: "source", name: "Source", holds: [], tells: [], on: ({ format }) => format !== "fields" },
];

export const partsOf = (page: Page): readonly SheetPart[] => SHEET.filter(({ on }) => on?.(page) ?? true);

const sectionOf = (id: string) => document.getElementById(`${id}-heading`)?.closest("section");

/** How long a part that is still to be drawn is waited for, in milliseconds. */
const DRAWN_WITHIN = 5000;
let asked = 0;

/** Brings a part of the sheet into view; what is further down is drawn a moment after the rest. */
export function showPart(id: string): void {
  cancelAnimationFrame(asked);
  const until = performance.now() + DRAWN_WITHIN;
  const show = () => {
    const section = sectionOf(id);
    if (section) section.scrollIntoView({ block: "start" });
    else if (performance.now() < until) asked = requestAnimationFrame(show);
  };
  show();
}

/** The part that stands at the top of what is seen, `below` px under the top of the scroller. */
export function partSeen(parts: readonly SheetPart[], scroller: Element, below: number): string | undefined {
  const top = scroller.getBoundingClientRect().top + below;
  const begun = parts.filter(({ id }) => (sectionOf(id)?.getBoundingClientRect().top ?? Infinity) <= top);
  return (begun.at(-1) ?? parts[0])?.id;
}
