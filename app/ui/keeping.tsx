import { useRevalidator } from "react-router";
import type { SiteRecord } from "../store/records/sites";
import { Action } from "./controls";
import { useNotices } from "./notice";
import { SiteTold } from "./site-told";
import { switchTheme } from "./theme";
import { useBackup } from "./use-backup";

/** What the first screen offers beside the sites themselves: backups, light and dark, and what was removed. */
export default function Keeping({ any, removed }: { any: boolean; removed: readonly SiteRecord[] }) {
  const { revalidate } = useRevalidator();
  const { fail } = useNotices();
  const backup = useBackup();
  const putBack = async (id: string) => {
    try {
      const { putSiteBack } = await import("../store/change-site");
      await putSiteBack(id);
      await revalidate();
    } catch (error) {
      fail(error);
    }
  };
  return (
    <>
      <section className="flex flex-wrap gap-x-5 gap-y-1">
        {any && <Action onClick={backup.make}>Make a backup of everything</Action>}
        <Action onClick={backup.putBack}>Put a backup back…</Action>
        <Action onClick={switchTheme}>Switch between dark and light</Action>
        {backup.input}
      </section>
      {removed.length > 0 && (
        <section aria-label="Sites that were removed">
          <h2 className="font-serif text-18">Removed</h2>
          <ul className="mt-2 grid gap-2.5">
            {removed.map((site) => (
              <li key={site.id} className="text-15">
                <SiteTold site={site} among={removed} always />
                <Action onClick={() => void putBack(site.id)}>Put it back</Action>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
