/** What is asked for: decides which content types and how many bytes are taken. */
export type Wanted = "page" | "robots" | "sitemap" | "results";

/** One step of the way to an answer. */
export interface Hop {
  address: string;
  status: number;
}

/** Why nothing was brought back. */
export type FetchFault =
  | "not-an-address"
  | "forbidden-address"
  | "unresolvable"
  | "refused"
  | "broken-off"
  | "tls"
  | "timeout"
  | "too-large"
  | "content-type"
  | "redirect-loop"
  | "too-many-redirects"
  | "status"
  | "server-gone";

/** What is said about an answer; its bytes travel beside it. */
export type FetchAnswer =
  | { ok: true; address: string; status: number; way: Hop[]; headers: Record<string, string> }
  | {
      ok: false;
      fault: FetchFault;
      address: string;
      way: Hop[];
      status?: number;
      retryAfterSeconds?: number;
      detail?: string;
    };

/** Response headers that are handed on: those that say something about the page. */
export const KEPT_HEADERS = ["content-type", "content-language", "last-modified", "link", "x-robots-tag"] as const;

/** Name of the response header in which the answer travels, as percent-encoded JSON. */
export const ANSWER_HEADER = "x-keen-quill-answer";

/** Seconds of a `Retry-After` (RFC 9110 10.2.3): a number, or a date; null where it says neither. */
export function retryAfter(value: string | null | undefined, now: number): number | null {
  if (!value) return null;
  if (/^\d+$/.test(value.trim())) return Number(value);
  const date = Date.parse(value);
  return Number.isNaN(date) ? null : Math.max(0, Math.ceil((date - now) / 1000));
}

const STATUSES: Record<number, string> = {
  401: "It asks for a password (401). Save the page's HTML in a browser and bring the file in.",
  403: "The site refuses it (403). Save the page's HTML in a browser and bring the file in.",
  404: "There is no such page (404). Check the address.",
  410: "The page is gone for good (410). Leave it out.",
  429: "The site asks to slow down (429). Fetch fewer at once, and try again later.",
  503: "The site cannot answer now (503). Try again later.",
};

/** What happened and what to do, for an editor. */
export function explainFault(answer: Extract<FetchAnswer, { ok: false }>): string {
  switch (answer.fault) {
    case "not-an-address":
      return answer.detail ?? "This is no address of a web page. Type one like https://www.example.org/visit/.";
    case "forbidden-address":
      return "It leads to a private network, which this application does not fetch from. Save the page's HTML and bring the file in.";
    case "unresolvable":
      return "No server has this name. Check how it is written, and whether the network is on.";
    case "refused":
      return "The server refuses connections. Try again later.";
    case "broken-off":
      return "The connection broke off. Try again.";
    case "tls":
      return `The site's certificate is not in order${answer.detail ? ` (${answer.detail})` : ""}, so nothing was fetched. Tell the site's owner.`;
    case "timeout":
      return "It took longer than 10 seconds. Try again later.";
    case "too-large":
      return "It is larger than 5 MB. Bring it in as a file, without what is embedded in it.";
    case "content-type":
      return `It is no web page but ${answer.detail || "something else"}. Leave it out.`;
    case "redirect-loop":
      return "It redirects in a circle. Tell the site's owner.";
    case "too-many-redirects":
      return "It redirects more than five times. Bring in the address where it ends.";
    case "status": {
      const { status = 0 } = answer;
      const known = STATUSES[status];
      if (known) return known;
      return status >= 500
        ? `The site has a fault of its own (${status}). Try again later.`
        : `The site answers ${status} instead of a page.`;
    }
    case "server-gone":
      return "Keen Quill's own server does not answer. Start it again, then go on; nothing is lost.";
  }
}

/** How often an address is asked for that answers like this, at most: a host that does not answer takes 10 seconds each time. */
export function triesFor({ fault, status = 0 }: Extract<FetchAnswer, { ok: false }>): number {
  if (fault === "timeout") return 2;
  const passes = fault === "broken-off" || fault === "server-gone" || (fault === "status" && PASSING.has(status));
  return passes ? 4 : 1;
}

/** The longest pause before an address is asked for again, in seconds. */
const LONGEST_PAUSE = 60;

/** How long to wait before an address that answered like this is asked for again, in seconds, after so many tries. */
export const pauseAfter = ({ retryAfterSeconds }: Extract<FetchAnswer, { ok: false }>, tries: number): number =>
  Math.min(LONGEST_PAUSE, retryAfterSeconds ?? 2 ** tries);

/** Too many requests (RFC 6585, 4), and not available for now (RFC 9110, 15.6.4). */
const PASSING: ReadonlySet<number> = new Set([429, 503]);
