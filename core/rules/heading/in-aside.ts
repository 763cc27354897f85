import { inLandmark } from "./in-landmark.ts";

export const headingInAside = inLandmark(
  "in-aside",
  "complementary",
  "a sidebar",
  "A sidebar's headings are heard under whatever part of the content came last. Many keep them, on the second level; others use none.",
);
