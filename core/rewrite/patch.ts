/** A replacement in the source: offsets in UTF-16 code units of the text without its byte order mark. */
export interface Patch {
  start: number;
  end: number;
  text: string;
}

/** A text with replacements made. */
export function patchText(source: string, patches: Patch[]): string {
  let text = "";
  let at = 0;
  for (const patch of inOrder(patches)) {
    text += source.slice(at, patch.start) + patch.text;
    at = patch.end;
  }
  return text + source.slice(at);
}

/** In order of place, insertions before what is replaced there and in the order in which they were made. */
export function inOrder(patches: readonly Patch[]): Patch[] {
  return patches
    .map((patch, i) => ({ patch, i }))
    .sort((a, b) => a.patch.start - b.patch.start || a.patch.end - b.patch.end || a.i - b.i)
    .map((p) => p.patch);
}
