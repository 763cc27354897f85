import { ANSWER_HEADER, type Wanted } from "#core/address/fetch-answer";
import { fetchAddress } from "../../server/fetch/fetch-address";
import type { Route } from "./+types/fetch";

const WANTED: readonly Wanted[] = ["page", "robots", "sitemap"];

/** Fetches one address for the editor and keeps nothing: a header says what came of it, the body is what came. */
export async function action({ request }: Route.ActionArgs) {
  // Only our own pages may ask: other sites must not fetch through this server.
  const from = request.headers.get("sec-fetch-site");
  if (request.method !== "POST" || (from !== null && from !== "same-origin"))
    return new Response(null, { status: 403 });
  const asked = (await request.json().catch(() => null)) as { address?: unknown; wanted?: unknown } | null;
  const wanted = WANTED.find((one) => one === asked?.wanted);
  if (typeof asked?.address !== "string" || !wanted || asked.address.length > 4000)
    return new Response(null, { status: 400 });
  const { answer, bytes } = await fetchAddress(asked.address, wanted, {
    allowPrivate: process.env.KEEN_QUILL_ALLOW_PRIVATE === "1",
    standIn: process.env.KEEN_QUILL_STAND_IN,
    signal: request.signal,
  });
  return new Response(bytes as Uint8Array<ArrayBuffer>, {
    headers: {
      "content-type": "application/octet-stream",
      "cache-control": "no-store, no-transform",
      "x-content-type-options": "nosniff",
      [ANSWER_HEADER]: encodeURIComponent(JSON.stringify(answer)),
    },
  });
}
