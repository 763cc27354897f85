import { useEffect, useState } from "react";
import { Form, Link, redirect, useLoaderData, useNavigation, useSearchParams, useSubmit } from "react-router";
import { openDemo } from "../store/bring-in";
import { db } from "../store/db";
import { explainStorage } from "../store/faults";
import { MainButton } from "../ui/controls";
import type { Route } from "./+types/start";

export const meta = () => [{ title: "Keen Quill" }];

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  try {
    const sites = await db().sites.toArray();
    const url = new URL(request.url);
    const latest = sites.sort((a, b) => b.broughtInAt.localeCompare(a.broughtInAt))[0];
    if (latest && !url.searchParams.has("all")) throw redirect(`/sites/${latest.id}/pages`);
    return { sites };
  } catch (error) {
    throw error instanceof Response ? error : explainStorage(error);
  }
}

export async function clientAction() {
  return redirect(`/sites/${await openDemo()}/pages`);
}

export default function Start() {
  const { sites } = useLoaderData<typeof clientLoader>();
  const [params] = useSearchParams();
  const submit = useSubmit();
  const busy = useNavigation().state !== "idle";
  const [asked] = useState(() => params.get("open") === "demo" && sites.length === 0);
  // The address that `npm run demo` prints opens the demo site by itself.
  useEffect(() => {
    if (asked) void submit(null, { method: "post" });
  }, [asked, submit]);
  return (
    <main className="mx-auto max-w-[640px] px-8 pt-[14vh]">
      <h1 className="font-serif text-24">Keen Quill</h1>
      <p className="mt-2 font-serif text-18 text-soft">
        Edit the words your pages show to search engines, in the search result itself. Everything stays in this browser.
      </p>
      <div className="mt-10 grid gap-8">
        <section>
          <Form method="post">
            <MainButton type="submit" disabled={busy}>
              {busy ? "Opening…" : "Open the demo site"}
            </MainButton>
          </Form>
          <p className="mt-2 text-15 text-soft">
            Sixteen pages of a museum that does not exist, with the faults real pages have.
          </p>
        </section>
        <section>
          <Link to="/bring-in" className="inline-block rounded border border-ink px-4 py-2 font-medium text-15">
            Bring in pages
          </Link>
          <p className="mt-2 text-15 text-soft">
            HTML files, a zip of them, or source that you paste. The originals are never changed.
          </p>
        </section>
        {sites.length > 0 && (
          <section aria-label="Sites in this browser">
            <h2 className="font-serif text-18">In this browser</h2>
            <ul className="mt-2 grid gap-1">
              {sites.map((site) => (
                <li key={site.id}>
                  <Link className="text-15 text-blue hover:underline" to={`/sites/${site.id}/pages`}>
                    {site.name || site.address}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </main>
  );
}
