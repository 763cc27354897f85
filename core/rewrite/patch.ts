/** A replacement in the source: offsets in UTF-16 code units of the text without its byte order mark. */
export interface Patch {
  start: number;
  end: number;
  text: string;
}
