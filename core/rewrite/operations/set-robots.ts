import type { FieldEdit } from "../head-field.ts";
import { setMeta } from "../set-meta.ts";

export interface SetRobots extends FieldEdit {
  op: "set-robots";
}

export const setRobots = setMeta<SetRobots>("set-robots", "robots", ({ fc }) =>
  fc.constant({ op: "set-robots", value: "noindex", was: null }),
);
