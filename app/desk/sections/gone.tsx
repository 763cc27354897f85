import { useNavigate } from "react-router";
import type { SiteRecord } from "../../store/records/sites";
import { removePages } from "../../store/remove-pages";
import { Action } from "../../ui/controls";
import { useNotices } from "../../ui/notice";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "edits" | "record">;

/** Says that a page is not on the site any more, and lets it go. */
export function Gone({ site, desk }: { site: SiteRecord; desk: Taken }) {
  const navigate = useNavigate();
  const { fail } = useNotices();
  const { goneSince } = desk.record;
  const edits = desk.edits.length;
  if (goneSince === null) return null;
  const since = new Intl.DateTimeFormat("en-GB", { dateStyle: "long" }).format(new Date(goneSince));
  const remove = () =>
    removePages(site, [desk.record])
      .then(() => navigate(`/sites/${site.id}/pages`))
      .catch(fail);
  return (
    <section aria-label="Gone from the site" className="border-red border-l-4 pl-4">
      <p className="text-15">
        This page was not on the site when it was brought in again on {since}.
        {edits > 0 && ` Your ${edits === 1 ? "change is" : `${edits} changes are`} kept.`}
      </p>
      <p className="mt-1">
        <Action removes onClick={() => void remove()}>
          Remove it from this site
        </Action>
      </p>
    </section>
  );
}
