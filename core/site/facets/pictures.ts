import { isPlainPath } from "../../address/link-target.ts";
import { addressOn, type Image, type Page } from "../../page/page.ts";
import { asCell, facet, packLines, unpackLines } from "./facet.ts";

export interface PictureFacet {
  /** Path of its address, or the whole address where it lies on another host. */
  at: string;
  /** Null where it has no `alt` attribute. */
  alt: string | null;
  /** As stated, in CSS pixels; 0 where it is not. */
  width: number;
  height: number;
}

const MOST = 80;
const LONGEST_ALT = 200;

/** A stated size in whole CSS pixels (HTML 4.8.17); 0 where there is none. */
const pixels = (size: string | null) =>
  size && /^\s*\d+/.test(size) ? Math.min(99_999, Number.parseInt(size, 10)) : 0;

/** What names a picture's file on its site: the path of its address, or the whole address of another host; null for none. */
export function pictureAt({ src }: Pick<Image, "src">, page: Pick<Page, "address" | "base">): string | null {
  if (!src || /^(?:data|blob|javascript):/i.test(src.trimStart())) return null;
  // Most are written so, and parsing an address is dear.
  if (page.base === null && isPlainPath(src) && /^https?:/i.test(page.address)) return src.replace(/\?.*$/s, "");
  const resolved = addressOn(page, src);
  if (!resolved?.startsWith("http")) return null;
  const url = new URL(resolved);
  return url.host === new URL(page.address).host ? url.pathname : url.origin + url.pathname;
}

/** An alternative text as it is kept: its beginning, on one line. */
export const keptAlt = (alt: string | null): string | null => alt && asCell(alt).slice(0, LONGEST_ALT);

/** A page's pictures. Those that assistive technology passes over are left out. */
export const pictures = facet<readonly PictureFacet[], string>({
  version: 1,
  sees: ["images", "address", "base"],
  take(page) {
    const found: PictureFacet[] = [];
    for (const image of page.images) {
      const at = image.silent ? null : pictureAt(image, page);
      if (at === null) continue;
      found.push({ at, alt: keptAlt(image.alt), width: pixels(image.width), height: pixels(image.height) });
      if (found.length === MOST) break;
    }
    return found;
  },
  pack: (list) => packLines(list, ({ at, alt, width, height }) => [at, width, height, alt === null ? "-" : `=${alt}`]),
  unpack: (packed) =>
    unpackLines(packed, ([at = "", width = "0", height = "0", alt = "-"]) => ({
      at,
      width: Number(width),
      height: Number(height),
      alt: alt.startsWith("=") ? alt.slice(1) : null,
    })),
});
