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

/** Brings a part of the sheet into view. */
export function showPart(id: string): void {
  const heading = document.getElementById(`${id}-heading`);
  heading?.closest("section")?.scrollIntoView({ block: "start" });
}
