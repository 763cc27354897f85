import { hostOf, linkTarget } from "../address/link-target.ts";
import { contentBlocks } from "../page/body.ts";
import { addressOn, type Page } from "../page/page.ts";
import { pictureAt } from "../site/facets/pictures.ts";
import type { Place, WholePart } from "./place.ts";

/**
 * A place on a page of which only facets are at hand: nodes are named by what these keep of them, so that they are
 * found on the page as it stands when it is opened.
 */
export type SitePlace =
  | { part: WholePart }
  /** The first link that leads there; `to` as `linkTarget` has it, with the fragment it names if it is about that. */
  | { part: "link"; to: string; fragment?: string }
  /** The first picture with this file, as `pictureAt` names it. */
  | { part: "picture"; file: string }
  /** The first block of the content that holds these words. */
  | { part: "block"; holds: string };

/** The name of such a place in a finding's key. */
export function sitePlaceKey(at: SitePlace): string {
  switch (at.part) {
    case "link":
      return `link to ${at.to}${at.fragment === undefined ? "" : `#${at.fragment}`}`;
    case "picture":
      return `picture ${at.file}`;
    case "block":
      return `block with ${at.holds}`;
    default:
      return at.part;
  }
}

/** The same place on the page itself; its markup as a whole where it is no longer there. */
export function placeOn(page: Page, at: SitePlace): Place {
  switch (at.part) {
    case "link": {
      const host = hostOf(page.address);
      const index = page.links.findIndex(({ href }) => {
        const hash = href.indexOf("#");
        if (at.fragment !== undefined && href.slice(hash + 1) !== at.fragment) return false;
        const address = addressOn(page, at.fragment === undefined ? href : href.slice(0, hash));
        return address !== null && linkTarget(address, host) === at.to;
      });
      return index < 0 ? { part: "markup" } : { part: "link", index, range: page.links[index]?.range ?? null };
    }
    case "picture": {
      const index = page.images.findIndex((image) => !image.silent && pictureAt(image, page) === at.file);
      return index < 0 ? { part: "markup" } : { part: "picture", index, range: page.images[index]?.range ?? null };
    }
    case "block": {
      const found = contentBlocks(page).find(({ block }) => block.text.includes(at.holds));
      if (!found) return { part: "markup" };
      const start = found.block.text.indexOf(at.holds);
      const words = { start, end: start + at.holds.length };
      return { part: "block", index: found.index, words, range: found.block.range };
    }
    default:
      return at;
  }
}
