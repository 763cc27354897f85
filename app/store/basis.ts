import type { SetAside } from "#core/findings/set-aside";
import type { HouseStyle } from "#core/settings/house-style";
import type { Redraft } from "./changes";
import type { StoredPage } from "./records/pages";

/**
 * Everything that a page's row (`derived`) is computed from. A new input is a new field here; the compiler then asks for it
 * wherever a row is computed, and in `PARTS` or `Recorded` below. Facts learnt from fetching are not among them: they are
 * copied into the facets by the transaction that saves them.
 */
export interface RowInputs {
  page: Pick<StoredPage, "id" | "address" | "original" | "phrase" | "supporting" | "audience" | "chosenKind">;
  redraft: Pick<Redraft, "edits" | "settled">;
  /** All of the site's. */
  setAsides: readonly SetAside[];
  houseStyle: HouseStyle;
  /** The editor's day, as YYYY-MM-DD. */
  today: string;
}

/** Inputs that the row itself records (`stamp` and `days`), so that it is known at any time whether they are the same. */
type Recorded = "houseStyle" | "today";

/** The inputs that actions change, each as a text. A row is saved as current only while every part is the same. */
export type Basis = Record<Exclude<keyof RowInputs, Recorded>, string>;

const PARTS: { [P in keyof Basis]: (inputs: Pick<RowInputs, "page" | P>) => string } = {
  page: ({ page: { address, original, phrase, supporting, audience, chosenKind } }) =>
    JSON.stringify([address, original, phrase, supporting, audience, chosenKind]),
  redraft: ({ redraft: { edits, settled } }) => JSON.stringify([edits, settled]),
  setAsides: ({ page, setAsides }) => setAsideBasis(page.id, setAsides),
};

export const basisOf = (inputs: Omit<RowInputs, Recorded>): Basis => ({
  page: PARTS.page(inputs),
  redraft: PARTS.redraft(inputs),
  setAsides: PARTS.setAsides(inputs),
});

/** The set-asides that reach a page, as a text: "" if there are none. The order in which they were made does not matter. */
export function setAsideBasis(pageId: string, setAsides: readonly SetAside[]): string {
  const reaching = setAsides.filter((one) => one.scope === "site" || one.pageId === pageId);
  return reaching
    .map(({ scope, rule, key }) => JSON.stringify([scope, rule, key]))
    .sort()
    .join("\n");
}

export const sameBasis = (a: Basis, b: Basis): boolean =>
  a.page === b.page && a.redraft === b.redraft && a.setAsides === b.setAsides;

/** Names a page's record and its redraft. Whoever computed changes from them may write those while it is the same. */
export const draftBasis = (inputs: Pick<RowInputs, "page" | "redraft">): string =>
  `${PARTS.page(inputs)}\n${PARTS.redraft(inputs)}`;
