import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const event: Feature = {
  id: "event",
  shows: "dates and place",
  types: ["Event"],
  required: [
    needs("name"),
    needs("startDate"),
    needs(["location.address", "location.name", "location.url", "location"], "a place"),
  ],
  recommended: [
    needs("endDate"),
    needs("description"),
    needs("image"),
    needs("offers.price", "price of its tickets"),
    needs("offers.priceCurrency", "currency of the price", "offers.price"),
    needs("eventStatus"),
    needs("eventAttendanceMode"),
    needs("organizer"),
    needs("performer"),
  ],
  source: REMEMBERED,
};
