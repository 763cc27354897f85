import type { Index, IndexMaker } from "./site.ts";

/** Pages whose texts are the same but for one number, name or other word in one place. */
export interface NearGroup {
  /** Ids. */
  pages: readonly string[];
  /** The text they share, with “…” where they differ. */
  shared: string;
}

export interface NearTexts extends Index {
  /** Largest first, each page in one group. */
  groups(): NearGroup[];
}

/** Numbers and words with capitals that stand beside each other are one token: places and dates have several parts. */
const TOKENS =
  /(?:\d[\d.,:/-]*|\p{Lu}[\p{L}\p{M}’'.-]*)(?:\s+(?:\d[\d.,:/-]*|\p{Lu}[\p{L}\p{M}’'.-]*))*|[\p{L}\p{M}\p{N}’'-]+|[^\s\p{L}\p{N}]+/gu;
const VARIES = /^(?:\d|\p{Lu})/u;
/** Longest text that is compared, in UTF-16 code units: nobody reads further. */
const LONGEST = 400;
/** Words that the shared text needs: two titles of two words are not near each other. */
const FEWEST = 3;

/** A text without each of the numbers and names in it that may vary, one at a time. */
function mouldsOf(whole: string): string[] {
  const tokens = whole.slice(0, LONGEST).match(TOKENS) ?? [];
  const lengths = tokens.map((token) => (/[\p{L}\p{N}]/u.test(token) ? token.split(/\s+/).length : 0));
  const words = lengths.reduce((sum, length) => sum + length, 0);
  return tokens.flatMap((token, i) =>
    !VARIES.test(token) || words - token.split(/\s+/).length < FEWEST
      ? []
      : [...tokens.slice(0, i), "…", ...tokens.slice(i + 1)].join(" ").toLowerCase(),
  );
}

interface Mould {
  key: string;
  /** Ids, by their texts in small letters: a mould of one text is none. */
  texts: Map<string, Set<string>>;
}

/** Of two as large as each other the one that comes first in the alphabet: it does not matter in which order pages came. */
const largestFirst = (a: Mould, b: Mould) => b.texts.size - a.texts.size || (a.key < b.key ? -1 : 1);

function nearTexts(name: "title" | "description"): IndexMaker<NearTexts> {
  return (pages) => {
    const moulds = new Map<string, Mould>();
    /** Those that two or more texts were made from. */
    const shared = new Set<Mould>();
    const take = (key: string, text: string, id: string) => {
      const mould = moulds.get(key);
      const ids = mould?.texts.get(text);
      if (!mould || !ids) return;
      ids.delete(id);
      if (ids.size === 0) mould.texts.delete(text);
      if (mould.texts.size < 2) shared.delete(mould);
      if (mould.texts.size === 0) moulds.delete(key);
    };
    const add = (key: string, text: string, id: string) => {
      const mould = moulds.get(key) ?? { key, texts: new Map() };
      moulds.set(key, mould);
      const ids = mould.texts.get(text) ?? new Set();
      mould.texts.set(text, ids.add(id));
      if (mould.texts.size === 2) shared.add(mould);
    };
    return {
      sees: [name],
      change(was, is) {
        if (was) for (const key of mouldsOf(was[name])) take(key, was[name].toLowerCase(), was.id);
        if (is) for (const key of mouldsOf(is[name])) add(key, is[name].toLowerCase(), is.id);
      },
      groups() {
        const taken = new Set<string>();
        const groups: NearGroup[] = [];
        for (const { texts } of [...shared].sort(largestFirst)) {
          const free = [...texts].flatMap(([, ids]) => {
            const left = [...ids].filter((id) => !taken.has(id));
            return left.length > 0 ? [left] : [];
          });
          if (free.length < 2) continue;
          const ids = free.flat();
          for (const id of ids) taken.add(id);
          groups.push({ pages: ids, shared: sharedText(ids.map((id) => pages.get(id)?.[name] ?? "")) });
        }
        return groups;
      },
    };
  };
}

export const NEAR_TITLES = nearTexts("title");
export const NEAR_DESCRIPTIONS = nearTexts("description");

/** What texts have in common at their beginnings and ends, at whole words. */
function sharedText(texts: readonly string[]): string {
  const [first = "", ...others] = texts;
  let head = first.length;
  for (const text of others) {
    let i = 0;
    while (i < head && text[i] === first[i]) i++;
    head = i;
  }
  let tail = first.length - head;
  for (const text of others) {
    let i = 0;
    while (i < tail && i < text.length - head && text.at(-1 - i) === first.at(-1 - i)) i++;
    tail = i;
  }
  const start = first.slice(0, head).replace(/\S+$/, "");
  const end = first.slice(first.length - tail).replace(/^\S+/, "");
  return `${start}…${end}`;
}
