const SPECIAL: Record<string, string> = { ß: "ss", ø: "o", ł: "l", đ: "d", æ: "ae", œ: "oe", ı: "i", "’": "'" };

/** Lower case as the language has it (Turkish İ and I), in NFC. */
export function lowerCase(text: string, language: string): string {
  const normal = text.normalize("NFC");
  // Only these languages have letters that fold otherwise; asking for a locale is slow.
  if (!/^(?:tr|az|lt)/i.test(language)) return normal.toLowerCase();
  try {
    return normal.toLocaleLowerCase(language || undefined);
  } catch {
    return normal.toLowerCase();
  }
}

/** Removes diacritics, and what is not seen: é → e, ß → ss, ø → o; soft hyphens go. Expects lower case. */
export function foldDiacritics(text: string): string {
  if (/^[\x20-\x7e]*$/.test(text)) return text;
  return text
    .normalize("NFD")
    .replace(/[\p{Mn}\p{Cf}]/gu, "")
    .replace(/[ßøłđæœı’]/g, (c) => SPECIAL[c] ?? c)
    .normalize("NFC");
}
