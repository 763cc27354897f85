import { type ComponentType, useMemo } from "react";
import type { Asked } from "#core/proposals/all";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { Modal } from "../ui/modal";
import { AskBrand } from "./ask-brand";
import { AskCase } from "./ask-case";
import { AskPattern } from "./ask-pattern";
import { AskReplacement } from "./ask-replacement";
import { ProposalPreview } from "./preview";
import type { QuestionProps } from "./question";

const number = new Intl.NumberFormat("en-GB");

/** Changes of texts that are asked for in a few words. */
export const WAYS = {
  pattern: { title: "Apply a pattern", Question: AskPattern },
  replace: { title: "Find and replace", Question: AskReplacement },
  case: { title: "Change the case", Question: AskCase },
  brand: { title: "Trim a repeated name", Question: AskBrand },
} as const satisfies Record<string, { title: string; Question: ComponentType<QuestionProps> }>;

export type Way = keyof typeof WAYS;

/** A change of many pages: its questions, every page before and after, then one action. */
export function ProposalDialog({
  site,
  pages,
  way,
  of,
  onClose,
}: {
  site: SiteRecord;
  pages: readonly PageRecord[];
  way: Way;
  of?: QuestionProps["of"];
  onClose: (applied: boolean) => void;
}) {
  const { title, Question } = WAYS[way];
  const ids = useMemo(() => pages.map(({ id }) => id), [pages]);
  return (
    <Modal wide open onOpenChange={(open) => !open && onClose(false)} title={title}>
      <div className="mt-4 grid gap-4">
        <Question
          site={site}
          pages={pages}
          {...(of && { of })}
          preview={(asked) => (
            <>
              {asked && "reason" in asked && (
                <p role="alert" className="border-red border-l-4 pl-3">
                  {asked.reason}
                </p>
              )}
              <ProposalPreview
                site={site}
                pages={pages}
                ids={ids}
                asked={asked && !("reason" in asked) ? asked : null}
                label={title}
                onApplied={() => onClose(true)}
                onCancel={() => onClose(false)}
              />
            </>
          )}
        />
      </div>
    </Modal>
  );
}

/** A change of many pages that is asked for elsewhere: every page before and after, then one action. */
export function LookDialog({
  site,
  pages,
  ids,
  asked,
  title,
  description,
  label,
  without,
  onClose,
}: {
  site: SiteRecord;
  /** The pages of the site, to name them. */
  pages: readonly PageRecord[];
  /** Those that are looked at. */
  ids: readonly string[];
  asked: Asked;
  title: string;
  description?: string;
  /** What undo calls it. */
  label: string;
  /** What is told of so many pages that it has nothing for. */
  without?: (pages: number) => string;
  onClose: (applied: boolean) => void;
}) {
  return (
    <Modal
      wide
      open
      onOpenChange={(open) => !open && onClose(false)}
      title={title}
      {...(description !== undefined && { description })}
    >
      <div className="mt-4">
        <ProposalPreview
          site={site}
          pages={pages}
          ids={ids}
          asked={asked}
          label={label}
          {...(without && { without })}
          takesEnter
          onApplied={() => onClose(true)}
          onCancel={() => onClose(false)}
        />
      </div>
    </Modal>
  );
}

/** The fixes of one rule on all pages that have the finding. */
export function FixesDialog({
  finds,
  pages,
  ...rest
}: {
  site: SiteRecord;
  pages: readonly PageRecord[];
  asked: Extract<Asked, { way: "fixes" }>;
  /** What the rule finds, as a sentence. */
  finds: string;
  onClose: (applied: boolean) => void;
}) {
  const ids = useMemo(() => pages.map(({ id }) => id), [pages]);
  return (
    <LookDialog
      {...rest}
      pages={pages}
      ids={ids}
      title="Look at the fixes"
      description={`${finds.charAt(0).toUpperCase()}${finds.slice(1)}.`}
      label={`Fix ${finds.slice(0, 60)}`}
      without={(n) =>
        `${n === 1 ? "1 page has" : `${number.format(n)} pages have`} no fix that can be made without you: open ${n === 1 ? "it" : "them"} to mend it.`
      }
    />
  );
}
