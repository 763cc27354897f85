import { demoSiteZip } from "../../server/demo-site";
import { postOnly, serveOwnPage } from "../../server/own-pages";
import type { Route } from "./+types/demo-site";

export const loader = postOnly;

/** The demo site, as a zip. */
export const action = ({ request }: Route.ActionArgs) =>
  serveOwnPage(request, {
    most: 100,
    answer: () =>
      new Response(demoSiteZip(process.cwd()) as Uint8Array<ArrayBuffer>, {
        headers: { "content-type": "application/zip" },
      }),
  });
