import type { Page } from "../page/page.ts";
import { headingLike } from "./heading-like.ts";
import { repairOutline } from "./repair.ts";

/** Whether something of an outline can be repaired: a level, a heading that is empty, a text that only looks like one. */
export const isUnsound = (page: Page): boolean =>
  repairOutline(page).some((line) => line.edits.length > 0) || headingLike(page).length > 0;
