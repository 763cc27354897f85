import type { PageRecord } from "../../store/page-record";
import type { SiteFindings } from "../../store/told-findings";

/** One of the filters that the sentence over the table is made of. */
export interface Show {
  /** What the site needs, or what has been done with it. */
  group: "needs" | "done";
  /** What its pages are called in the queue: “5 pages whose title is too wide”. */
  called: string;
  /** What is told of so many pages in the sentence, behind their number. */
  told: (n: number) => string;
  test: (page: PageRecord, findings: SiteFindings) => boolean;
  /** The site rule whose groups it shows. */
  groupedBy?: string;
}

export const plural = (n: number, one: string, many: string): string => (n === 1 ? one : many);

/** Whether a rule across pages has found something on a page. */
export const foundAcross =
  (rule: string): Show["test"] =>
  (page, findings) =>
    findings.ofPage.get(page.id)?.some(({ group }) => group.rule === rule) ?? false;
