import { pathOf } from "#core/address/address";
import { languageOf } from "#core/page/page";
import { applyToPage } from "#core/rewrite/apply";
import { type Passage, passagesOf } from "#core/standing/passages";
import { fewPhrases } from "#core/standing/phrase-list";
import { loadPage } from "./freshen";

/** The sentences of a page that say a phrase, as its redraft leaves it. */
export interface PagePassages {
  pageId: string;
  path: string;
  passages: (Omit<Passage, "heading"> & {
    /** “H2” where the sentence is a heading itself; "" elsewhere. */
    heading: string;
    /** The heading that it stands under; "" before the first. */
    under: string;
  })[];
}

/** Sentences of one page that are shown. */
const MOST = 40;

/** Looks for the sentences of pages that say a phrase; pages that do not say it are left out. */
export async function passagesOn(pageIds: readonly string[], phrase: string): Promise<PagePassages[]> {
  const found: PagePassages[] = [];
  for (const pageId of pageIds) {
    const loaded = await loadPage(pageId);
    if (!loaded) continue;
    const { page } = applyToPage(loaded.original, loaded.edits);
    const passages = passagesOf(page, fewPhrases([phrase]).in(languageOf(page))).slice(0, MOST);
    if (passages.length === 0) continue;
    found.push({
      pageId,
      path: pathOf(page.address),
      passages: passages.map((one) => {
        const heading = page.headings[one.heading];
        return {
          ...one,
          heading: heading?.block === one.block ? `H${heading.level}` : "",
          under: heading?.text ?? "",
        };
      }),
    });
  }
  return found;
}
