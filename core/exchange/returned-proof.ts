import { readTable, undefuse } from "./table-file.ts";

/** What somebody has answered to one change, or to a take. */
export interface ProofAnswer {
  /** Id of the change; "" where it is about a take. */
  change: string;
  take: string;
  page: string;
  field: string;
  /** What the change said when the proof was made. */
  is: string;
  verdict: "approved" | "sent-back" | "preferred" | "";
  comment: string;
}

/** A proof that has come back. */
export interface ReturnedProof {
  siteId: string;
  /** Who has answered; "" where no name was given. */
  by: string;
  answers: ProofAnswer[];
}

const VERDICTS = ["approved", "sent-back", "preferred", ""] as const;
const MOST_ANSWERS = 20_000;
const LONGEST = 2000;

/** Largest file of answers: 20,000 of them with a long comment each. */
export const MAX_ANSWER_BYTES = 20 * 1024 * 1024;
export const TOO_LARGE =
  "This file is larger than 20 MB, which no answers to a proof are. Choose the file that was saved at the end of one.";

const NOT_ONE =
  "This is no answer to a proof. Choose the file that was saved at the end of one: answers.json or answers.csv.";

/** Reads the file that was saved at the end of a proof, JSON or CSV; or why it cannot be read. */
export function readReturnedProof(source: Uint8Array): ReturnedProof | { reason: string } {
  if (source.length > MAX_ANSWER_BYTES) return { reason: TOO_LARGE };
  const text = new TextDecoder().decode(source).replace(/^\ufeff/, "");
  const read = text.trimStart().startsWith("{") ? fromJson(text) : fromCsv(source);
  if (!("reason" in read) && read.answers.length === 0) return { reason: "Nothing is answered in it." };
  return read;
}

const textOf = (value: unknown): string => (typeof value === "string" ? value : "");
const verdictOf = (value: unknown): ProofAnswer["verdict"] => VERDICTS.find((one) => one === value) ?? "";

function fromJson(text: string): ReturnedProof | { reason: string } {
  let value: { format?: unknown; version?: unknown; site?: { id?: unknown }; by?: unknown; answers?: unknown } | null;
  try {
    value = JSON.parse(text);
  } catch {
    return { reason: "The file is damaged: it is no JSON. Ask for it once more." };
  }
  if (value?.format !== "keen-quill proof" || !Array.isArray(value.answers)) return { reason: NOT_ONE };
  if (value.version !== 1)
    return { reason: "The answers were made by a newer version of Keen Quill. Bring this one up to date." };
  const answers = (value.answers as Record<string, unknown>[]).slice(0, MOST_ANSWERS).flatMap((one) => {
    if (typeof one !== "object" || one === null) return [];
    return answerOf(one);
  });
  return { siteId: textOf(value.site?.id), by: textOf(value.by).slice(0, 100), answers };
}

function answerOf(one: Record<string, unknown>): ProofAnswer[] {
  const answer: ProofAnswer = {
    change: textOf(one.change),
    take: textOf(one.take),
    page: textOf(one.page),
    field: textOf(one.field),
    is: textOf(one.is),
    verdict: verdictOf(one.verdict),
    comment: textOf(one.comment).trim().slice(0, LONGEST),
  };
  const says = answer.verdict !== "" || answer.comment !== "";
  return says && (answer.change !== "" || answer.take !== "") ? [answer] : [];
}

const COLUMNS = ["proof of", "change", "take", "page", "field", "is", "verdict", "comment", "by"] as const;

function fromCsv(source: Uint8Array): ReturnedProof | { reason: string } {
  const table = readTable(source);
  if ("reason" in table) return table;
  const [head = [], ...rows] = table.rows;
  const at = new Map(COLUMNS.map((name) => [name, head.findIndex((cell) => cell.trim().toLowerCase() === name)]));
  if (["proof of", "change", "verdict"].some((name) => (at.get(name as (typeof COLUMNS)[number]) ?? -1) < 0))
    return { reason: NOT_ONE };
  const cell = (row: readonly string[], name: (typeof COLUMNS)[number]) => undefuse(row[at.get(name) ?? -1] ?? "");
  const [first = []] = rows;
  return {
    siteId: cell(first, "proof of"),
    by: cell(first, "by").slice(0, 100),
    answers: rows
      .slice(0, MOST_ANSWERS)
      .flatMap((row) => answerOf(Object.fromEntries(COLUMNS.map((name) => [name, cell(row, name)])))),
  };
}
