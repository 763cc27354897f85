import { db, SCHEMA_VERSION } from "./db";
import { allKept } from "./keeping";
import { TABLE_NAMES, TABLES } from "./records/all";

/** Tables that a backup holds. */
export const HELD = TABLE_NAMES.filter((name) => TABLES[name].backup);

function toBase64(bytes: Uint8Array): string {
  let binary = "";
  for (let i = 0; i < bytes.length; i += 0x8000) binary += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(binary);
}

/** Everything in this browser as one JSON text, but for what can be made again. */
export async function makeBackup(): Promise<string> {
  await allKept();
  const tables = await Promise.all(HELD.map(async (name) => [name, await db().table(name).toArray()]));
  return JSON.stringify(
    {
      format: "keen-quill backup",
      version: SCHEMA_VERSION,
      madeAt: new Date().toISOString(),
      ...Object.fromEntries(tables),
    },
    (_, value: unknown) => (value instanceof Uint8Array ? toBase64(value) : value),
  );
}
