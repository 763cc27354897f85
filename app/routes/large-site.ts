import { largeSiteZip } from "../../server/large-site";
import type { Route } from "./+types/large-site";

/** A piece of the large demo site, as a zip. */
export function loader({ request }: Route.LoaderArgs) {
  const params = new URL(request.url).searchParams;
  const first = Math.max(0, Math.min(50_000, Number(params.get("first")) || 0));
  const count = Math.max(1, Math.min(100, Number(params.get("count")) || 40));
  return new Response(largeSiteZip(first, count) as Uint8Array<ArrayBuffer>, {
    headers: { "content-type": "application/zip" },
  });
}
