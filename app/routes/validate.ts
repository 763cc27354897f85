import { MAX_BYTES, validateHtml } from "../../server/validate/validate-html";
import type { Route } from "./+types/validate";

/** Checks the source in the request's body, which is kept nowhere. */
export async function action({ request }: Route.ActionArgs): Promise<Response> {
  // Only our own pages may ask, as for fetching.
  const from = request.headers.get("sec-fetch-site");
  if (request.method !== "POST" || (from !== null && from !== "same-origin"))
    return new Response(null, { status: 403 });
  const source = await request.text();
  if (source.length > MAX_BYTES)
    return Response.json({
      ok: false,
      reason: "The page is larger than 5 MB. Check what was handed over with a tool of your own.",
    });
  return Response.json(await validateHtml(source));
}
