import type { Page } from "../page/page.ts";
import { cleanValue } from "./clean-value.ts";
import {
  type Carried,
  type Carrying,
  CHANGED,
  type Change,
  type Planned,
  SETTLED,
  type Shape,
} from "./operations/operation.ts";

export interface FieldEdit extends Shape {
  value: string;
  was: string | null;
}

/** The value of an edit of one of a page's fields, where it differs from what stands there. */
export function planField(
  { value }: FieldEdit,
  current: string,
  present: boolean,
  change: (value: string) => Change,
): Planned {
  const clean = cleanValue(value);
  return clean === current && (present || clean === "") ? null : change(clean);
}

/** Carries an edit of a field over by what stands there now. */
export function carryField<E extends FieldEdit>(
  edit: E,
  { handed, page }: Pick<Carrying<E>, "handed" | "page">,
  standing: (page: Page) => string,
  called: string,
): Carried<E> {
  const now = standing(page);
  if (now === cleanValue(edit.value)) return SETTLED;
  if (now === (edit.was ?? "")) return { kept: edit };
  // What was handed over earlier has been taken over; the editor has gone on since.
  if (handed?.value === now) return { kept: { ...edit, was: now } };
  const reason =
    edit.was === null
      ? `The site has given the page a ${called} since.`
      : `The ${called} has changed on the site since.`;
  return { conflict: { now, reason, mine: { ...edit, was: now } } };
}

/** Carries an edit of what else the head says over. */
export function carryStated<E extends FieldEdit>(
  edit: E,
  { handed, page, plan }: Carrying<E>,
  standing: (page: Page) => string,
): Carried<E> {
  if (plan(edit) === null) return SETTLED;
  const now = standing(page);
  if (handed?.value === now) return { kept: { ...edit, was: now } };
  return now === (edit.was ?? "")
    ? { kept: edit }
    : { conflict: { now, reason: CHANGED, mine: { ...edit, was: now } } };
}
