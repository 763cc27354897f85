import { ANSWER_HEADER, type Wanted } from "#core/address/fetch-answer";
import { busy, postOnly, serveAppPage } from "../../server/app-pages";
import { fetchAddress } from "../../server/fetch/fetch-address";
import { boundedQueue } from "../../server/queue";
import type { Route } from "./+types/fetch";

const WANTED: readonly Wanted[] = ["page", "robots", "sitemap", "results"];
const MOST_BYTES = 8 * 1024;

/** An answer is held in memory until it is sent: a page takes up to 5 MB, a sitemap up to 50. */
const requests = boundedQueue(24, 50);
const sitemaps = boundedQueue(2, 20);

export const loader = postOnly;

/** Fetches one address for the editor and keeps nothing: a header says what came of it, the body is what came. */
export const action = ({ request }: Route.ActionArgs) =>
  serveAppPage(request, { most: MOST_BYTES, queue: requests, answer: fetched });

async function fetched(asked: unknown, signal: AbortSignal): Promise<Response> {
  const { address, wanted: named } = (asked ?? {}) as { address?: unknown; wanted?: unknown };
  const wanted = WANTED.find((one) => one === named);
  if (typeof address !== "string" || !wanted || address.length > 4000) return new Response(null, { status: 400 });
  const fetching = () =>
    fetchAddress(address, wanted, {
      allowPrivate: process.env.KEEN_QUILL_ALLOW_PRIVATE === "1",
      standIn: process.env.KEEN_QUILL_STAND_IN,
      signal,
    });
  const brought = await (wanted === "sitemap" ? sitemaps.run(fetching, signal) : fetching());
  if (!brought) return busy();
  return new Response(brought.bytes as Uint8Array<ArrayBuffer>, {
    headers: {
      "content-type": "application/octet-stream",
      "cache-control": "no-store, no-transform",
      [ANSWER_HEADER]: encodeURIComponent(JSON.stringify(brought.answer)),
    },
  });
}
