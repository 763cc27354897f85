import { pathOf } from "#core/address/address";
import { countColumn } from "./count-column";

export const segments = countColumn(
  "segments",
  "Segments in the address",
  ({ address }) => pathOf(address).split(/[/?]/).filter(Boolean).length,
  "minmax(110px,0.8fr)",
);
