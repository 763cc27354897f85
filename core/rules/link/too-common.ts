/** A phrase that more than this share of the site's pages say is no reason to link. */
const TOO_COMMON = 1 / 4;
/** Up to so many pages any number of them may say it. */
const SMALL = 8;

/** Whether so many pages of a site say a phrase that its place is no reason to link. */
export const isTooCommon = (saying: number, pages: number): boolean => saying > Math.max(SMALL, pages * TOO_COMMON);
