/** A one-line value: control characters out, unpaired surrogates replaced, white space collapsed. */
export function cleanValue(value: string): string {
  return value
    .toWellFormed()
    .replace(/[\t\n\f\r ]+/g, " ")
    .replace(/[\p{Cc}\u{FFFE}\u{FFFF}]/gu, "")
    .replace(/^ | $/g, "");
}
