import { demoSiteZip } from "../../server/demo-site";
import { askedByOwnPage, postOnly } from "../../server/own-pages";
import type { Route } from "./+types/demo-site";

export const loader = postOnly;

/** The demo site, as a zip. */
export async function action({ request }: Route.ActionArgs) {
  const own = await askedByOwnPage(request, 100);
  if (own instanceof Response) return own;
  const zip = demoSiteZip(process.cwd());
  return new Response(zip as Uint8Array<ArrayBuffer>, {
    headers: { "content-type": "application/zip" },
  });
}
