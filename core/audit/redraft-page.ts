import { writtenData } from "../compose/data-edit.ts";
import { FOR_NOTHING, type FoundFor, toldToRules } from "../page/found-for.ts";
import type { Page } from "../page/page.ts";
import { guessKind, type PageKind } from "../page/page-kind.ts";
import { followPatterns } from "../pattern/follow.ts";
import { applyToPage } from "../rewrite/apply.ts";
import type { Edit, Refusal } from "../rewrite/edits.ts";
import type { RuleContext } from "../rules/rule.ts";
import { type HouseStyle, styleForKind } from "../settings/house-style.ts";

/** What is known of a page beside its source. */
export interface PageContext extends Partial<FoundFor> {
  /** The site's: that of the page's kind is made of it. */
  houseStyle: HouseStyle;
  /** The editor's day, as YYYY-MM-DD. */
  today: string;
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

const NO_EDITS: readonly Edit[] = [];

/** Kind → house style of the kind → patterns → redraft: what every keystroke does. */
export function redraftPage(original: Page, context: PageContext): RedraftedPage {
  const { houseStyle, today, chosenKind = null, settled = NO_EDITS } = context;
  const guessedKind = guessKind(original);
  const kind = chosenKind ?? guessedKind;
  const style = styleForKind(houseStyle, kind);
  const edits = followPatterns(original, context.edits ?? NO_EDITS, { houseStyle: style, today });
  const { page, refused } = applyToPage(original, edits);
  const rules = {
    ...toldToRules({ ...FOR_NOTHING, ...context }),
    houseStyle: style,
    today,
    written: writtenData([...settled, ...edits]),
  };
  return { original, guessedKind, kind, edits, page, refused, rules };
}
