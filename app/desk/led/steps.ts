import type { Finding } from "#core/findings/finding";
import { placeName } from "#core/findings/place";
import { contentHeadings } from "#core/page/body";
import { fingerprint } from "#core/page/fingerprint";
import type { FoundFor } from "#core/page/found-for";
import { descriptionOf, languageOf, type Page, titleOf } from "#core/page/page";
import { findPhrase } from "#core/phrase/match";
import type { Edit } from "#core/rewrite/edits";
import { passagesOf } from "#core/standing/passages";
import { fewPhrases } from "#core/standing/phrase-list";

/** What is done in a step. */
export type StepKind =
  | "audience"
  | "phrase"
  | "title"
  | "description"
  | "h1"
  | "block"
  | "pictures"
  | "data"
  | "finding"
  | "changes";

/** One thing to do on a page, and why. */
export interface Step {
  /** Remembered when it is passed over; the same while it stands for the same thing. */
  id: string;
  kind: StepKind;
  /** What it is about, as it goes on in “Next: …”. */
  about: string;
  /** A sentence or two. */
  why: string;
  /** Place on the sheet (`data-anchor`), or "" for the whole part. */
  anchor: string;
  /** The part of the sheet, by its id in contents.ts. */
  part: string;
  /** The finding that it settles, where it is one. */
  finding?: Finding;
}

/** What the steps follow from. */
export interface LedBasis {
  page: Page;
  edits: readonly Edit[];
  found: FoundFor;
  /** Open findings, in the order of the page. */
  findings: readonly Finding[];
  /** Types of what the page shows and does not state. */
  unstated: readonly string[];
}

/** Sentences in which the phrase could stand, that are led through. */
const MOST_BLOCKS = 5;
/** Findings that are led through by themselves, the weightiest first. */
const MOST_FINDINGS = 12;
const WEIGHTS = { must: 0, should: 1, may: 2 } as const;

const h1Of = (page: Page) => contentHeadings(page).find(({ heading }) => heading.level === 1);

/** The texts that steps are about as a whole. */
const TEXTS: Partial<Record<StepKind, (page: Page) => string>> = {
  title: titleOf,
  description: descriptionOf,
  h1: (page) => h1Of(page)?.heading.text ?? "",
};

/** What a step is remembered by once it is passed over: of another wording its text is asked about again. */
export function stepId({ kind, id }: Pick<Step, "kind" | "id">, page: Page): string {
  const textOf = TEXTS[kind];
  return textOf ? `${kind} ${fingerprint(textOf(page))}` : id;
}

/** A step among others, as it now is: itself, or the one of its kind at its place if its text has changed. */
export const stepNow = (steps: readonly Step[], { id, kind, anchor }: Step): Step | undefined =>
  steps.find((one) => one.id === id) ?? steps.find((one) => one.kind === kind && one.anchor === anchor);

const quoted = (text: string) => (text.length > 140 ? `“${text.slice(0, 138)}…”` : `“${text}”`);
const messages = (findings: readonly Finding[]) =>
  findings
    .slice(0, 2)
    .map(({ message }) => message)
    .join(" ");

/**
 * What is still to be done on a page, the next first: whom it is for, what it is to be found for, then part by part what has an
 * open finding or has not been touched, and at the end a look over the changes.
 */
