import jsonld from "jsonld";
import { baseOf, type Page } from "../page/page.ts";
import { dataOf, rememberExpanded } from "./page-data.ts";

/** schema.org's own context cannot be fetched; for reading names it says this. */
const SCHEMA = { "@context": { "@vocab": "http://schema.org/" } };

const documentLoader = (url: string) =>
  /^https?:\/\/(?:www\.)?schema\.org\/?/.test(url)
    ? Promise.resolve({ document: SCHEMA, documentUrl: url, contextUrl: undefined })
    : // Contexts of others are never fetched: what depends on them is not read.
      Promise.resolve({ document: { "@context": {} }, documentUrl: url, contextUrl: undefined });

/**
 * Has the blocks that use more of JSON-LD than is read at once expanded by the reference implementation, so that they are
 * read in full from then on. Returns whether there were any. Loaded by itself, since few pages need it.
 */
export async function expandBeyond(
  page: Pick<Page, "data" | "address" | "base" | "source" | "format">,
): Promise<boolean> {
  const data = dataOf(page);
  for (const index of data.beyond) {
    const block = data.blocks[index];
    if (!block || "fault" in block.json) continue;
    try {
      const options = { base: baseOf(page), documentLoader } as never;
      rememberExpanded(block.text, await jsonld.expand(block.json.value as never, options));
    } catch {
      // What it cannot read either stays as far as it was read.
      rememberExpanded(block.text, block.json.value);
    }
  }
  return data.beyond.length > 0;
}
