import type { Heading, HeadingKey, Page } from "../page/page.ts";
import { counterpart, told } from "./carry-node.ts";
import { type Carried, type Carrying, SETTLED, type Shape } from "./operations/operation.ts";
import { findHeading } from "./resolve.ts";

/** An edit of one heading. */
export interface HeadingEdit extends Shape {
  heading: HeadingKey;
}

/** Does something with the heading that an edit is bound to. */
export function withHeading<T>(page: Page, key: HeadingKey, run: (heading: Heading, index: number) => T): T | string {
  const found = findHeading(page, key);
  const heading = "index" in found ? page.headings[found.index] : undefined;
  if ("reason" in found) return found.reason;
  return heading ? run(heading, found.index) : "The heading is not on this page.";
}

export const isLevel = (level: number) => Number.isInteger(level) && level >= 1 && level <= 6;
export const NO_LEVEL = "A heading level is 1 to 6.";
export const NESTED = "This heading and another one lie in each other. Close the outer one in the source first.";

/** What the carrying over of an edit of a heading has to be told of its operation. */
interface OfHeading<E extends HeadingEdit> {
  standing(page: Page, index: number): string | number | null;
  /** The edit bound to the heading as it stands in the new original. */
  bind(edit: E, at: Heading): Carried<E>;
  /** The text that the heading has once the edit is made. */
  newText?(edit: E): string;
  /** Where no heading has its text any more. */
  gone?(edit: E, carrying: Carrying<E>): Carried<E> | null;
}

export const shortened = (text: string) => (text.length > 60 ? `${text.slice(0, 59).trimEnd()}…` : text);

/** Carries an edit of a heading over: by its text, how often that stands there, and the headings around it. */
export function carryHeading<E extends HeadingEdit>(edit: E, of: OfHeading<E>, carrying: Carrying<E>): Carried<E> {
  const { page, company, handing } = carrying;
  const { heading: key } = edit;
  const named = (text: string) => page.headings.filter((heading) => heading.text === text);
  const equal = named(key.text);
  const taken = of.newText ? named(of.newText(edit)).filter((heading) => company.same(key, heading)) : [];
  if (taken.length === 1 && equal.length === (key.of ?? 1) - 1) return SETTLED;
  const conflict = (at: Heading | null, reason: string, sure = at !== null): Carried<E> => {
    const now = at && told(of.standing(page, page.headings.indexOf(at)));
    return { conflict: { now, reason, mine: at && sure ? rebound(edit, at, of.standing, page) : null } };
  };
  if (equal.length === 0) {
    const instead = of.gone?.(edit, carrying);
    if (instead) return instead;
    const index = handing ? counterpart("heading", key, page, handing.before) : -1;
    const there = page.headings[index];
    if (there) return conflict(there, `The heading reads “${shortened(there.text)}” on the site now.`);
    return conflict(null, "The heading is not on the page any more.");
  }
  if (key.of !== undefined && key.of !== equal.length)
    return conflict(
      equal[0] ?? null,
      `The page now has ${equal.length} headings with this text; there were ${key.of}.`,
      false,
    );
  const at = equal[(key.nth ?? 1) - 1];
  if (!at || (key.nth === undefined && equal.length > 1))
    return conflict(null, "It cannot be said which of several equal headings is meant.");
  if (!company.same(key, at)) return conflict(at, "The headings around it have changed.");
  return of.bind(edit, at);
}

/** The edit bound to another heading. */
export const rebound = <E extends HeadingEdit>(
  edit: E,
  at: Heading,
  standing: OfHeading<E>["standing"],
  page: Page,
): E => ({ ...edit, heading: at.key, was: standing(page, page.headings.indexOf(at)) });
