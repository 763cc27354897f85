import { loadMarkdown } from "../page/load-markdown.ts";
import type { Original } from "../page/original.ts";
import { loadCharset } from "./bytes.ts";

/** Has loaded what few originals need to be read, changed and written, and which is large; the original itself. */
export async function prepareOriginal(original: Original): Promise<Original> {
  await Promise.all([loadMarkdown(original), loadCharset(original.charset.name)]);
  return original;
}
