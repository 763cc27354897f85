import { statedAddress } from "../../page/page.ts";
import { LONGEST_TEXT, plainFacet } from "./facet.ts";

/** The canonical address that the page states, in full; "" where it states none. */
export const canonical = plainFacet<string>({
  version: 1,
  sees: ["headLinks", "address", "base"],
  take: (page) => (statedAddress(page) ?? "").slice(0, LONGEST_TEXT),
});
