import { zipFiles } from "#core/exchange/zip";
import { largeSite } from "../demo/large";

/** Pages of the large demo site from a number on, as a zip of files. */
export function largeSiteZip(first: number, count: number): Uint8Array {
  const encoder = new TextEncoder();
  const pages = [...largeSite(count, first + 1, first)];
  return zipFiles(
    pages.map(({ address, source }) => ({
      path: `${new URL(address).pathname.slice(1)}.html`,
      bytes: encoder.encode(source),
    })),
  );
}
