import { type Entity, textOf, valuesOf } from "../../structured-data/graph.ts";
import { entitiesOf, type PageData } from "../../structured-data/page-data.ts";
import { isKindOf } from "../../structured-data/vocabulary.ts";
import { localeOf, type PartReader } from "./part.ts";

/** Kinds that stars are shown for. From memory of search engines’ documentation. */
const STARRED =
  "Product Recipe SoftwareApplication Book Course Event Movie Game MediaObject MusicRecording MusicPlaylist Episode CreativeWorkSeason CreativeWorkSeries HowTo".split(
    " ",
  );
const isOf = (entity: Entity, kinds: readonly string[]) =>
  entity.types.some((type) => kinds.some((kind) => isKindOf(type, kind)));

interface Rating {
  value: number;
  best: number;
  count: number;
}

function ratingOf(data: PageData, entity: Entity): Rating | null {
  for (const value of valuesOf(entity, "aggregateRating")) {
    for (const one of entitiesOf(data, value)) {
      const rating = {
        value: Number(textOf(one, "ratingValue").replace(",", ".") || Number.NaN),
        best: Number(textOf(one, "bestRating") || 5),
        count: Number(textOf(one, "ratingCount") || textOf(one, "reviewCount") || 0),
      };
      if (rating.value > 0 && rating.value <= rating.best) return rating;
    }
  }
  return null;
}

/** Stars, as their number of five, and how many have rated. */
export const rating: PartReader = ({ data, language }) => {
  const number = new Intl.NumberFormat(localeOf(language), { maximumFractionDigits: 1 });
  const inWords = ({ value, best, count }: Rating) => [
    number.format((value / best) * 5),
    count === 1 ? "1 rating" : `${number.format(count)} ratings`,
  ];
  const part = (shown: string[], why: string, needs: string[] = []) => ({
    id: "rating" as const,
    label: "Stars",
    shown,
    why,
    needs,
    tried: shown.length > 0 ? null : [number.format(4.5), "12 ratings"],
  });
  const rated = data.entities.filter((entity) => valuesOf(entity, "aggregateRating").length > 0);
  for (const entity of rated) {
    const known = ratingOf(data, entity);
    const type = entity.types[0] ?? "entity";
    if (!known) return part([], `The rating of its ${type} is no number.`, ["a rating between 1 and its best"]);
    if (!isOf(entity, STARRED))
      return part([], `Stars are not shown for a ${type}: what an organisation states about itself earns none.`);
    if (known.count === 0) return part([], `Its ${type} is rated, but by nobody.`, ["how many have rated"]);
    return part(inWords(known), `Its ${type} states a rating and how many have rated.`);
  }
  return part([], "The page states no rating.", [
    "an aggregateRating of a product, recipe or the like, shown on the page too",
  ]);
};
