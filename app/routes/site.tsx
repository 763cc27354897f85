import { useLiveQuery } from "dexie-react-hooks";
import { useEffect } from "react";
import { Outlet, useLoaderData, useNavigate, useOutletContext } from "react-router";
import { resumeQueues } from "../bring-in/resume";
import { notHere } from "../not-here";
import { Freshening } from "../pages/freshening";
import { linkTo, screenOf } from "../screens";
import { db } from "../store/db";
import { explainStorage } from "../store/faults";
import type { SiteRecord } from "../store/records/sites";
import { beginRows } from "../store/rows";
import { Rail, SkipLink } from "../ui/frame";
import type { Route } from "./+types/site";

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  let site: SiteRecord | undefined;
  try {
    site = await db().sites.get(params.site);
  } catch (error) {
    throw explainStorage(error);
  }
  if (!site)
    throw notHere(
      "This site is not in this browser",
      "Sites stay in the browser they were brought into. Open it there, or put its backup back here.",
    );
  if (site.removedAt)
    throw notHere("This site was removed", "It can be put back from the list of all sites, for a day.");
  // The findings stand there before a row is read, and read them when they do.
  if (new URL(request.url).pathname !== linkTo(site, screenOf("findings"))) beginRows(site.id);
  return { site };
}

/** Of another site nothing stays on the screen: what is read of a site as it changes is that of the last one for a moment. */
export default function Site() {
  const { site } = useLoaderData<typeof clientLoader>();
  return <OneSite key={site.id} loaded={site} />;
}

function OneSite({ loaded }: { loaded: SiteRecord }) {
  const site = useLiveQuery(() => db().sites.get(loaded.id), [loaded.id]) ?? loaded;
  const navigate = useNavigate();
  useEffect(() => void resumeQueues(), []);
  // In whichever tab it is removed: what would be changed here would be forgotten.
  useEffect(() => {
    if (site.removedAt) void navigate("/?all");
  }, [site.removedAt, navigate]);
  return (
    <div className="relative flex h-dvh overflow-clip short:h-auto short:min-h-dvh short:overflow-visible max-[43.75rem]:flex-col">
      <SkipLink />
      <Rail site={site} />
      <Outlet context={site} />
      <Freshening site={site} />
    </div>
  );
}

/** The site that the screen shows. */
export const useSite = () => useOutletContext<SiteRecord>();
