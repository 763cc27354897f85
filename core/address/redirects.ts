import { comparableAddress } from "./address.ts";

/** An address that is to lead to another one. */
export interface Redirect {
  /** Absolute addresses. */
  from: string;
  to: string;
}

/**
 * A list of redirects with another one in it: what led to its beginning leads on to its end at once, what led elsewhere from
 * there is replaced, and none leads to itself or round in a circle.
 */
export function withRedirect<R extends Redirect>(list: readonly R[], added: R): R[] {
  const [from, to] = [comparableAddress(added.from), comparableAddress(added.to)];
  if (from === to) return [...list];
  return [
    // Where the end led back, that is no redirect any more: it is a page that is led to.
    ...list
      .filter((one) => comparableAddress(one.from) !== from && comparableAddress(one.from) !== to)
      .map((one) => (comparableAddress(one.to) === from ? { ...one, to: added.to } : one)),
    added,
  ];
}
