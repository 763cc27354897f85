import type { TextStyle } from "../measure/width.ts";

export type Device = "desktop" | "mobile";

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

/** The box that a description is set in, in px: on the desktop its own, on mobile the title's. Common practice, no source. */
export const descriptionLine = (device: Device, { titleMobile }: { titleMobile: number }): number =>
  device === "desktop" ? 600 : titleMobile;
