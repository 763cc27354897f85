import { inLandmark } from "./in-landmark.ts";

export const headingInNavigation = inLandmark(
  "in-navigation",
  "navigation",
  "the navigation",
  "Menu items are not headings. Some label each group of links by a heading so that listeners can jump there; a name on the nav element does that without changing the outline.",
);
