import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const vehicleListing: Feature = {
  id: "vehicle-listing",
  shows: "vehicle with price and mileage",
  types: ["Vehicle"],
  required: [needs("offers.price", "a price", "offers")],
  recommended: [],
  // A price alone is what the price line of a product is made of.
  aims: ["mileageFromOdometer", "vehicleIdentificationNumber", "knownVehicleDamages"],
  retired: "shown no longer since June 2025 (from memory). The price line of a product still is.",
  source: REMEMBERED,
};
