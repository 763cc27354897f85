import { contentWords } from "../../page/body.ts";
import { plainFacet } from "./facet.ts";

/** Words of the content. */
export const words = plainFacet<number>({ version: 1, sees: ["blocks", "language"], take: contentWords });
