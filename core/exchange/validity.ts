import { fingerprint } from "../page/fingerprint.ts";
import { WEIGHTS, type Weight } from "../settings/setting.ts";
import { ENDS_BY_ITSELF, PARSE_ERRORS, REPORTED_BY, SAID_ANEW } from "./validity-words.ts";

/** What HTML validation says of one place of a source. */
export interface ValidityMessage {
  rule: string;
  message: string;
  severity: "error" | "warning";
  /** From 1. */
  line: number;
  column: number;
  /** UTF-16 code units. */
  size: number;
  /** The checker's own documentation of the rule. */
  documentation: string | null;
}

export type ValidityAnswer = { ok: true; messages: ValidityMessage[] } | { ok: false; reason: string };

/** What breaks the parsing of a page or names two things alike weighs most; the rest of the standard next; style least. */
const MUST = new Set([
  "close-order",
  "close-attr",
  "no-dup-attr",
  "no-dup-id",
  "parser-error",
  "unrecognized-char-ref",
  "element-permitted-content",
  "element-permitted-parent",
  "element-required-attributes",
  "void-content",
  "missing-doctype",
  "unexpected-character-in-attribute-name",
  "eof-in-tag",
  "eof-in-comment",
]);

export interface Validity extends ValidityMessage {
  weight: Weight;
  /** The validator's own words, where they are said in ours; null where they stand as they are. */
  original: string | null;
}

/** In our words; null where the validator's do. */
function inOurWords({ rule, message }: ValidityMessage): string | null {
  if (PARSE_ERRORS[rule]) return PARSE_ERRORS[rule];
  for (const [form, ours] of SAID_ANEW[rule] ?? []) {
    const match = form.exec(message);
    if (match) return ours.replace(/\$(\d)/g, (_, n: string) => match[Number(n)] ?? "");
  }
  return null;
}

const FOLLOWS_A_STRAY = new Set(["missing-whitespace-between-attributes", "unexpected-solidus-in-tag", "attr-spacing"]);

/** Whether only an end tag is missing that may be left out, or the page ends over what is said to be open already. */
const leavesOutItsEnd = ({ rule, message }: ValidityMessage) =>
  rule === "close-order" &&
  (ENDS_BY_ITSELF.has(/^Unclosed element '<([^>]+)>'/.exec(message)?.[1] ?? "") ||
    /^End tag '<\/(?:html|body)>' seen/.test(message));

/**
 * What validation found, as it is told: each place once, in order, in our words where the validator's are not for an
 * editor, with the weight that it has among our own findings. Where the validator could not read on, that is said.
 */
export function toldOf(messages: readonly ValidityMessage[]): Validity[] {
  const parseErrors = new Set(messages.filter(({ rule }) => rule in PARSE_ERRORS).map(({ line }) => line));
  const reported = new Set(messages.map(({ rule, line }) => `${rule} ${line}`));
  const strays = new Set(
    messages.filter(({ rule }) => rule === "unexpected-character-in-attribute-name").map(({ line }) => line),
  );
  const told: Validity[] = [];
  const places = new Set<string>();
  for (const one of messages) {
    if (leavesOutItsEnd(one) || reported.has(`${REPORTED_BY[one.rule]} ${one.line}`)) continue;
    // A stray quotation mark makes the parser see more amiss in the same line.
    if (FOLLOWS_A_STRAY.has(one.rule) && strays.has(one.line)) continue;
    const stopped = one.rule === "parser-error";
    // What stands between the tags is told by the standard's own parser; the validator only gives up there.
    if (stopped && parseErrors.has(one.line)) continue;
    const ours = stopped
      ? "The validator could not read on from here: what follows was not checked. Look for a stray sign in a tag."
      : inOurWords(one);
    const message = ours ?? one.message.replace(/^\p{Ll}/u, (first) => first.toUpperCase());
    const place = `${one.line} ${message}`;
    if (places.has(place)) continue;
    places.add(place);
    const weight = stopped || MUST.has(one.rule) ? "must" : one.severity === "error" ? "should" : "may";
    told.push({ ...one, message, original: ours === null ? null : one.message, weight });
  }
  const stop = messages.find(({ rule }) => rule === "parser-error");
  const at = stop && told.findLast(({ rule, line }) => rule in PARSE_ERRORS && line === stop.line);
  if (at) at.message += " What follows could not be checked until this is mended.";
  return told.sort((a, b) => a.line - b.line || a.column - b.column);
}

/** One message about HTML, with every place of which it is said. */
export interface ValidityGroup {
  /** Tells it from the others, and is short. */
  name: string;
  rule: string;
  weight: Weight;
  documentation: string | null;
  /** What is said of each place, and the validator's own words for it. */
  message: string;
  original: string | null;
  pages: { id: string; places: Validity[] }[];
  places: number;
}

/** What checks of many pages found, by equal messages: by weight, then most pages first. */
export function validityGroups(checks: readonly { id: string; messages: readonly Validity[] }[]): ValidityGroup[] {
  const groups = new Map<string, ValidityGroup>();
  for (const { id, messages } of checks) {
    for (const one of messages) {
      const { rule, weight, documentation, message, original } = one;
      const name = fingerprint(`${rule} ${weight} ${message}`);
      const group = groups.get(name) ?? { name, rule, weight, documentation, message, original, pages: [], places: 0 };
      groups.set(name, group);
      group.places++;
      const last = group.pages.at(-1);
      if (last?.id === id) last.places.push(one);
      else group.pages.push({ id, places: [one] });
    }
  }
  const rank = ({ weight }: ValidityGroup) => WEIGHTS.indexOf(weight);
  return [...groups.values()].sort((a, b) => rank(a) - rank(b) || b.pages.length - a.pages.length);
}
