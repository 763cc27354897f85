import { postOnly, serveAppPage } from "../../server/app-pages";
import { largeSiteZip } from "../../server/large-site";
import type { Route } from "./+types/large-site";

export const loader = postOnly;

/** A piece of the large demo site, as a zip. */
export const action = ({ request }: Route.ActionArgs) => serveAppPage(request, { most: 100, answer: piece });

function piece(asked: unknown): Response {
  const { first: from, count: pages } = (asked ?? {}) as { first?: unknown; count?: unknown };
  const first = Math.max(0, Math.min(50_000, Number(from) || 0));
  const count = Math.max(1, Math.min(100, Number(pages) || 40));
  return new Response(largeSiteZip(first, count) as Uint8Array<ArrayBuffer>, {
    headers: { "content-type": "application/zip" },
  });
}
