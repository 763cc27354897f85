import { useEffect, useState } from "react";
import { Form, Link, redirect, useLoaderData, useNavigation, useSearchParams, useSubmit } from "react-router";
import { demoPageCount } from "../../server/demo-site";
import { explainStorage } from "../store/faults";
import { loadSites } from "../store/sites";
import { titled } from "../titled";
import { MainButton } from "../ui/controls";
import { onDemand } from "../ui/on-demand";
import { SiteTold } from "../ui/site-told";
import type { Route } from "./+types/start";

const Keeping = onDemand(async () => (await import("../ui/keeping")).default);
const Commands = onDemand(async () => (await import("../ui/commands")).Commands);
const LargeDemo = onDemand(async () => (await import("../ui/large-demo")).default);

export const meta = () => titled("Edit titles, descriptions and headings");

/** How many pages the demo site has. */
export const loader = () => ({ demoPages: demoPageCount(process.cwd()) });

export async function clientLoader({ request, serverLoader }: Route.ClientLoaderArgs) {
  try {
    let { sites, removed } = await loadSites();
    if (removed.length > 0) {
      const { forgetRemoved } = await import("../store/site-records");
      await forgetRemoved(new Date().toISOString());
      ({ sites, removed } = await loadSites());
    }
    const url = new URL(request.url);
    const latest = sites.sort((a, b) => b.broughtInAt.localeCompare(a.broughtInAt))[0];
    if (latest && !url.searchParams.has("all")) throw redirect(`/sites/${latest.id}/findings`);
    // What is kept here is shown without the server too.
    const { demoPages } = await serverLoader().catch(() => ({ demoPages: null }));
    return { sites, removed, demoPages };
  } catch (error) {
    throw error instanceof Response ? error : explainStorage(error);
  }
}

// What is kept in this browser is known here alone: the server draws none of it.
clientLoader.hydrate = true as const;

export { Opening as HydrateFallback } from "../ui/opening";

export async function clientAction() {
  // Reading pages is loaded when it is needed: the first screen stays light.
  const { openDemo } = await import("../store/bring-in");
  return redirect(`/sites/${await openDemo()}/findings`);
}

export default function Start() {
  const { sites, removed, demoPages } = useLoaderData<typeof clientLoader>();
  const [params] = useSearchParams();
  const submit = useSubmit();
  const busy = useNavigation().state !== "idle";
  const [asked] = useState(() => params.get("open") === "demo" && sites.length === 0);
  // The address that `npm run demo` prints opens the demo site by itself.
  useEffect(() => {
    if (asked) void submit(null, { method: "post" });
  }, [asked, submit]);
  return (
    <main className="mx-auto max-w-[40rem] px-8 pt-[14vh]">
      <div className="absolute top-0 right-0 flex h-11 items-center gap-4 px-5">
        <Commands site={null} />
      </div>
      <h1 className="font-serif text-24">Keen Quill</h1>
      <p className="mt-2 font-serif text-18 text-ink-soft">
        Edit the words your pages show to search engines, in the search result itself. Everything stays in this browser.
      </p>
      <div className="mt-10 grid gap-8">
        <section>
          <Form method="post">
            <MainButton type="submit" busy={busy}>
              {busy ? "Opening…" : "Open the demo site"}
            </MainButton>
          </Form>
          <p className="mt-2 text-15 text-ink-soft">
            {demoPages ? `${demoPages} pages` : "The site"} of a museum that does not exist, with the faults real pages
            have.
          </p>
          <LargeDemo waiting={<p className="mt-1 text-15">&nbsp;</p>} />
        </section>
        <section>
          <Link to="/bring-in" className="inline-block rounded border border-ink px-4 py-2 font-medium text-15">
            Bring in pages
          </Link>
          <p className="mt-2 text-15 text-ink-soft">
            From the web, from disk, from a spreadsheet, or as a draft. The originals are never changed.
          </p>
        </section>
        {sites.length > 0 && (
          <section aria-label="Sites in this browser">
            <h2 className="font-serif text-18">In this browser</h2>
            <ul className="mt-2 grid gap-2.5">
              {sites.map((site) => (
                <li key={site.id}>
                  <Link className="block text-15 text-blue hover:underline" to={`/sites/${site.id}/findings`}>
                    <SiteTold site={site} among={sites} always />
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        )}
        <Keeping any={sites.length > 0} removed={removed} />
      </div>
    </main>
  );
}
