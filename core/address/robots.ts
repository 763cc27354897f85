import robotsParser from "robots-parser";
import type { FetchAnswer, FetchFault } from "./fetch-answer.ts";

/** The product token by which robots.txt files address this application (RFC 9309 2.2.1). */
export const PRODUCT_TOKEN = "KeenQuill";

/** Bytes of a robots.txt that are read: RFC 9309 2.5 asks for at least 500 KiB. */
export const MAX_ROBOTS_BYTES = 500 * 1024;

/** What a host's robots.txt lets us do. */
export interface Robots {
  allows(address: string): boolean;
  /** Absolute addresses of the sitemaps it announces. */
  sitemaps: string[];
  /** Seconds between two requests that it asks for; 0 where it asks for none. */
  delaySeconds: number;
  /** What the editor should know of it; null where all is as usual. */
  note: string | null;
}

/** Octets that need no encoding are compared as the characters they are (RFC 9309 2.2.2, RFC 3986 2.3). */
const unreserved = (text: string) =>
  text.replace(/%([0-9a-f]{2})/gi, (whole, hex: string) => {
    const character = String.fromCharCode(Number.parseInt(hex, 16));
    return /[\w.~-]/.test(character) ? character : whole;
  });

const everything = (allowed: boolean, note: string | null): Robots => ({
  allows: () => allowed,
  sitemaps: [],
  delaySeconds: 0,
  note,
});

/**
 * Reads a robots.txt as RFC 9309 says: 4xx means that all may be fetched (2.3.1.3), 5xx or no answer that nothing may
 * (2.3.1.4). `status` is the answer's status; null where the host could not be reached.
 */
export function readRobots(address: string, status: number | null, text: string): Robots {
  if (status === null || status >= 500) {
    return everything(
      false,
      "Its robots.txt could not be read, so nothing may be fetched (RFC 9309). Try again later.",
    );
  }
  if (status >= 300) return everything(true, null);
  const long = text.length > MAX_ROBOTS_BYTES;
  // A page in place of the file, as some servers answer, holds no rules.
  const rules = robotsParser(
    address,
    unreserved(long ? text.slice(0, text.lastIndexOf("\n", MAX_ROBOTS_BYTES)) : text),
  );
  return {
    allows: (page) => rules.isAllowed(unreserved(page), PRODUCT_TOKEN) ?? true,
    sitemaps: rules.getSitemaps().flatMap((one) => (URL.canParse(one, address) ? [new URL(one, address).href] : [])),
    delaySeconds: Math.min(30, Math.max(0, rules.getCrawlDelay(PRODUCT_TOKEN) ?? 0)),
    note: long ? "Its robots.txt is longer than 500 KiB; what stands behind that was not read (RFC 9309 2.5)." : null,
  };
}

/**
 * Faults at which a host's robots.txt counts as out of reach, so that nothing may be fetched (RFC 9309 2.3.1.4). Where no
 * host can be connected to at all, each page says so itself.
 */
const UNREACHABLE: ReadonlySet<FetchFault> = new Set<FetchFault>(["timeout", "broken-off"]);

/** Reads what came of asking for a robots.txt. */
export const robotsOfAnswer = (address: string, answer: FetchAnswer, bytes: Uint8Array): Robots =>
  answer.ok
    ? readRobots(address, answer.status, new TextDecoder().decode(bytes))
    : readRobots(address, UNREACHABLE.has(answer.fault) ? null : 404, "");

/** Where a host's robots.txt is. */
export const robotsAddressOf = (address: string) => new URL("/robots.txt", address).href;
