/** A text without the brand at its end or start, and the separator before it. */
export function withoutBrand(text: string, brand: string): string {
  if (!brand) return text;
  const escaped = brand.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
  const separators = "[\\s|–—:·•»>,-]*";
  return text
    .replace(new RegExp(`(?:${separators}${escaped})+$`, "i"), "")
    .replace(new RegExp(`^${escaped}${separators}`, "i"), "")
    .trim();
}
