import Joi from "joi";
import type { Edit } from "../rewrite/edits.ts";

const key = Joi.object({
  text: Joi.string().allow("").required(),
  id: Joi.string(),
  nth: Joi.number().integer().min(1),
  of: Joi.number().integer().min(1),
  before: Joi.string().allow("", null),
  after: Joi.string().allow("", null),
});
const text = Joi.string().allow("").max(2_000_000);

/** The shape of an edit operation. */
export const editSchema = Joi.alternatives().conditional(".op", {
  switch: [
    ...["set-title", "set-description", "set-canonical", "set-slug"].map((op) => ({
      is: op,
      // biome-ignore lint/suspicious/noThenProperty: Joi's own word
      then: Joi.object({
        op: Joi.string(),
        value: text.required(),
        was: text.allow(null).default(null),
        pattern: text,
      }),
    })),
    {
      is: "set-heading-level",
      // biome-ignore lint/suspicious/noThenProperty: Joi's own word
      then: Joi.object({
        op: Joi.string(),
        heading: key.required(),
        level: Joi.number().integer().min(1).max(6).required(),
        was: Joi.number().default(0),
      }),
    },
    {
      is: "set-heading-text",
      // biome-ignore lint/suspicious/noThenProperty: Joi's own word
      then: Joi.object({ op: Joi.string(), heading: key.required(), value: text.required(), was: text.default("") }),
    },
    {
      is: "remove-heading",
      // biome-ignore lint/suspicious/noThenProperty: Joi's own word
      then: Joi.object({ op: Joi.string(), heading: key.required(), was: text.default("") }),
    },
  ],
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
  return error ? { reason: `${error.message}.` } : (checked as EditFile);
}
