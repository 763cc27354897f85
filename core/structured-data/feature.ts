/** Something that a feature asks of an entity: one of several ways to values. */
export interface Expectation {
  /** Ways to the value; one of them is enough. `offers.price` is the price of an offer. */
  paths: readonly string[];
  /** As it goes on in “still needs …”. */
  label: string;
  /** Only asked where this way leads somewhere: a price's currency where there is a price. */
  where?: string;
}

/** A way in which structured data changes a search result, named by what a searcher sees. */
export interface Feature {
  id: string;
  /** “the …”: price and stock line. */
  shows: string;
  types: readonly string[];
  /** Kinds of these that have a feature of their own. */
  except?: readonly string[];
  required: readonly Expectation[];
  recommended: readonly Expectation[];
  /**
   * Values of which one shows that a page wants the feature, where its types are also stated by publishing systems on every
   * page. Absent where the type alone shows it.
   */
  aims?: readonly string[];
  /** Since when it is shown no longer, or only for some sites. */
  retired?: string;
  source: string;
}

/** All of it is written from memory of public documentation. */
export const REMEMBERED = "search engines’ public documentation, from memory, November 2026";

/** An expectation by its ways, called after the first where nothing else is said. */
export const needs = (paths: string | readonly string[], says?: string, where?: string): Expectation => {
  const list = typeof paths === "string" ? [paths] : paths;
  return { paths: list, label: says ?? (list[0] ?? "").split(".").toReversed().join(" of "), ...(where && { where }) };
};
