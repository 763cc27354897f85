import type { FieldEdit } from "../head-field.ts";
import { setMeta } from "../set-meta.ts";

export interface SetViewport extends FieldEdit {
  op: "set-viewport";
}

export const setViewport = setMeta<SetViewport>("set-viewport", "viewport", ({ fc }) =>
  fc.constant({ op: "set-viewport", value: "width=device-width", was: null }),
);
