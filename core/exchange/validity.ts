import type { Weight } from "../rules/setting.ts";

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
  weight: MUST.has(one.rule) ? "must" : one.severity === "error" ? "should" : "may",
});
