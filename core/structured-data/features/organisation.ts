import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const organisation: Feature = {
  id: "organisation",
  shows: "name and logo",
  types: ["Organization"],
  except: ["LocalBusiness"],
  required: [needs("name")],
  recommended: [needs("logo"), needs("url"), needs("sameAs"), needs("address"), needs("contactPoint")],
  aims: ["logo", "sameAs", "address", "contactPoint"],
  source: REMEMBERED,
};
