import Joi from "joi";
import { RULES } from "./catalogue.ts";
import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "./house-style.ts";
import type { Setting } from "./setting.ts";
import { WEIGHTS } from "./setting.ts";

function settingSchema(setting: Setting): Joi.Schema {
  if (setting.type === "number") return Joi.number().min(setting.min).max(setting.max);
  if (setting.type === "choice") return Joi.string().valid(...setting.choices);
  return Joi.array().items(Joi.string().max(200)).max(500);
}

/** The shape of a house style, made from the catalogue. */
export const houseStyleSchema = Joi.object({
  version: Joi.number().valid(1).required(),
  brand: Joi.string().allow("").max(200).default(""),
  separator: Joi.string().allow("").max(20).default(DEFAULT_HOUSE_STYLE.separator),
  rules: Joi.object(
    Object.fromEntries(
      RULES.map((rule) => [
        rule.id,
        Joi.object({
          on: Joi.boolean(),
          weight: Joi.string().valid(...WEIGHTS),
          settings: Joi.object(
            Object.fromEntries(Object.entries(rule.settings).map(([name, setting]) => [name, settingSchema(setting)])),
          ),
        }),
      ]),
    ),
  ).default({}),
});

/** A house style from parsed JSON, or the reason it is none. */
export function checkHouseStyle(value: unknown): { houseStyle: HouseStyle } | { reason: string } {
  const { error, value: checked } = houseStyleSchema.validate(value, { abortEarly: true });
  if (error) return { reason: `This house style cannot be used: ${error.message}.` };
  return { houseStyle: checked as HouseStyle };
}
