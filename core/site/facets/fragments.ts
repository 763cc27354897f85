import { hostOf, linkTarget, targetsFrom } from "../../address/link-target.ts";
import { baseOf } from "../../page/page.ts";
import { facet, packLines, unpackLines } from "./facet.ts";

export interface FragmentFacet {
  /** The page, as `linkTarget` compares addresses. */
  to: string;
  /** As the link writes it, without `#`. */
  fragment: string;
}

const MOST = 300;

/** Links to places on other pages of the host, each once. */
export const fragments = facet<readonly FragmentFacet[], string>({
  version: 1,
  sees: ["links", "address", "base"],
  take(page) {
    const own = linkTarget(page.address, hostOf(page.address));
    const targetOn = targetsFrom(page.address, baseOf(page));
    const found = new Map<string, FragmentFacet>();
    for (const { href } of page.links) {
      const at = href.indexOf("#");
      const fragment = at > 0 ? href.slice(at + 1) : "";
      if (fragment === "" || /[<\s]/.test(href) || found.size >= MOST) continue;
      const to = targetOn(href);
      if (to && to !== own) found.set(`${to}\t${fragment}`, { to, fragment });
    }
    return [...found.values()];
  },
  pack: (list) => packLines(list, ({ to, fragment }) => [to, fragment]),
  unpack: (packed) => unpackLines(packed, ([to = "", fragment = ""]) => ({ to, fragment })),
});
