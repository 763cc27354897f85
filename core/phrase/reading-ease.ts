/** Reading ease of an English text, and what it is made of. */
export interface ReadingEase {
  score: number;
  wordsPerSentence: number;
  syllablesPer100: number;
}

/** Syllables of an English word, by its groups of vowels. */
export function syllables(word: string): number {
  const bare = word.toLowerCase().replace(/[^a-z]/g, "");
  if (bare.length <= 3) return bare === "" ? 0 : 1;
  const spoken = bare.replace(/(?:[^laeiouy]es|[^aeiouytd]ed|[^aeiouy]e)$/, (end) => end[0] ?? "").replace(/^y/, "");
  return Math.max(1, spoken.match(/[aeiouy]{1,2}/g)?.length ?? 1);
}

/** Flesch 1948: 206.835 − 0.846 × syllables in 100 words − 1.015 × words a sentence; null for under 30 words. */
export function readingEase(text: string): ReadingEase | null {
  const words = text.match(/[A-Za-z][A-Za-z'’-]*/g) ?? [];
  if (words.length < 30) return null;
  const sentences = Math.max(1, text.split(/[.!?…]+(?:\s|$)|\n/).filter((one) => /[A-Za-z]/.test(one)).length);
  const wordsPerSentence = words.length / sentences;
  const syllablesPer100 = (words.reduce((sum, word) => sum + syllables(word), 0) * 100) / words.length;
  return { score: 206.835 - 0.846 * syllablesPer100 - 1.015 * wordsPerSentence, wordsPerSentence, syllablesPer100 };
}
