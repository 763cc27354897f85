import Joi from "joi";
import { type Edit, newValueOf, OPERATIONS, slotOf } from "../rewrite/edits.ts";
import type { EditSchemas } from "../rewrite/operations/operation.ts";

const key = Joi.object({
  text: Joi.string().allow("").required(),
  id: Joi.string(),
  nth: Joi.number().integer().min(1),
  of: Joi.number().integer().min(1),
  before: Joi.string().allow("", null),
  after: Joi.string().allow("", null),
});
const text = Joi.string().allow("").max(2_000_000);

/** What the schema of each operation is made of. */
const parts: EditSchemas = {
  joi: Joi,
  key,
  text,
  value: text.required(),
  nothing: text.allow(null).default(null),
  id: Joi.string().max(100).required(),
  level: Joi.number().integer().min(1).max(6).required(),
};

/** The shape of an edit operation. */
export const editSchema = Joi.alternatives().conditional(".op", {
  switch: Object.entries(OPERATIONS).map(([op, { schema }]) => ({
    is: op,
    // biome-ignore lint/suspicious/noThenProperty: Joi's own word
    then: Joi.object({ op: Joi.string(), ...schema(parts) }),
  })),
  otherwise: Joi.forbidden().messages({ "any.unknown": "{{#label}} has no known op" }),
});

const fileSchema = Joi.object({
  version: Joi.number().valid(1).required(),
  pages: Joi.array()
    .items(Joi.object({ file: Joi.string().required(), edits: Joi.array().items(editSchema).required() }))
    .required(),
});

export interface EditFile {
  version: 1;
  pages: { file: string; edits: Edit[] }[];
}

/** Reads edit operations from JSON, or says what is wrong with it and where. */
export function parseEditFile(json: string): EditFile | { reason: string } {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch (error) {
    return { reason: `This is no JSON: ${(error as Error).message}.` };
  }
  const { error, value: checked } = fileSchema.validate(value);
  return error ? { reason: `${error.message}.` } : merged(checked as EditFile);
}

/** One entry a file: those that name the same are brought together, unless they want different things of one place. */
function merged({ version, pages }: EditFile): EditFile | { reason: string } {
  const byFile = new Map<string, Edit[]>();
  for (const { file, edits } of pages) {
    const name = file.replaceAll("\\", "/").replace(/^(?:\.\/)+/, "");
    const all = byFile.get(name);
    if (!all) {
      byFile.set(name, [...edits]);
      continue;
    }
    for (const edit of edits) {
      const other = all.find((one) => slotOf(one) === slotOf(edit));
      if (other && JSON.stringify(other) !== JSON.stringify(edit))
        return {
          reason: `${file} stands in more than one entry, and they want different things: ${edit.op} “${newValueOf(other)}” and “${newValueOf(edit)}”. Keep one of them.`,
        };
      if (!other) all.push(edit);
    }
  }
  return { version, pages: Array.from(byFile, ([file, edits]) => ({ file, edits })) };
}
