import { addressOn } from "../../page/page.ts";
import { robotsOf } from "../../page/robots-directives.ts";
import { textOf, valuesOf } from "../../structured-data/graph.ts";
import { entitiesOf } from "../../structured-data/page-data.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import type { PartReader } from "./part.ts";

/** Kinds whose picture may stand beside a result. From memory of search engines’ documentation. */
const PICTURED = ["Article", "Product", "Recipe", "Event", "VideoObject", "CreativeWork", "WebPage"];
/** From this width on a picture of the content may be taken, in CSS px. From memory. */
const WIDE = 300;

/** The picture at the side of the result. */
export const picture: PartReader = ({ page, data }) => {
  const part = (address: string | null, why: string, needs: string[] = []) => ({
    id: "picture" as const,
    label: "Picture at the side",
    shown: address ? [address] : [],
    why,
    needs,
    tried: null,
  });
  const { stated } = robotsOf(page);
  if (stated.some(({ name, value }) => name === "max-image-preview" && value === "none"))
    return part(null, "Robots are told to show no picture (max-image-preview:none).");
  if (stated.some(({ name }) => name === "noimageindex"))
    return part(null, "Robots are told not to list its pictures (noimageindex).");
  for (const entity of data.entities) {
    if (!entity.types.some((type) => PICTURED.some((kind) => isKindOf(type, kind)))) continue;
    for (const value of valuesOf(entity, "image")) {
      const [image] = entitiesOf(data, value);
      const address = image
        ? textOf(image, "url") || textOf(image, "contentUrl")
        : value.kind === "text"
          ? value.text
          : value.kind === "reference"
            ? value.id
            : "";
      if (address !== "") return part(addressOn(page, address), `Its ${entity.types[0]} states it as its image.`);
    }
  }
  const open = page.metas.find(({ property }) => property === "og:image")?.content?.trim();
  if (open) return part(addressOn(page, open), "The page states it as og:image.");
  const wide = page.images.find(
    ({ src, width, landmark, silent }) =>
      src && !silent && (landmark === null || landmark === "main" || landmark === "region") && Number(width) >= WIDE,
  );
  if (wide?.src) return part(addressOn(page, wide.src), "It is the first wide picture of its content.");
  return part(null, "The page states no picture, and has no wide one in its content.", [
    "an image of its article or product, or og:image",
  ]);
};
