/** Items whose texts are the same but for one number, name or other word in one place. */
export interface NearGroup<T> {
  items: T[];
  /** The text they share, with “…” where they differ. */
  shared: string;
}

/** Numbers and words with capitals that stand beside each other are one token: places and dates have several parts. */
const TOKENS =
  /(?:\d[\d.,:/-]*|\p{Lu}[\p{L}\p{M}’'.-]*)(?:\s+(?:\d[\d.,:/-]*|\p{Lu}[\p{L}\p{M}’'.-]*))*|[\p{L}\p{M}\p{N}’'-]+|[^\s\p{L}\p{N}]+/gu;
const VARIES = /^(?:\d|\p{Lu})/u;
/** Longest text that is compared, in code units: nobody reads further. */
const LONGEST = 400;
/** Words that the shared text needs: two titles of two words are not near each other. */
const FEWEST = 3;

/**
 * Groups of items with different texts that agree in all but one number or name (“Opening times in Hull”, “… in Leeds”);
 * largest first, each item in one group. Linear in the length of all texts.
 */
export function nearDuplicates<T extends object>(items: readonly T[], textOf: (item: T) => string): NearGroup<T>[] {
  const groups = new Map<string, { items: T[]; texts: Set<string> }>();
  for (const item of items) {
    const text = textOf(item).slice(0, LONGEST);
    const tokens = text.match(TOKENS) ?? [];
    const words = tokens.filter((token) => /[\p{L}\p{N}]/u.test(token)).flatMap((token) => token.split(/\s+/)).length;
    tokens.forEach((token, i) => {
      if (!VARIES.test(token) || words - token.split(/\s+/).length < FEWEST) return;
      const key = [...tokens.slice(0, i), "…", ...tokens.slice(i + 1)].join(" ");
      const folded = key.toLowerCase();
      const group = groups.get(folded) ?? { items: [], texts: new Set() };
      group.items.push(item);
      group.texts.add(text.toLowerCase());
      groups.set(folded, group);
    });
  }
  const taken = new Set<T>();
  const near: NearGroup<T>[] = [];
  const candidates = [...groups]
    .filter(([, { texts }]) => texts.size > 1)
    .sort((a, b) => b[1].texts.size - a[1].texts.size);
  for (const [, { items: members }] of candidates) {
    const free = members.filter((item) => !taken.has(item));
    if (new Set(free.map((item) => textOf(item).toLowerCase())).size < 2) continue;
    for (const item of free) taken.add(item);
    near.push({ items: free, shared: sharedText(free.map(textOf)) });
  }
  return near;
}

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
