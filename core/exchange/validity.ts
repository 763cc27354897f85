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
