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

/** A title with the brand once, behind the separator; texts that hold it once or not at all stay as they are. */
export function onceBranded(title: string, brand: string, separator: string): string {
  if (!brand) return title;
  const lower = title.toLowerCase();
  const first = lower.indexOf(brand.toLowerCase());
  if (first < 0 || lower.indexOf(brand.toLowerCase(), first + brand.length) < 0) return title;
  const bare = withoutBrand(title, brand);
  return bare ? bare + separator + brand : brand;
}
