import type { ReactNode } from "react";
import type { Asked } from "#core/proposals/all";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";

/** What a question about a change of many pages is given, and how it shows what is made of its answer. */
export interface QuestionProps {
  site: SiteRecord;
  pages: readonly PageRecord[];
  /** Shows what is proposed, or why nothing can be. */
  preview: (asked: Asked | { reason: string } | null) => ReactNode;
  /** A house style's own pattern, which spares texts that were written by hand. */
  of?: { field: "title" | "description"; pattern: string };
}
