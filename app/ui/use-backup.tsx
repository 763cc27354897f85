import { type ReactNode, useRef, useState } from "react";
import { useRevalidator } from "react-router";
import type { Difference } from "../store/restore";
import { today } from "../store/today";
import { download } from "./download";
import { useNotices } from "./notice";
import { onDemand } from "./on-demand";

const RestoreDialog = onDemand(async () => (await import("./restore-dialog")).RestoreDialog);

/** Largest backup that is taken into memory, in bytes. */
const MOST_BACKUP = 1024 ** 3;

/** Making a backup of everything in this browser, and restoring one. `input` stands in the screen, unseen. */
export function useBackup(): { make: () => void; putBack: () => void; input: ReactNode } {
  const file = useRef<HTMLInputElement>(null);
  const { notify, fail } = useNotices();
  const { revalidate } = useRevalidator();
  const [asked, setAsked] = useState<{
    of: string;
    differences: Difference[];
    finish: (taken: ReadonlySet<string>) => Promise<void>;
  } | null>(null);
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
      const [{ readBackup }, { differencesFrom, restoreBackup }, { counted }] = await Promise.all([
        import("../store/read-backup"),
        import("../store/restore"),
        import("#core/rules/texts"),
      ]);
      const backup = readBackup(await chosen.text());
      if ("reason" in backup) {
        fail(new Error(backup.reason));
        return;
      }
      const of = `${counted(backup.sites.length, "site")}, ${counted(backup.pages.length, "page")}`;
      const finish = async (taken: ReadonlySet<string>) => {
        try {
          await restoreBackup(backup, taken);
          setAsked(null);
          notify("Backup restored", `${of}.`);
          void revalidate();
        } catch (error) {
          fail(error);
        }
      };
      const differences = await differencesFrom(backup);
      if (differences.length === 0) await finish(new Set());
      else setAsked({ of, differences, finish });
    } catch (error) {
      fail(error);
    }
  };
  return {
    make: () => void make(),
    putBack: () => file.current?.click(),
    input: (
      <>
        {asked && (
          <RestoreDialog
            of={asked.of}
            differences={asked.differences}
            onRestore={asked.finish}
            onClose={() => setAsked(null)}
          />
        )}
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
      </>
    ),
  };
}
