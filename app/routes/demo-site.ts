import { postOnly, serveAppPage } from "../../server/app-pages";
import { demoSiteZip } from "../../server/demo-site";
import type { Route } from "./+types/demo-site";

export const loader = postOnly;

/** The demo site, as a zip. */
export const action = ({ request }: Route.ActionArgs) =>
  serveAppPage(request, {
    most: 100,
    answer: () =>
      new Response(demoSiteZip(process.cwd()) as Uint8Array<ArrayBuffer>, {
        headers: { "content-type": "application/zip" },
      }),
  });
