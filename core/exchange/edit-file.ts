import Joi from "joi";
import { type Edit, newValueOf, slotOf } from "../rewrite/edits.ts";

const key = Joi.object({
  text: Joi.string().allow("").required(),
  id: Joi.string(),
  nth: Joi.number().integer().min(1),
  of: Joi.number().integer().min(1),
  before: Joi.string().allow("", null),
  after: Joi.string().allow("", null),
});
const text = Joi.string().allow("").max(2_000_000);

const nothing = text.allow(null).default(null);
const id = Joi.string().max(100).required();
const level = Joi.number().integer().min(1).max(6).required();
const value = text.required();

const newBlock = Joi.object({
  tag: Joi.valid("p", "li", "h1", "h2", "h3", "h4", "h5", "h6", "links").required(),
  text: text.required(),
  links: Joi.array().items(Joi.object({ href: text.required(), text: text.required() })),
});

const evidence = Joi.object({
  pointer: text.required(),
  exact: text.required(),
  before: text.required(),
  after: text.required(),
  heading: text.required(),
});

/** What each edit operation holds beside its name. */
const FIELDS: Record<Edit["op"], Joi.SchemaMap> = {
  "set-title": { value, was: nothing, pattern: text },
  "set-description": { value, was: nothing, pattern: text },
  "set-canonical": { value, was: nothing },
  "set-slug": { value, was: nothing },
  "set-heading-level": { heading: key.required(), level, was: Joi.number().default(0) },
  "set-heading-text": { heading: key.required(), value, was: text.default("") },
  "remove-heading": { heading: key.required(), was: text.default(""), as: Joi.valid("div") },
  "make-heading": { block: key.required(), level, was: text.default("") },
  "merge-headings": {
    headings: Joi.array().items(key).min(2).required(),
    separator: text.default(" "),
    level,
    was: text.default(""),
  },
  "set-heading-id": { heading: key.required(), value, was: nothing },
  "set-block-text": { block: key.required(), value, was: text.default(""), plain: Joi.valid(true) },
  "remove-block": { block: key.required(), was: text.default("") },
  "move-block": { block: key.required(), to: key.required(), before: Joi.boolean().required(), was: text.default("") },
  "insert-blocks": {
    id,
    at: key.required(),
    before: Joi.boolean().required(),
    blocks: Joi.array().items(newBlock).min(1).required(),
    was: nothing,
  },
  "edit-source": { id, before: text.required(), after: text.required(), value, was: text.required() },
  "set-alt": { picture: key.required(), value, was: nothing },
  "set-link-text": { link: key.required(), value, was: text.default("") },
  "set-link-title": { link: key.required(), value, was: nothing },
  "set-language": { value, was: nothing },
  "set-robots": { value, was: nothing },
  "set-keywords": { value, was: nothing },
  "set-viewport": { value, was: nothing },
  "add-to-head": { id, value, was: nothing },
  "remove-markup-data": { value: Joi.valid("").default(""), was: text.default("") },
  "set-data": {
    id,
    value,
    was: nothing,
    evidence: Joi.array().items(evidence),
    of: Joi.number().integer().min(2),
  },
};

/** The shape of an edit operation. */
export const editSchema = Joi.alternatives().conditional(".op", {
  switch: Object.entries(FIELDS).map(([op, fields]) => ({
    is: op,
    // biome-ignore lint/suspicious/noThenProperty: Joi's own word
    then: Joi.object({ op: Joi.string(), ...fields }),
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
