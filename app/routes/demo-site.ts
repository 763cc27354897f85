import { demoSiteZip } from "../../server/demo-site";

export function loader() {
  const zip = demoSiteZip(process.cwd());
  return new Response(zip as Uint8Array<ArrayBuffer>, {
    headers: { "Content-Type": "application/zip", "Cache-Control": "no-cache" },
  });
}
