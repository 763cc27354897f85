/** As in RFC 2119: what breaks a standard or keeps the page from its work; firm practice; worth a look. */
export type Weight = "must" | "should" | "may";

export const WEIGHTS: readonly Weight[] = ["must", "should", "may"];

/** The heaviest of some weights; “may” of none. */
export const heaviest = (weights: readonly Weight[]): Weight =>
  WEIGHTS.find((weight) => weights.includes(weight)) ?? "may";

/** A threshold that a house style can change. */
export interface NumberSetting {
  type: "number";
  default: number;
  min: number;
  max: number;
  label: string;
}

export type Setting =
  | NumberSetting
  | { type: "choice"; default: string; choices: readonly string[]; label: string }
  | { type: "words"; default: readonly string[]; label: string };

export const px = (value: number, label: string): NumberSetting => ({
  type: "number",
  default: value,
  min: 50,
  max: 4000,
  label,
});
export const count = (value: number, label: string): NumberSetting => ({
  type: "number",
  default: value,
  min: 1,
  max: 10_000,
  label,
});

type SettingValue<S extends Setting> = S extends { type: "number" }
  ? number
  : S extends { type: "choice" }
    ? string
    : readonly string[];
export type SettingsOf<S extends Record<string, Setting>> = { [K in keyof S]: SettingValue<S[K]> };
