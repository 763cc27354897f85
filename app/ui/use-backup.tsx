import { type ReactNode, useRef } from "react";
import { useRevalidator } from "react-router";
import { today } from "../store/today";
import { download } from "./download";
import { useNotices } from "./notice";

/** Largest backup that is taken into memory, in bytes. */
const MOST_BACKUP = 1024 ** 3;

/** Making a backup of everything in this browser, and putting one back. `input` stands in the screen, unseen. */
export function useBackup(): { make: () => void; putBack: () => void; input: ReactNode } {
  const file = useRef<HTMLInputElement>(null);
  const { notify, fail } = useNotices();
  const { revalidate } = useRevalidator();
  const make = async () => {
    try {
      const { makeBackup } = await import("../store/backup");
      download(`keen-quill-backup-${today()}.json`, await makeBackup(), "application/json");
    } catch (error) {
      fail(error);
    }
  };
  const restore = async (chosen: File | undefined) => {
    if (!chosen) return;
    if (chosen.size > MOST_BACKUP) {
      fail(new Error("This file is larger than 1 GB, which is no backup of Keen Quill. Nothing was changed."));
      return;
    }
    try {
      const [{ restoreBackup }, { counted }] = await Promise.all([
        import("../store/backup"),
        import("#core/rules/texts"),
      ]);
      const result = await restoreBackup(await chosen.text());
      if ("reason" in result) fail(new Error(result.reason));
      else {
        notify("The backup was put back", `${counted(result.sites, "site")}, ${counted(result.pages, "page")}.`);
        void revalidate();
      }
    } catch (error) {
      fail(error);
    }
  };
  return {
    make: () => void make(),
    putBack: () => file.current?.click(),
    input: (
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Backup file"
        onChange={(event) => {
          void restore(event.target.files?.[0]);
          // The same file can be chosen again.
          event.target.value = "";
        }}
      />
    ),
  };
}
