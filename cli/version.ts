import { version } from "../package.json" with { type: "json" };

/** Of this program, as package.json has it. */
export const VERSION: string = version;
