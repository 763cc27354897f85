import { localDay } from "#core/rules/today";

/** The editor's day. */
export const today = () => localDay();
