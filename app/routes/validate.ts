import { askedByOwnPage, busy, postOnly } from "../../server/own-pages";
import { MAX_BYTES, validateHtml } from "../../server/validate/validate-html";
import type { Route } from "./+types/validate";

export const loader = postOnly;

/** Checks the source in the request's body, which is kept nowhere. */
export async function action({ request }: Route.ActionArgs): Promise<Response> {
  const own = await askedByOwnPage(request, MAX_BYTES);
  if (own instanceof Response) return own;
  const { source } = (own.asked ?? {}) as { source?: unknown };
  if (typeof source !== "string") return new Response(null, { status: 400 });
  const checking = validateHtml(source, request.signal);
  return checking ? Response.json(await checking) : busy();
}
