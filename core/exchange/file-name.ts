import { decoded } from "../address/address.ts";
import { slugOf } from "../address/slug.ts";

/** Names that Windows keeps for devices, with any ending (Microsoft's naming rules for files, from memory). */
const DEVICE = /^(?:con|prn|aux|nul|com\d|lpt\d)(?:\.|$)/i;
/** Characters of a segment; file systems take 255 bytes. */
const LONGEST = 120;

/** A segment of a path that every file system takes. */
function safeSegment(segment: string): string {
  const plain = segment
    .normalize("NFC")
    .toWellFormed()
    // Reserved by Windows, and controls.
    .replace(/[<>:"|?*\u0000-\u001f\u007f]/g, "_")
    .trim()
    .replace(/[. ]+$/, "");
  if (plain === "") return "";
  const cut = plain.length > LONGEST ? plain.slice(0, LONGEST - 10) + plain.slice(-10) : plain;
  // A name of every object in JavaScript, under which archives would lose the file.
  return DEVICE.test(cut) || cut === "__proto__" ? `_${cut}` : cut;
}

/**
 * A path that stays within the folder it is put in, whatever was asked for: no way up, no root, no drive, nothing that a file
 * system refuses; "" where nothing of it is left.
 */
export const safePath = (path: string): string =>
  path
    .replaceAll("\\", "/")
    .replace(/^[a-z]:(?=\/)/i, "")
    .split("/")
    .filter((segment) => segment !== ".." && segment !== ".")
    .map(safeSegment)
    .filter((segment) => segment !== "")
    .join("/");

/** The name of a page's file: its own, else what its address makes, with an ending. */
export function fileNameOf(page: { file: string; address: string }, ending: "html" | "md"): string {
  const own = safePath(page.file);
  if (own !== "") return own;
  const url = URL.canParse(page.address) ? new URL(page.address) : null;
  const path = url?.pathname.split("/").map(decoded).join("/") ?? "";
  const name = safePath(path.endsWith("/") ? `${path}index` : path);
  return /\.(?:html?|xhtml|md|markdown)$/i.test(name)
    ? name
    : `${name || safePath(slugOf(page.address)) || "page"}.${ending}`;
}

/** A name that is not taken yet, with a number before its ending where it is; file systems may not tell capitals apart. */
export function freeName(path: string, taken: Set<string>): string {
  let name = path;
  for (let n = 2; taken.has(name.toLowerCase()); n++) name = path.replace(/(\.[^./]*)?$/, `-${n}$1`);
  taken.add(name.toLowerCase());
  return name;
}
