import { addressOn, type Image, type Page } from "../page/page.ts";
import type { Edit } from "../rewrite/edits.ts";
import { originsOf } from "../rewrite/origins.ts";
import type { PageSummary } from "./page-summary.ts";

/** A picture as a summary keeps it. */
export interface SummaryPicture {
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
  const resolved = addressOn(page, src);
  if (!resolved?.startsWith("http")) return null;
  const url = new URL(resolved);
  return url.host === new URL(page.address).host ? url.pathname : url.origin + url.pathname;
}

const packed = new WeakMap<Page["images"], { address: string; text: string }>();

/** A page's pictures packed into one text, a line each. Those that assistive technology passes over are left out. */
export function packPictures(page: Pick<Page, "address" | "base" | "images">): string {
  const known = packed.get(page.images);
  if (known?.address === page.address) return known.text;
  const lines: string[] = [];
  for (const image of page.images) {
    const at = image.silent ? null : pictureAt(image, page);
    if (at === null) continue;
    const alt = image.alt === null ? "-" : `=${image.alt.replace(/[\t\n]/g, " ").slice(0, LONGEST_ALT)}`;
    lines.push(`${at}\t${pixels(image.width)}\t${pixels(image.height)}\t${alt}`);
    if (lines.length === MOST) break;
  }
  const text = lines.join("\n");
  packed.set(page.images, { address: page.address, text });
  return text;
}

/** The pictures that a summary holds. */
export function unpackPictures(text: string): SummaryPicture[] {
  if (text === "") return [];
  return text.split("\n").map((line) => {
    const [at = "", width = "0", height = "0", alt = "-"] = line.split("\t");
    return { at, width: Number(width), height: Number(height), alt: alt.startsWith("=") ? alt.slice(1) : null };
  });
}

/** A picture with one of the alternative texts that it has on a site. */
export interface SitePicture {
  at: string;
  alt: string | null;
  /** Ids of the pages on which it has this text. */
  pages: string[];
}

/** The pictures of a site, each with each of its texts: those without any first, then by how many pages show them. */
export function picturesOfSite(pages: readonly PageSummary[]): SitePicture[] {
  const found = new Map<string, SitePicture>();
  for (const page of pages) {
    for (const { at, alt } of unpackPictures(page.pictures ?? "")) {
      const name = `${at}\t${alt === null ? "-" : `=${alt}`}`;
      const picture = found.get(name) ?? { at, alt, pages: [] };
      if (picture.pages.at(-1) !== page.id) picture.pages.push(page.id);
      found.set(name, picture);
    }
  }
  const rank = ({ alt }: SitePicture) => (alt === null ? 0 : 1);
  return [...found.values()].sort(
    (a, b) => rank(a) - rank(b) || b.pages.length - a.pages.length || (a.at < b.at ? -1 : 1),
  );
}

/** The edits that give a picture another text wherever it has a certain one on a page as its redraft leaves it. */
export function altEdits(
  original: Page,
  page: Page,
  edits: readonly Edit[],
  picture: Pick<SitePicture, "at" | "alt">,
  value: string,
): Edit[] {
  const origins = originsOf(original, page, edits, "picture");
  return page.images.flatMap((image, index): Edit[] => {
    const { key, index: from } = origins[index] ?? { key: null, index: -1 };
    // Summaries keep no more of a text than its beginning.
    const alt = image.alt?.replace(/[\t\n]/g, " ").slice(0, LONGEST_ALT) ?? null;
    if (!key || image.silent || alt !== picture.alt || pictureAt(image, page) !== picture.at) return [];
    return [{ op: "set-alt", picture: key, value, was: original.images[from]?.alt ?? null }];
  });
}
