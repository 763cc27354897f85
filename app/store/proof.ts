import { inProof, type Proof, type ProofPage, sameInProof } from "#core/exchange/proof";
import type { ProofAnswer, ReturnedProof } from "#core/exchange/returned-proof";
import { groupedBy } from "#core/performance/performance";
import { fieldOf, newValueOf, wasOf } from "#core/rewrite/edits";
import { db } from "./db";
import { allKept } from "./keeping";
import { pageRecord } from "./page-record";
import type { ChangeRecord } from "./records/changes";
import type { SiteRecord } from "./records/sites";
import type { TakeRecord } from "./records/takes";
import { sorted } from "./takes";
import { isPart, transact } from "./transact";

/** A proof of pages, and how many of them had nothing to show. */
export interface GatheredProof {
  proof: Proof;
  without: number;
}

/** Puts a proof of pages together: what was changed on each and what is offered. `languages` are the pages', by their ids. */
export async function gatherProof(
  site: SiteRecord,
  ids: readonly string[],
  languages: Readonly<Record<string, string>>,
): Promise<GatheredProof> {
  await allKept();
  const wanted = new Set(ids);
  const [stored, derived, changes, takes] = await Promise.all([
    db().pages.bulkGet([...wanted]),
    db().derived.bulkGet([...wanted]),
    db()
      .changes.where("pageId")
      .anyOf([...wanted])
      .filter(isPart)
      .toArray(),
    db()
      .takes.where("pageId")
      .anyOf([...wanted])
      .toArray(),
  ]);
  const records = stored.flatMap((own, i) => (own ? [pageRecord(own, derived[i])] : []));
  const changesOf = groupedBy(changes, ({ pageId }) => pageId);
  const takesOf = groupedBy(takes, ({ pageId }) => pageId);
  const pages = records
    .sort((a, b) => a.position - b.position)
    .flatMap((page): ProofPage[] => {
      const own = (changesOf.get(page.id) ?? []).toSorted((a, b) => a.order - b.order);
      const offered = sorted(takesOf.get(page.id) ?? []).filter(({ usedUntil }) => usedUntil === null);
      if (own.length === 0 && offered.length === 0) return [];
      // What is kept of the page for the table may be a moment older than its changes.
      const texts = (read: (edit: ChangeRecord["edit"]) => string) => {
        const of = (op: "set-title" | "set-description", now: string) => {
          const change = own.find(({ edit }) => edit.op === op);
          return change ? read(change.edit) : now;
        };
        return { title: of("set-title", page.title), description: of("set-description", page.description) };
      };
      return [
        {
          address: page.address,
          language: languages[page.id] ?? "",
          phrase: page.phrase,
          was: texts(wasOf),
          is: texts(newValueOf),
          changes: own.map(({ id, edit, reason }) => ({
            id,
            field: fieldOf(edit),
            was: inProof(wasOf(edit)),
            is: inProof(newValueOf(edit)),
            // A take that is in use says why the page says what it says.
            reason: reason || (offered.find((take) => usesOf(take, edit))?.reason ?? ""),
          })),
          takes: offered.map((take) => ({
            id: take.id,
            letter: take.letter,
            title: take.title,
            description: take.description,
            reason: take.reason,
          })),
        },
      ];
    });
  return {
    proof: { site: { id: site.id, name: site.name || site.address }, at: new Date().toISOString(), pages },
    without: wanted.size - pages.length,
  };
}

/** Whether a take has the words that an edit puts onto the page. */
const usesOf = (take: { title: string; description: string }, edit: ChangeRecord["edit"]): boolean =>
  (edit.op === "set-title" && edit.value === take.title) ||
  (edit.op === "set-description" && edit.value === take.description);

/** An answer that could not be taken over, and why. */
export interface NotTaken {
  answer: ProofAnswer;
  why: string;
}

/** What would be taken over of a proof that has come back. */
export interface PlannedAnswers {
  taken: ProofAnswer[];
  not: NotTaken[];
}

