import { facet } from "./facet.ts";

export interface IdsFacet {
  ids: readonly string[];
  /** Whether these are all that the page has. */
  all: boolean;
}

const MOST = 300;
/** From this length on one is no name that a link would use. */
const LONGEST = 60;

/** Its ids and the names of its anchors: each on a line, with an empty line at the end where there are more. */
export const ids = facet<IdsFacet, string>({
  version: 1,
  sees: ["ids", "anchorNames"],
  take(page) {
    const every = [...page.ids.map(({ id }) => id), ...page.anchorNames].filter(Boolean);
    const some = every.filter((id) => id.length <= LONGEST && !id.includes("\n"));
    return { ids: some.slice(0, MOST), all: some.length === every.length && some.length <= MOST };
  },
  pack: ({ ids, all }) => `${ids.join("\n")}${all ? "" : "\n"}`,
  unpack: (packed) => {
    const all = !packed.endsWith("\n");
    return { ids: packed.split("\n").filter(Boolean), all };
  },
});
