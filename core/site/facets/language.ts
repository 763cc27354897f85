import { languageOf } from "../../page/page.ts";
import { plainFacet } from "./facet.ts";

/** BCP 47; "" where the page declares none. */
export const language = plainFacet<string>({ version: 1, sees: ["language"], take: languageOf });
