import type { SetAside } from "../findings/set-aside.ts";
import type { FoundFor } from "../page/found-for.ts";
import type { Page } from "../page/page.ts";
import type { PageKind } from "../page/page-kind.ts";
import type { WrittenNames } from "../phrase/written-names.ts";
import type { Edit } from "../rewrite/edits.ts";
import type { HouseStyle } from "../settings/house-style.ts";

/** A page that something is proposed for, with its redraft. */
export interface ProposalPage extends FoundFor {
  id: string;
  original: Page;
  /** As the redraft leaves it. */
  page: Page;
  edits: readonly Edit[];
  /** Edits that the site has taken over. */
  settled: readonly Edit[];
  kind: PageKind;
  /** As it holds for pages of this kind. */
  houseStyle: HouseStyle;
  /** YYYY-MM-DD. */
  today: string;
  setAsides: readonly SetAside[];
  /** What the site's pages in this one's language write with capitals. */
  names: WrittenNames;
}

/** One change of a page that can be taken or refused by itself. */
export interface ProposedLine {
  /** What changes, in a word or two: “title”, “heading level”; of a fix of structured data what it does. */
  called: string;
  was: string;
  is: string;
  /** Where the text stands in the search result, so that its width counts. */
  shownAs?: "title" | "description";
  edits: readonly Edit[];
  /** Why it cannot be made; null where it can. */
  reason: string | null;
  /** What changes within it, where that is more than one text: values of structured data. */
  values?: readonly { property: string; was: string; is: string }[];
  /** The text was put together from the page's words: it is not taken before somebody has read it. */
  suggested?: true;
  /** Words that keep their capitals because they may be names. */
  unsure?: readonly string[];
  /** Words in capitals that become small, though they may be names. */
  lowered?: readonly string[];
}

export interface OutlineLine {
  level: number;
  text: string;
  changed: boolean;
}

/** What is proposed for one page; no lines where there is nothing to change. */
export interface Proposed {
  lines: readonly ProposedLine[];
  /** The outline before and after, where headings change. */
  outline?: { was: readonly OutlineLine[]; is: readonly OutlineLine[] };
}

/** A way to change many pages: what it would make of one of them. */
export interface Proposal<A> {
  /** Whether the pages' own words for names have to be known. */
  needsNames?: boolean;
  propose(on: ProposalPage, asked: A): Proposed;
}

/** What of a question concerns some pages: what it says of single ones stands in `byPage`. */
export function narrowed<A extends object>(asked: A, pageIds: readonly string[]): A {
  if (!("byPage" in asked)) return asked;
  const all = asked.byPage as Readonly<Record<string, unknown>>;
  return { ...asked, byPage: Object.fromEntries(pageIds.flatMap((id) => (id in all ? [[id, all[id]]] : []))) };
}

/** A line of which the text was worded anew; it sets one text of the page. */
export const reworded = (line: ProposedLine, text: string): ProposedLine => ({
  ...line,
  is: text,
  edits: line.edits.map((edit) =>
    edit.op === "set-title" || edit.op === "set-description" ? { ...edit, value: text } : edit,
  ),
});

export const NOTHING: Proposed = { lines: [] };

export const oneLine = (line: ProposedLine): Proposed => ({ lines: [line] });
