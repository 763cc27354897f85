import type { Edit } from "../rewrite/edits.ts";

/** Edits that mend what was found. */
export interface Fix {
  /** What it does, in a few words: “Shorter: “…prices, last boat””. */
  label: string;
  edits: Edit[];
  /** It sets a text that was put together from the page's words: somebody reads it before it is taken. */
  suggested?: true;
}
