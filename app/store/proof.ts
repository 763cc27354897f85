import { inProof, type Proof, type ProofPage } from "#core/exchange/proof";
import type { ProofAnswer, ReturnedProof } from "#core/exchange/returned-proof";
import { groupedBy } from "#core/performance/performance";
import { fieldOf, newValueOf, wasOf } from "#core/rewrite/edits";
import { db } from "./db";
import { allKept } from "./keeping";
import { pageRecord } from "./page-record";
import type { ChangeRecord } from "./records/changes";
import type { SiteRecord } from "./records/sites";
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

/** Why an answer to a change says nothing of it as it is now; null where it does. */
function whyNot({ is }: Pick<ProofAnswer, "is">, change: ChangeRecord | undefined, siteId: string): string | null {
  if (!change || change.siteId !== siteId || !isPart(change)) return GONE;
  // A cell of a spreadsheet has lost its outer spaces.
  return inProof(newValueOf(change.edit)).trim() === is.trim() ? null : MOVED_ON;
}

/** Looks at what has come back: what still speaks of a change as it is now is taken, and the rest listed. */
export async function planAnswers(
  site: SiteRecord,
  returned: ReturnedProof,
): Promise<PlannedAnswers | { reason: string }> {
  const changes = await db().changes.bulkGet(returned.answers.map(({ change }) => change));
  const takes = await db().takes.bulkGet(returned.answers.map(({ take }) => take));
  const plan: PlannedAnswers = { taken: [], not: [] };
  for (const [i, answer] of returned.answers.entries()) {
    const why =
      answer.take === "" ? whyNot(answer, changes[i], site.id) : takes[i]?.siteId === site.id ? null : NO_TAKE;
    if (why === null) plan.taken.push(answer);
    else plan.not.push({ answer, why });
  }
  if (plan.taken.length === 0 && returned.siteId !== site.id)
    return { reason: "These are answers to a proof of another site. Open that one, and read them there." };
  return plan;
}

/** Sets what was said of changes and takes: approved or sent back, with comments. One action. How many were set. */
export async function takeAnswers(site: SiteRecord, answers: readonly ProofAnswer[], by: string): Promise<number> {
  let set = 0;
  const at = new Date().toISOString();
  const who = by || "somebody";
  await transact(site.id, "Answers to a proof", async (tx) => {
    set = 0;
    for (const { change: id, take, verdict, comment, is } of answers) {
      if (take !== "") {
        await tx.update("takes", take, (was) => {
          set++;
          const said = [verdict === "preferred" ? `${who} would rather have it` : "", comment]
            .filter(Boolean)
            .join(": ");
          return { ...was, reason: [was.reason, said].filter(Boolean).join("; ") };
        });
        continue;
      }
      const change = await tx.get("changes", id);
      if (!change || whyNot({ is }, change, site.id) !== null) continue;
      set++;
      await tx.put("changes", {
        ...change,
        state: verdict === "approved" || verdict === "sent-back" ? verdict : change.state,
        thread: comment === "" ? change.thread : [...change.thread, { by: who, at, text: comment }],
      });
    }
  });
  return set;
}
