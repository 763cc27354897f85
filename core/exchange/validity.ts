import { WEIGHTS, type Weight } from "../rules/setting.ts";

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
]);

export interface Validity extends ValidityMessage {
  weight: Weight;
}

/** A message with the weight that it has among our own findings. */
export const weighed = (one: ValidityMessage): Validity => ({
  ...one,
  message: one.message.replace(/^\p{Ll}/u, (first) => first.toUpperCase()),
  weight: MUST.has(one.rule) ? "must" : one.severity === "error" ? "should" : "may",
});

/** One rule of HTML that is broken, with every place where it is. */
export interface ValidityGroup {
  rule: string;
  weight: Weight;
  documentation: string | null;
  /** What is said of the first place. */
  message: string;
  pages: { id: string; places: Validity[] }[];
  places: number;
}

/** What checks of many pages found, by the rules that are broken: by weight, then most pages first. */
export function validityGroups(checks: readonly { id: string; messages: readonly Validity[] }[]): ValidityGroup[] {
  const groups = new Map<string, ValidityGroup>();
  for (const { id, messages } of checks) {
    for (const one of messages) {
      const { rule, weight, documentation, message } = one;
      const name = `${rule} ${weight}`;
      const group = groups.get(name) ?? { rule, weight, documentation, message, pages: [], places: 0 };
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
