import { writtenData } from "../compose/data-edit.ts";
import type { Finding } from "../findings/finding.ts";
import type { Page } from "../page/page.ts";
import { guessKind, type PageKind } from "../page/page-kind.ts";
import { followPatterns } from "../pattern/follow.ts";
import { applyToPage } from "../rewrite/apply.ts";
import type { Edit, Refusal } from "../rewrite/edits.ts";
import type { RuleContext } from "../rules/rule.ts";
import { type HouseStyle, styleForKind } from "../settings/house-style.ts";
import { audit } from "./auditor.ts";
import { expandData } from "./expand.ts";

/** What is known of a page beside its source. */
export interface PageContext {
  /** The site's: that of the page's kind is made of it. */
  houseStyle: HouseStyle;
  /** The editor's day, as YYYY-MM-DD. */
  today: string;
  /** The target phrase; "" where there is none. */
  phrase?: string;
  /** The kind that the editor chose; null where it is guessed. */
  chosenKind?: PageKind | null;
  /** The redraft. */
  edits?: readonly Edit[];
  /** Edits that the site has taken over: they know where their data came from. */
  settled?: readonly Edit[];
}

/** A page as its redraft leaves it, with what its rules need. */
export interface RedraftedPage {
  original: Page;
  guessedKind: PageKind;
  /** As the editor chose it, or as it is guessed. */
  kind: PageKind;
  /** The redraft, with patterns resolved for the page as it is. */
  edits: readonly Edit[];
  page: Page;
  refused: readonly Refusal[];
  /** What its rules are given: the house style of its kind, the phrase, what was written as structured data. */
  rules: RuleContext;
}

export interface ExaminedPage extends RedraftedPage {
  findings: Finding[];
}

const NO_EDITS: readonly Edit[] = [];

/** Kind → house style of the kind → patterns → redraft: what every keystroke does. */
export function redraftPage(original: Page, context: PageContext): RedraftedPage {
  const { houseStyle, today, phrase = "", chosenKind = null, settled = NO_EDITS } = context;
  const guessedKind = guessKind(original);
  const kind = chosenKind ?? guessedKind;
  const style = styleForKind(houseStyle, kind);
  const edits = followPatterns(original, context.edits ?? NO_EDITS, { houseStyle: style, today });
  const { page, refused } = applyToPage(original, edits);
  const rules = {
    phrase: phrase.trim() || null,
    houseStyle: style,
    today,
    written: writtenData([...settled, ...edits]),
  };
  return { original, guessedKind, kind, edits, page, refused, rules };
}

/**
 * Everything that is said of one page, in the one way in which it is worked out: on the pool, in the counts of the house
 * style, when it is brought in and again, and on the command line. The desk does the same in two steps, so that its auditor
 * remembers. Structured data beyond the common part is expanded, in the source and in what the redraft has made of it.
 */
export async function examinePage(original: Page, context: PageContext): Promise<ExaminedPage> {
  const redrafted = await expandedPage(original, context);
  return { ...redrafted, findings: audit(redrafted.page, redrafted.rules, redrafted) };
}

/** A page as its redraft leaves it, with all of its structured data read, for who runs rules of their own choice. */
export async function expandedPage(original: Page, context: PageContext): Promise<RedraftedPage> {
  await expandData(original);
  const redrafted = redraftPage(original, context);
  if (redrafted.page !== original) await expandData(redrafted.page);
  return redrafted;
}
