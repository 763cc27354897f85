import type { SiteRecord } from "../store/records/sites";

const when = new Intl.DateTimeFormat("en-GB", { dateStyle: "medium", timeStyle: "short" });

/** What a site is called where it stands alone. */
export const nameOfSite = ({ name, address }: SiteRecord) => name || address;

/** A site in a list of several: of one name they are told apart by their address and by when they were brought in. */
export function SiteTold({
  site,
  among,
  always = false,
}: {
  site: SiteRecord;
  among: readonly SiteRecord[];
  always?: boolean;
}) {
  const shared = among.filter((one) => nameOfSite(one) === nameOfSite(site)).length > 1;
  return (
    <>
      {nameOfSite(site)}
      {(shared || always) && (
        <span className="block text-12 text-ink-soft">
          {[
            ...(site.address && site.name ? [site.address] : []),
            `brought in ${when.format(new Date(site.broughtInAt))}`,
          ].join(", ")}
        </span>
      )}
    </>
  );
}
