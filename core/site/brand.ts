/** A site's name and separator as its titles have them. */
export interface TitlePattern {
  brand: string;
  separator: string;
}

const LAST_SEPARATOR = /^(.*\S)(\s+[|–—·•»:-]\s+)([^|–—·•»]+)$/;

/** The ending that a third of the titles or more share, at least three; null where there is none. */
export function guessTitlePattern(titles: readonly string[]): TitlePattern | null {
  const endings = new Map<string, { count: number; separators: Map<string, number> }>();
  for (const title of titles) {
    const match = LAST_SEPARATOR.exec(title.slice(0, 500));
    const brand = match?.[3]?.trim();
    const separator = match?.[2];
    if (!brand || !separator) continue;
    const ending = endings.get(brand) ?? { count: 0, separators: new Map() };
    ending.count++;
    ending.separators.set(separator, (ending.separators.get(separator) ?? 0) + 1);
    endings.set(brand, ending);
  }
  const [best] = [...endings].sort((a, b) => b[1].count - a[1].count);
  if (!best || best[1].count < 3 || best[1].count * 3 < titles.length) return null;
  const [separator] = [...best[1].separators].sort((a, b) => b[1] - a[1])[0] ?? [" | "];
  return { brand: best[0], separator };
}
