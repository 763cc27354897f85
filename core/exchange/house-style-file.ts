import Joi from "joi";
import { PAGE_KINDS } from "../page/page-kind.ts";
import { parsePattern } from "../pattern/pattern.ts";
import { CATALOGUE } from "../rules/catalogue.ts";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "../settings/house-style.ts";
import type { Setting } from "../settings/setting.ts";
import { WEIGHTS } from "../settings/setting.ts";

function settingSchema(setting: Setting): Joi.Schema {
  if (setting.type === "number") return Joi.number().min(setting.min).max(setting.max);
  if (setting.type === "choice") return Joi.string().valid(...setting.choices);
  return Joi.array().items(Joi.string().max(200)).max(500);
}

const rulesSchema = Joi.object(
  Object.fromEntries(
    [...CATALOGUE.values()].map(({ id, settings }) => [
      id,
      Joi.object({
        on: Joi.boolean(),
        weight: Joi.string().valid(...WEIGHTS),
        settings: Joi.object(
          Object.fromEntries(Object.entries(settings).map(([name, setting]) => [name, settingSchema(setting)])),
        ),
      }),
    ]),
  ),
);

const pattern = Joi.string()
  .allow("")
  .max(500)
  .custom((text: string, helpers) => {
    const parsed = parsePattern(text);
    return "reason" in parsed ? helpers.message({ custom: `{{#label}}: ${parsed.reason}` }) : text;
  });
const patterns = Joi.object({ title: pattern, description: pattern });

const address = Joi.string()
  .uri({ scheme: ["http", "https"] })
  .max(2000);

const wordsSchema = Joi.array().items(Joi.string().max(100)).max(2000).default([]);

/** The shape of a house style, made from the catalogue. */
export const houseStyleSchema = Joi.object({
  version: Joi.number().valid(1).required(),
  brand: Joi.string().allow("").max(200).default(""),
  separator: Joi.string().allow("").max(20).default(DEFAULT_HOUSE_STYLE.separator),
  rules: rulesSchema.default({}),
  patterns,
  data: Joi.object({
    written: Joi.valid("blocks", "graph").default("blocks"),
    organisation: Joi.object({
      type: Joi.string().max(60).default("Organization"),
      name: Joi.string().max(200).required(),
      logo: address,
      profiles: Joi.array().items(address).max(30),
      telephone: Joi.string().max(60),
      email: Joi.string().max(200),
      address: Joi.string().max(300),
    }),
  }),
  names: Joi.object({ always: wordsSchema, never: wordsSchema }),
  kinds: Joi.object(
    Object.fromEntries(Object.keys(PAGE_KINDS).map((kind) => [kind, Joi.object({ rules: rulesSchema, patterns })])),
  ),
});

/** A house style from parsed JSON, or the reason it is none. */
export function checkHouseStyle(value: unknown): { houseStyle: HouseStyle } | { reason: string } {
  const { error, value: checked } = houseStyleSchema.validate(value, { abortEarly: true });
  if (error) return { reason: `This house style cannot be used: ${error.message}.` };
  return { houseStyle: checked as HouseStyle };
}
