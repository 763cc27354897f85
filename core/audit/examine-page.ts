import type { Finding } from "../findings/finding.ts";
import type { Page } from "../page/page.ts";
import { patternsChangeOn } from "../pattern/follow.ts";
import { type Days, daysAround, EVERY_DAY } from "../settings/days.ts";
import { audit, rulesChangeOn } from "./auditor.ts";
import { expandData } from "./expand.ts";
import { type PageContext, type RedraftedPage, redraftPage } from "./redraft-page.ts";

export interface ExaminedPage extends RedraftedPage {
  findings: Finding[];
  /** The days on which the findings, and the texts of patterns, are these. */
  days: Days;
}

/**
 * Everything that is said of one page, in the one way in which it is worked out: on the pool, in the counts of the house
 * style, when it is brought in and again, and on the command line. The desk does the same in two steps, so that its auditor
 * remembers. Structured data beyond the common part is expanded, in the source and in what the redraft has made of it.
 */
export async function examinePage(original: Page, context: PageContext): Promise<ExaminedPage> {
  const redrafted = await expandedPage(original, context);
  const findings = audit(redrafted.page, redrafted.rules, redrafted);
  return { ...redrafted, findings, days: daysOf(redrafted, context.today) };
}

function daysOf({ page, edits, rules }: RedraftedPage, today: string): Days {
  const turns = [...rulesChangeOn(page, rules), ...patternsChangeOn(edits, today)];
  return turns.length === 0 ? EVERY_DAY : daysAround(today, turns);
}

/** A page as its redraft leaves it, with all of its structured data read, for who runs rules of their own choice. */
export async function expandedPage(original: Page, context: PageContext): Promise<RedraftedPage> {
  await expandData(original);
  const redrafted = redraftPage(original, context);
  if (redrafted.page !== original) await expandData(redrafted.page);
  return redrafted;
}
