import type { TextStyle } from "../measure/width.ts";

export type Device = "desktop" | "mobile";

/**
 * Limits of a search result in px. All are common practice: search engines publish none. They are settings of the rules
 * that use them (`title/too-wide` and its like).
 */
export interface ResultLimits {
  titleDesktop: number;
  /** Width of each of the two lines. */
  titleMobile: number;
  /** Over two lines together. */
  descriptionDesktop: number;
  descriptionMobile: number;
}

export const TITLE_SIZE = 20;
export const DESCRIPTION_SIZE = 14;

export const titleStyle = (device: Device): TextStyle => ({
  family: device === "desktop" ? "arimo" : "roboto",
  size: TITLE_SIZE,
});

export const descriptionStyle = (device: Device): TextStyle => ({
  family: device === "desktop" ? "arimo" : "roboto",
  size: DESCRIPTION_SIZE,
});
