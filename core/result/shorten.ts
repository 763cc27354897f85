const LONG = 2000;

/**
 * Shorter wordings of a text that fit: first without the brand, then without its last parts (behind a separator, comma or
 * dash), then cut at a word. Null where nothing sensible fits.
 */
export function shorten(text: string, fits: (text: string) => boolean, brandless: string): string | null {
  // Of a text that is no title any more only the beginning is of use.
  if (text.length > LONG) return atWord(brandless.slice(0, LONG / 4), fits);
  const candidates: string[] = [];
  if (brandless !== text) candidates.push(brandless);
  for (const base of [text, brandless]) {
    const parts = base.split(/(\s+[|–—·•:»-]\s+|,\s+|;\s+|\s+\(|:\s+)/);
    for (let n = parts.length - 2; n > 0; n -= 2) candidates.push(parts.slice(0, n).join(""));
  }
  const good = candidates
    .map((c) => c.trim())
    .filter((c) => c.length >= 12 && c.length >= text.length / 4 && fits(c))
    .sort((a, b) => b.length - a.length)[0];
  const worded = atWord(brandless, fits);
  // Whole parts read best, unless they throw most of the text away.
  return good && (!worded || worded.length < good.length * 1.5) ? good : worded;
}

const DANGLING = /[\s,;:|–—·-]+$|\s+(?:and|or|the|a|an|of|in|on|to|for|with|at|by|from|&)$/i;

function atWord(text: string, fits: (text: string) => boolean): string | null {
  const words = text.split(" ");
  for (let n = words.length - 1; n >= 3; n--) {
    let candidate = words.slice(0, n).join(" ");
    while (DANGLING.test(candidate)) candidate = candidate.replace(DANGLING, "");
    if (candidate.split(" ").length >= 3 && fits(candidate)) return candidate;
  }
  return null;
}
