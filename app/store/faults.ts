import { storageLost } from "./lost";
import { StorageFault } from "./storage-fault";

/** Says in words what went wrong with storage. */
export function explainStorage(error: unknown): StorageFault {
  if (error instanceof StorageFault) return error;
  const lost = storageLost();
  if (lost && nameOf(error).includes("DatabaseClosed")) return lost;
  const name = nameOf(error);
  if (name.includes("QuotaExceeded")) {
    return new StorageFault(
      "The browser's storage is full",
      "Your last change is on screen but not kept. Make a backup from the command palette (Ctrl K), then free space on the disk or remove a site, and type the change again.",
    );
  }
  if (name.includes("VersionError")) {
    return new StorageFault(
      "These pages were kept by a newer Keen Quill",
      "Nothing has been changed. Open the newer version, or reload this one after it has been updated.",
    );
  }
  if (
    name.includes("MissingAPI") ||
    name.includes("InvalidState") ||
    name.includes("Security") ||
    name.includes("OpenFailed") ||
    name.includes("UnknownError")
  ) {
    return new StorageFault(
      "This browser refuses to store anything",
      "Keen Quill keeps your pages in the browser. Leave private browsing, or allow this site to store data, and reload.",
    );
  }
  return new StorageFault("That did not work", error instanceof Error ? error.message : String(error));
}

/** Whether the database was closed for good, or belongs to a newer version: whatever still asks it fails so. */
export const isStorageGone = (error: unknown): boolean => /DatabaseClosed|VersionError/.test(nameOf(error));

function nameOf(error: unknown): string {
  if (!(error instanceof Error)) return "";
  const inner = (error as { inner?: unknown }).inner;
  return `${error.name} ${inner instanceof Error ? inner.name : ""}`;
}
