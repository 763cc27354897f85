import { addressOfFile, resolveAddress } from "../address/address.ts";
import { contentBlocks, contentWords, isHeadingBlock } from "../page/body.ts";
import { addressOn, collapse, descriptionOf, languageOf, type Page, titleOf } from "../page/page.ts";
import type { PageKind } from "../page/page-kind.ts";
import { robotsOf } from "../page/robots-directives.ts";
import { packShapes } from "./heading-patterns.ts";
import { packFragments, packLinks } from "./links.ts";
import type { PageSummary } from "./page-summary.ts";
import { packPictures } from "./pictures.ts";

/** Longest text that a summary keeps, in code units, and how many headings. */
const LONGEST = 1000;
const HEADINGS = 24;
/** How much of the content's text it keeps, in code units: what is said early is what a page is about. */
const SAID = 2000;
/** Ids it keeps, and the length from which one is no name that a link would use. */
const IDS = 300;
const LONGEST_ID = 60;

/** What is known of a page beside its source. */
export interface PageFacts {
  phrase?: string;
  /** Its path among the files that came in. */
  file?: string;
  kind?: PageKind;
  /** A sitemap names it. */
  inSitemap?: boolean | undefined;
  /** Addresses that redirect to it. */
  redirectedFrom?: readonly string[] | undefined;
}

/** What site rules need of a page. */
export function summaryOf(id: string, page: Page, known: PageFacts = {}): PageSummary {
  const { phrase = "", file = "", kind, inSitemap, redirectedFrom = [] } = known;
  const keywords = collapse(page.metas.find((meta) => meta.name === "keywords")?.content ?? "");
  return {
    id,
    address: page.address,
    title: titleOf(page).slice(0, LONGEST),
    description: descriptionOf(page).slice(0, LONGEST),
    keywords: keywords.slice(0, LONGEST),
    language: languageOf(page),
    headings: Array.from(page.headings.slice(0, HEADINGS), ({ level, text }) => [level, text.slice(0, 200)] as const),
    phrase,
    ...(file && { also: addressOfFile(file, resolveAddress("/", page.address) ?? page.address) }),
    ...(redirectedFrom.length > 0 && { redirectedFrom }),
    links: packLinks(page),
    fragments: packFragments(page),
    ...alternatesOf(page),
    ids: idsOf(page),
    pictures: packPictures(page),
    shapes: packShapes(page),
    beginning: beginningOf(page),
    words: contentWords(page),
    ...(kind && { kind }),
    ...(robotsOf(page).noindex && { noindex: true }),
    ...(inSitemap && { inSitemap: true }),
  };
}

/** Versions in other languages that a summary keeps. */
const ALTERNATES = 100;

function alternatesOf(page: Page): Pick<PageSummary, "alternates"> {
  const lines = page.headLinks.flatMap(({ rel, hreflang, href }) => {
    const address = rel.includes("alternate") && hreflang && href ? addressOn(page, href) : null;
    return address ? [`${hreflang?.trim()}\t${address}`] : [];
  });
  return lines.length > 0 ? { alternates: lines.slice(0, ALTERNATES).join("\n") } : {};
}

/** The page's ids, each on a line; with an empty line at the end where there are more. */
function idsOf(page: Page): string {
  const all = [...page.ids.map(({ id }) => id), ...page.anchorNames];
  const ids = all.filter((id) => id.length <= LONGEST_ID && !id.includes("\n"));
  return ids.length === all.length && ids.length <= IDS ? ids.join("\n") : `${ids.slice(0, IDS).join("\n")}\n`;
}

const beginnings = new WeakMap<Page["blocks"], string>();

/** The beginning of the content's text, headings apart. */
function beginningOf(page: Page): string {
  let text = beginnings.get(page.blocks);
  if (text === undefined) {
    text = "";
    for (const { block, index } of contentBlocks(page)) {
      if (isHeadingBlock(page, index)) continue;
      text += `${block.text.slice(0, SAID)}\n`;
      if (text.length >= SAID) break;
    }
    text = text.slice(0, SAID);
    beginnings.set(page.blocks, text);
  }
  return text;
}
