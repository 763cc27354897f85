import { readFileSync } from "node:fs";

/** Of this program, as package.json has it. */
export const VERSION: string = JSON.parse(readFileSync(new URL("../../package.json", import.meta.url), "utf8")).version;
