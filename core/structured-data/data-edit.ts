import type { Edit } from "../rewrite/edits.ts";
import { fingerprint } from "../rewrite/fingerprint.ts";

/** The edit that puts another text in the place of a JSON-LD block. */
export const dataEdit = (was: string, value: string): Edit => ({ op: "set-data", id: fingerprint(was), value, was });