const GONE = "The change is not there any more: it was taken back, or the site has taken it over.";
const MOVED_ON = "The words have changed since the proof was made.";
const NO_TAKE = "The take is not there any more.";
const DONE = "It has been taken over already.";

/** Why an answer to a change says nothing of it as it is now; null where it does. */
function whyNot({ is }: Pick<ProofAnswer, "is">, change: ChangeRecord | undefined, siteId: string): string | null {
  if (!change || change.siteId !== siteId || !isPart(change)) return GONE;
  return sameInProof(newValueOf(change.edit), is) ? null : MOVED_ON;
}

const VERDICTS_OF_CHANGES: readonly string[] = ["approved", "sent-back"] satisfies ChangeRecord["state"][];

/** A change as an answer leaves it; the same record if the answer was taken over before. */
function answered(change: ChangeRecord, { verdict, comment }: ProofAnswer, by: string, at: string): ChangeRecord {
  const state = VERDICTS_OF_CHANGES.includes(verdict) ? (verdict as ChangeRecord["state"]) : change.state;
  const said = comment === "" || change.thread.some((one) => one.by === by && one.text === comment);
  if (said && state === change.state) return change;
  return { ...change, state, thread: said ? change.thread : [...change.thread, { by, at, text: comment }] };
}

/** A take as an answer leaves it; the same record if the answer was taken over before. */
function answeredTake(take: TakeRecord, { verdict, comment }: ProofAnswer, by: string): TakeRecord {
  const said = [verdict === "preferred" ? `${by} would rather have it` : "", comment].filter(Boolean).join(": ");
  const reasons = take.reason.split(REASONS);
  return said === "" || reasons.includes(said)
    ? take
    : { ...take, reason: [...reasons, said].filter(Boolean).join(REASONS) };
}

/** Parts the reasons of a take. */
const REASONS = "; ";
const nameOf = (by: string) => by || "somebody";

/** Looks at what has come back: what still speaks of a change as it is now is taken, and the rest listed. */
export async function planAnswers(
  site: SiteRecord,
  returned: ReturnedProof,
): Promise<PlannedAnswers | { reason: string }> {
  const changes = await db().changes.bulkGet(returned.answers.map(({ change }) => change));
  const takes = await db().takes.bulkGet(returned.answers.map(({ take }) => take));
  const plan: PlannedAnswers = { taken: [], not: [] };
  const by = nameOf(returned.by);
  for (const [i, answer] of returned.answers.entries()) {
    const [change, take] = [changes[i], takes[i]];
    const why =
      answer.take === ""
        ? (whyNot(answer, change, site.id) ?? (change && answered(change, answer, by, "") === change ? DONE : null))
        : take?.siteId !== site.id
          ? NO_TAKE
          : answeredTake(take, answer, by) === take
            ? DONE
            : null;
    if (why === null) plan.taken.push(answer);
    else plan.not.push({ answer, why });
  }
  if (plan.taken.length === 0 && returned.siteId !== site.id)
    return { reason: "These are answers to a proof of another site. Open that one, and read them there." };
  return plan;
}

/**
 * Sets what was said of changes and takes: approved or sent back, with comments. One action; returns how many were set.
 * Answers that were taken over before change nothing.
 */
export async function takeAnswers(site: SiteRecord, answers: readonly ProofAnswer[], by: string): Promise<number> {
  let set = 0;
  const at = new Date().toISOString();
  const who = nameOf(by);
  await transact(site.id, "Answers to a proof", async (tx) => {
    set = 0;
    for (const answer of answers) {
      if (answer.take !== "") {
        const take = await tx.get("takes", answer.take);
        const next = take && answeredTake(take, answer, who);
        if (!next || next === take) continue;
        set++;
        await tx.put("takes", next);
        continue;
      }
      const change = await tx.get("changes", answer.change);
      if (!change || whyNot(answer, change, site.id) !== null) continue;
      const next = answered(change, answer, who, at);
      if (next === change) continue;
      set++;
      await tx.put("changes", next);
    }
  });
  return set;
}
