import { foldDiacritics } from "../../phrase/fold.ts";
import { findPhrase } from "../../phrase/match.ts";
import type { PageFacets } from "../facets/page-facets.ts";
import type { Index, IndexMaker } from "./site.ts";

/** Which pages say the target phrases of others. */
export interface Mentions extends Index {
  /** Pages with a target phrase that others say: by id, who says it, and in which words. */
  all(): ReadonlyMap<string, ReadonlyMap<string, string>>;
}

/** Letters with which a word begins, by which phrases are looked up. */
const BEGINNING = 3;

const beginningOf = (word: string) => word.slice(0, BEGINNING);
const wordsOf = (text: string) => foldDiacritics(text.toLowerCase()).split(/[^\p{L}\p{N}]+/u);
const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** The beginning of a phrase's longest word; "" where it is too short to be looked for. */
function mark(phrase: string): string {
  const longest = wordsOf(phrase).reduce((a, b) => (b.length > a.length ? b : a), "");
  return longest.length < BEGINNING ? "" : beginningOf(longest);
}

export const MENTIONS: IndexMaker<Mentions> = (pages) => {
  /** The beginnings of each page's words, with a space around each; made when a phrase is looked for. */
  const beginnings = new Map<string, string>();
  /** Ids of the pages whose phrase has a mark. */
  const byMark = new Map<string, Set<string>>();
  const mentions = new Map<string, Map<string, string>>();

  const beginningsOf = ({ id, beginning }: PageFacets) => {
    let known = beginnings.get(id);
    if (known === undefined) {
      known = ` ${[...new Set(wordsOf(beginning).map(beginningOf))].join(" ")} `;
      beginnings.set(id, known);
    }
    return known;
  };
  const look = (from: PageFacets, to: PageFacets) => {
    const { phrase = "" } = to;
    if (from.id === to.id || same(phrase, from.phrase ?? "")) return;
    const match = findPhrase(phrase, from.beginning, { language: from.language }).find(
      ({ kind }) => kind !== "scattered",
    );
    if (!match) return;
    const said = mentions.get(to.id) ?? new Map<string, string>();
    mentions.set(to.id, said.set(from.id, from.beginning.slice(match.start, match.end)));
  };
  const forget = ({ id, phrase = "" }: PageFacets) => {
    beginnings.delete(id);
    byMark.get(mark(phrase))?.delete(id);
    mentions.delete(id);
    for (const [to, said] of mentions) if (said.delete(id) && said.size === 0) mentions.delete(to);
  };
  return {
    sees: ["beginning", "language", "phrase"],
    change(was, is) {
      if (was) forget(was);
      if (!is) return;
      const own = is.phrase ? mark(is.phrase) : "";
      if (own !== "") {
        byMark.set(own, (byMark.get(own) ?? new Set()).add(is.id));
        for (const from of pages.values()) if (beginningsOf(from).includes(` ${own} `)) look(from, is);
      }
      if (is.beginning === "" || byMark.size === 0) return;
      const candidates = [...byMark].filter(([one]) => beginningsOf(is).includes(` ${one} `));
      for (const id of candidates.flatMap(([, ids]) => [...ids])) {
        const to = pages.get(id);
        if (to) look(is, to);
      }
    },
    all: () => mentions,
  };
};
