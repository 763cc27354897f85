import { postOnly, serveAppPage } from "../../server/app-pages";
import { boundedQueue } from "../../server/queue";
import { MAX_BYTES, THREADS, validateHtml } from "../../server/validate/validate-html";
import type { Route } from "./+types/validate";

/** Pages that wait for a thread. */
const WAITING = 30;
const checks = boundedQueue(THREADS, WAITING);

export const loader = postOnly;

/** Checks the source in the request's body, which is kept nowhere. */
export const action = ({ request }: Route.ActionArgs) =>
  serveAppPage(request, { most: MAX_BYTES, queue: checks, answer: checked });

async function checked(asked: unknown): Promise<Response> {
  const { source } = (asked ?? {}) as { source?: unknown };
  return typeof source === "string" ? Response.json(await validateHtml(source)) : new Response(null, { status: 400 });
}
