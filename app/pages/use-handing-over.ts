import { pathOf } from "#core/address/address";
import type { PageRecord } from "../store/page-record";
import { download } from "../ui/download";
import { useNotices } from "../ui/notice";
import { useLongWork } from "../ui/use-long-work";

/** Files of a site that are given out: the changed pages, and the structured data of pages. What makes them is loaded when it is asked for. */
export function useHandingOver(siteId: string) {
  const { notify, fail } = useNotices();
  const { working, run } = useLongWork();

  const handOver = async () => {
    try {
      const { changedPages, handOverSite } = await import("../store/hand-over");
      const ids = await changedPages(siteId);
      const made =
        ids.length > 0
          ? await run(ids.length, async (work) => ({ handed: await handOverSite(ids, work) }))
          : { handed: null };
      // Stopped, or something went wrong that was told.
      if (made === null) return;
      const { handed } = made;
      if (!handed) {
        notify("Nothing has been changed yet", "Open a page and rewrite its title, then hand over.");
        return;
      }
      if (handed.pages > 0) download("keen-quill-changes.zip", handed.zip, "application/zip");
      notify(
        `${handed.pages} ${handed.pages === 1 ? "page" : "pages"} handed over${handed.fresh > 0 ? `, ${handed.fresh} of them new` : ""}`,
        handed.refused.map(({ reason }) => reason).join(" "),
      );
      const [first, ...others] = handed.failed;
      if (first)
        fail(
          new Error(
            `${pathOf(first.address)} could not be written and is left out${others.length > 0 ? `, and so are ${others.length} more` : ""}: ${first.reason}`,
          ),
        );
    } catch (error) {
      fail(error);
    }
  };
  const saveData = async (pages: readonly PageRecord[]) => {
    const made = await run(pages.length, async (work) => {
      const { exportData } = await import("../store/export-data");
      return { zip: await exportData(pages, work) };
    });
    if (!made) return;
    if (made.zip) {
      const { zip, files } = made.zip;
      download("structured-data.zip", zip, "application/zip");
      notify(`${files === 1 ? "The data of 1 page" : `The data of ${files} pages`} saved as JSON-LD`);
    } else notify("These pages state no structured data");
  };
  return { working, handOver, saveData };
}
