import { pathOf } from "#core/address/address";
import { fixOnPage, type Redrafted, type WrapFix } from "#core/findings/site-fix";
import { languageOf } from "#core/page/page";
import { applyToPage } from "#core/rewrite/apply";
import { isAbout } from "#core/standing/clashes";
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
    /** What makes its words a link to the phrase's page; null where they are linked, or cannot be. */
    link: WrapFix | null;
  })[];
}

/** Sentences of one page that are shown. */
const MOST = 40;

/** What makes the first marked words of a sentence a link; null where they are none, or the page is about the phrase itself. */
function linkOf({ sentence, marks: [mark] }: Passage, to: string, redrafted: Redrafted): WrapFix | null {
  if (!mark || mark.kind === "scattered") return null;
  const words = sentence.slice(mark.start, mark.end);
  const fix = { label: `Make “${words}” a link`, wrap: { words, to, sentence: { text: sentence, at: mark.start } } };
  return fixOnPage(fix, redrafted) ? fix : null;
}

/**
 * Looks for the sentences of pages that say a phrase; pages that do not say it are left out.
 *
 * @param target The page that is to be found for it.
 */
export async function passagesOn(
  pageIds: readonly string[],
  phrase: string,
  target: { id: string; address: string } | null,
): Promise<PagePassages[]> {
  const found: PagePassages[] = [];
  for (const pageId of pageIds) {
    const loaded = await loadPage(pageId);
    if (!loaded) continue;
    const { page } = applyToPage(loaded.original, loaded.edits);
    const passages = passagesOf(page, fewPhrases([phrase]).in(languageOf(page))).slice(0, MOST);
    if (passages.length === 0) continue;
    const h1s = page.headings.flatMap(({ level, text }) => (level === 1 ? text : []));
    const to = target && target.id !== pageId && !isAbout({ language: languageOf(page) }, h1s, phrase) ? target : null;
    const redrafted = { original: loaded.original, page, edits: loaded.edits };
    found.push({
      pageId,
      path: pathOf(page.address),
      passages: passages.map((one) => {
        const heading = page.headings[one.heading];
        return {
          ...one,
          heading: heading?.block === one.block ? `H${heading.level}` : "",
          under: heading?.text ?? "",
          link: to && linkOf(one, to.address, redrafted),
        };
      }),
    });
  }
  return found;
}
