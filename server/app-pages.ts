import { isServed } from "./hosts.mjs";
import type { BoundedQueue } from "./queue";

const text = (status: number, said: string, headers: Record<string, string> = {}) =>
  new Response(`${said}\n`, {
    status,
    headers: { "content-type": "text/plain; charset=utf-8", ...headers },
  });

/** What an address that is only posted to answers to anything else. */
export const postOnly = () => text(405, "This address is for Keen Quill's own pages.", { allow: "POST" });

/**
 * Why a request is not one of our own pages'; null where it is. Browsers send `Origin` with every POST (Fetch standard,
 * "append a request `Origin` header"), whether or not they send `Sec-Fetch-Site`, which they keep back on plain http under
 * other names than localhost. A form of another site can send no JSON, and a rebound name is not on the list of hosts.
 */
function refusal(request: Request): Response | null {
  if (request.method !== "POST") return postOnly();
  const host = request.headers.get("host");
  if (!isServed(host)) return text(421, "Keen Quill does not answer to this name.");
  const origin = request.headers.get("origin") ?? "";
  const from = URL.canParse(origin) ? new URL(origin) : null;
  const secure = request.headers.get("x-forwarded-proto") === "https";
  const same = from !== null && from.host === host?.toLowerCase() && (from.protocol === "https:" || !secure);
  if (!same) return text(403, "Only Keen Quill's own pages may ask this.");
  const type = request.headers.get("content-type")?.split(";")[0]?.trim().toLowerCase();
  return type === "application/json" ? null : text(415, "What is asked comes as JSON.");
}

/** Reads a body as far as it may go; null where it is longer. */
async function readWithin(request: Request, most: number): Promise<Uint8Array | null> {
  if (Number(request.headers.get("content-length") ?? 0) > most || !request.body) return null;
  const reader = request.body.getReader();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return new Uint8Array(Buffer.concat(chunks));
    size += value.length;
    // Nothing more is taken in; the connection is closed behind the answer.
    if (size > most) return null;
    chunks.push(value);
  }
}

/** What is done for our own pages at an address. */
interface Service {
  /** Bytes that may be asked. */
  most: number;
  /** How much of it goes on at once; without it all of it does. */
  queue?: BoundedQueue;
  answer(asked: unknown, signal: AbortSignal): Response | Promise<Response>;
}

async function served(request: Request, { most, answer }: Service): Promise<Response> {
  const body = await readWithin(request, most);
  if (!body) return text(413, `At most ${most} bytes can be asked.`, { connection: "close" });
  let asked: unknown;
  try {
    asked = JSON.parse(new TextDecoder().decode(body));
  } catch {
    return text(400, "This is no JSON.");
  }
  return answer(asked, request.signal);
}

/** The answer while more is asked than can be done. */
export const busy = () => text(503, "Too much is being asked at once. Ask again in a moment.", { "retry-after": "2" });

/**
 * Answers one of our own pages, and nobody else. What waits for its turn has not been read yet, so that it takes no memory;
 * where too much waits it is put off.
 */
export async function serveAppPage(request: Request, service: Service): Promise<Response> {
  const refused = refusal(request);
  if (refused) return refused;
  const serve = () => served(request, service);
  return (await (service.queue ? service.queue.run(serve, request.signal) : serve())) ?? busy();
}
