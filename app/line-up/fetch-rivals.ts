import { explainFault } from "#core/address/fetch-answer";
import { type Robots, robotsAddressOf, robotsOfAnswer } from "#core/address/robots";
import type { OtherResult } from "#core/result/line-up";
import { fetchFromServer } from "../bring-in/fetch-from-server";
import type { LongWork } from "../store/act-on-pages";
import { onPool } from "../workers/pool";

/** Pages of others that were fetched and kept, as their results say them, and why others were not. */
export interface FetchedRivals {
  results: OtherResult[];
  /** Each with the address that it is about. */
  notes: string[];
}

/** Fetches pages of others one after the other, as their hosts' robots.txt allows and at the pace that it asks for. */
export async function fetchRivals(
  siteId: string,
  addresses: readonly string[],
  { signal = new AbortController().signal, onProgress }: LongWork = {},
): Promise<FetchedRivals> {
  const hosts = new Map<string, Robots>();
  const robotsOf = async (address: string): Promise<Robots> => {
    const place = robotsAddressOf(address);
    let robots = hosts.get(place);
    if (robots) {
      if (robots.delaySeconds > 0) await pause(robots.delaySeconds * 1000, signal);
      return robots;
    }
    const { answer, bytes } = await fetchFromServer(place, "robots", signal);
    robots = robotsOfAnswer(place, answer, bytes);
    hosts.set(place, robots);
    return robots;
  };
  const fetchOne = async (given: string): Promise<OtherResult | string> => {
    const address = fullAddress(given);
    if (!URL.canParse(address)) return "This is no address of a web page.";
    const robots = await robotsOf(address);
    if (!robots.allows(address)) return robots.note ?? FORBIDDEN;
    const { answer, bytes } = await fetchFromServer(address, "page", signal);
    if (!answer.ok) return explainFault(answer);
    // Where it leads to may be closed to us although it is not.
    if (answer.address !== address && !(await robotsOf(answer.address)).allows(answer.address)) return FORBIDDEN;
    const type = answer.headers["content-type"] ?? null;
    return onPool((worker) => worker.keepRivalPage(siteId, given, bytes, type));
  };
  const fetched: FetchedRivals = { results: [], notes: [] };
  for (const [done, address] of addresses.entries()) {
    onProgress?.(done);
    const one = await fetchOne(address);
    if (typeof one === "string") fetched.notes.push(`${address}: ${one}`);
    else fetched.results.push(one);
  }
  return fetched;
}

/** The address of a page as a result shows it: without its scheme, its folders parted as a breadcrumb’s steps. */
const fullAddress = (shown: string): string =>
  /^https?:/i.test(shown) ? shown : `https://${shown.replace(/\s*[›>]\s*/g, "/")}`;

const FORBIDDEN = "The site's robots.txt asks not to fetch it.";

const pause = (ms: number, signal: AbortSignal) =>
  new Promise<void>((resolve, reject) => {
    const timer = setTimeout(resolve, ms);
    signal.addEventListener("abort", () => {
      clearTimeout(timer);
      reject(signal.reason);
    });
  });
