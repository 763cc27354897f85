import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const imageLicence: Feature = {
  id: "image-licence",
  shows: "licence beside the picture",
  types: ["ImageObject"],
  required: [
    needs("contentUrl"),
    needs(
      ["license", "acquireLicensePage", "creator", "creditText", "copyrightNotice"],
      "a licence, creator, credit or notice of copyright",
    ),
  ],
  recommended: [needs("license"), needs("acquireLicensePage")],
  aims: ["license", "acquireLicensePage", "creator", "creditText", "copyrightNotice"],
  source: REMEMBERED,
};
