import { contentWords } from "./body.ts";
import { canonicalOf, languageOf, type Page, statedAddress } from "./page.ts";
import { PAGE_KINDS, type PageKind } from "./page-kind.ts";
import { robotsOf } from "./robots-directives.ts";

/** What a part of the sentence is about. */
export type About =
  | "kind"
  | "language"
  | "words"
  | "headings"
  | "links"
  | "pictures"
  | "data"
  | "listing"
  | "canonical";

/** A part of the sentence, and what stands before it. */
export interface SentencePart {
  before: string;
  text: string;
  about: About;
}

const number = new Intl.NumberFormat("en-GB");
const languages = new Intl.DisplayNames("en", { type: "language", fallback: "none" });

const many = (n: number, one: string) => (n === 0 ? `no ${one}` : `${number.format(n)} ${n === 1 ? one : `${one}s`}`);

/** The name of a page's language in English, or its tag where it has none; "" where the page states no language. */
export function languageName(page: Page): string {
  const tag = languageOf(page);
  try {
    return (tag && languages.of(tag)) || tag;
  } catch {
    return tag;
  }
}

/** A page in one sentence: “A visit page in English: 141 words, 6 headings with one H1, 7 links…”. */
export function inASentence(page: Page, kind: PageKind): SentencePart[] {
  const called = kind === "other" ? "page" : PAGE_KINDS[kind].one;
  const h1s = page.headings.filter(({ level }) => level === 1).length;
  const parts: SentencePart[] = [
    { before: /^[aeiou]/.test(called) ? "An " : "A ", text: called, about: "kind" },
    { before: " in ", text: languageName(page) || "no stated language", about: "language" },
    { before: ": ", text: many(contentWords(page), "word"), about: "words" },
    {
      before: ", ",
      text: `${many(page.headings.length, "heading")}${page.headings.length > 0 ? ` with ${h1s === 1 ? "one H1" : many(h1s, "H1")}` : ""}`,
      about: "headings",
    },
    { before: ", ", text: many(page.links.length, "link"), about: "links" },
    { before: ", ", text: many(page.images.length, "picture"), about: "pictures" },
  ];
  if (page.format !== "html") return parts;
  const stated = statedAddress(page);
  parts.push(
    {
      before: ", ",
      text: page.data.length === 0 ? "no structured data" : many(page.data.length, "block").concat(" of JSON-LD"),
      about: "data",
    },
    { before: "; it ", text: robotsOf(page).noindex ? "may not be listed" : "may be listed", about: "listing" },
    canonicalOf(page) === null
      ? { before: ", and it ", text: "has no canonical", about: "canonical" }
      : {
          before: ", and its ",
          text: stated === page.address.replace(/#.*$/s, "") ? "canonical is itself" : "canonical is another address",
          about: "canonical",
        },
  );
  return parts;
}
