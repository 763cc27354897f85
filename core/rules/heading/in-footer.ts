import { inLandmark } from "./in-landmark.ts";

export const headingInFooter = inLandmark(
  "in-footer",
  "contentinfo",
  "the footer",
  "The footer's headings seem to belong to the last part of the content. Labels above lists of links need not be headings.",
);
