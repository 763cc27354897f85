import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const profile: Feature = {
  id: "profile",
  shows: "profile of a person",
  types: ["ProfilePage"],
  required: [needs(["mainEntity.name", "mainEntity.alternateName"], "whose profile it is")],
  recommended: [needs("mainEntity.image"), needs("mainEntity.sameAs"), needs("dateCreated")],
  source: REMEMBERED,
};
