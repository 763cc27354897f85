import type { FieldEdit } from "../head-field.ts";
import { setMeta } from "../set-meta.ts";

export interface SetKeywords extends FieldEdit {
  op: "set-keywords";
}

export const setKeywords = setMeta<SetKeywords>("set-keywords", "keywords", ({ value }) =>
  value.map((one) => ({ op: "set-keywords", value: one, was: null })),
);
