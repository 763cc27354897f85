import { largeSiteZip } from "../../server/large-site";
import { askedByOwnPage, postOnly } from "../../server/own-pages";
import type { Route } from "./+types/large-site";

export const loader = postOnly;

/** A piece of the large demo site, as a zip. */
export async function action({ request }: Route.ActionArgs) {
  const own = await askedByOwnPage(request, 100);
  if (own instanceof Response) return own;
  const asked = (own.asked ?? {}) as { first?: unknown; count?: unknown };
  const first = Math.max(0, Math.min(50_000, Number(asked.first) || 0));
  const count = Math.max(1, Math.min(100, Number(asked.count) || 40));
  return new Response(largeSiteZip(first, count) as Uint8Array<ArrayBuffer>, {
    headers: { "content-type": "application/zip" },
  });
}