export function stepsOf({ page, edits, found, findings, unstated }: LedBasis): Step[] {
  const language = languageOf(page);
  const phrase = found.phrase.trim();
  const steps: Step[] = [];
  const open = findings.filter(({ weight }) => weight !== "may");
  const taken = new Set<Finding>();
  const take = (of: readonly Finding[]) => {
    for (const finding of of) taken.add(finding);
    return of;
  };
  const touched = (op: Edit["op"]) => edits.some((edit) => edit.op === op);

  if (found.audience.of === "everyone")
    steps.push({
      id: "audience",
      kind: "audience",
      about: "whom it is for",
      why: "A page for one place should name it where searchers look. Most pages are for everyone: then pass this over.",
      anchor: "",
      part: "phrases",
    });
  if (phrase === "")
    steps.push({
      id: "phrase",
      kind: "phrase",
      about: "its target phrase",
      why: "Nobody has said what the page is to be found for. All that follows is measured by it.",
      anchor: "",
      part: "phrases",
    });

  for (const [kind, op, text] of [
    ["title", "set-title", titleOf(page)],
    ["description", "set-description", descriptionOf(page)],
  ] as const) {
    const here = take(open.filter(({ at }) => at.part === kind));
    if (here.length === 0 && touched(op)) continue;
    steps.push({
      id: stepId({ kind, id: kind }, page),
      kind,
      about: `the ${kind}`,
      why:
        here.length > 0
          ? messages(here)
          : text === ""
            ? `There is no ${kind} yet.`
            : `Nobody has looked at the ${kind} yet. Choose another, word it, or leave it as it is.`,
      anchor: kind,
      part: "result",
    });
  }

  const h1 = h1Of(page);
  const atH1 = take(open.filter(({ at }) => h1 && at.part === "heading" && at.index === h1.index));
  const lacks = phrase !== "" && h1 && findPhrase(phrase, h1.heading.text, { language }).length === 0;
  if (!h1 || atH1.length > 0 || lacks)
    steps.push({
      id: stepId({ kind: "h1", id: "h1" }, page),
      kind: "h1",
      about: "the H1",
      why: !h1
        ? "The page has no H1."
        : atH1.length > 0
          ? messages(atH1)
          : `${quoted(h1.heading.text)} is the H1, and “${phrase}” is not in it, in any form.`,
      anchor: h1 ? `heading ${h1.index}` : "",
      part: "outline",
    });

  if (phrase !== "") {
    const apart = passagesOf(page, fewPhrases([phrase]).in(language)).filter(
      ({ marks, block, heading }) =>
        page.headings[heading]?.block !== block && marks.every(({ kind }) => kind !== "exact"),
    );
    for (const { sentence, block } of apart.slice(0, MOST_BLOCKS))
      steps.push({
        id: `block ${fingerprint(sentence)}`,
        kind: "block",
        about: "a sentence that nearly says it",
        why: `${quoted(sentence.trim())} has the words of “${phrase}” in another form or apart. It could say the phrase as it is searched.`,
        anchor: `block ${block}`,
        part: "outline",
      });
  }

  const pictures = take(open.filter(({ at }) => at.part === "picture"));
  if (pictures[0])
    steps.push({
      id: `pictures ${pictures.length}`,
      kind: "pictures",
      about: "its pictures",
      why: messages(pictures),
      anchor: placeName(pictures[0].at),
      part: "pictures",
    });
  if (unstated.length > 0)
    steps.push({
      id: `data ${unstated.join(" ")}`,
      kind: "data",
      about: "what it could state as data",
      why: `The page shows ${unstated.length === 1 ? `what could be stated as ${unstated[0]}` : `what could be stated: ${unstated.join(", ")}`}. Search engines can show more of it then.`,
      anchor: "",
      part: "data",
    });

  const left = open
    .filter((finding) => !taken.has(finding))
    .sort((a, b) => WEIGHTS[a.weight] - WEIGHTS[b.weight])
    .slice(0, MOST_FINDINGS);
  for (const finding of left)
    steps.push({
      id: `finding ${finding.rule} ${finding.key}`,
      kind: "finding",
      about: placeName(finding.at),
      why: finding.message,
      anchor: placeName(finding.at),
      part: "",
      finding,
    });
  steps.push({
    id: "changes",
    kind: "changes",
    about: "a look over the changes",
    why: edits.length === 0 ? "Nothing was changed on this page." : "This is what was changed on this page.",
    anchor: "",
    part: "",
  });
  return steps;
}
