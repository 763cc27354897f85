import type { Expectation, Feature } from "./feature.ts";
import { article } from "./features/article.ts";
import { breadcrumb } from "./features/breadcrumb.ts";
import { claimReview } from "./features/claim-review.ts";
import { course } from "./features/course.ts";
import { courseInformation } from "./features/course-information.ts";
import { dataset } from "./features/dataset.ts";
import { discussion } from "./features/discussion.ts";
import { estimatedSalary } from "./features/estimated-salary.ts";
import { event } from "./features/event.ts";
import { faq } from "./features/faq.ts";
import { howTo } from "./features/how-to.ts";
import { imageLicence } from "./features/image-licence.ts";
import { job } from "./features/job.ts";
import { learningVideo } from "./features/learning-video.ts";
import { localBusiness } from "./features/local-business.ts";
import { lodging } from "./features/lodging.ts";
import { organisation } from "./features/organisation.ts";
import { productForSale } from "./features/product-for-sale.ts";
import { productReview } from "./features/product-review.ts";
import { productVariants } from "./features/product-variants.ts";
import { profile } from "./features/profile.ts";
import { question } from "./features/question.ts";
import { recipe } from "./features/recipe.ts";
import { review } from "./features/review.ts";
import { siteSearchBox } from "./features/site-search-box.ts";
import { software } from "./features/software.ts";
import { specialAnnouncement } from "./features/special-announcement.ts";
import { vehicleListing } from "./features/vehicle-listing.ts";
import { video } from "./features/video.ts";
import { type Entity, textOfValue, type Value } from "./graph.ts";
import { allValuesOf, entitiesOf, type PageData } from "./page-data.ts";
import { isKindOf } from "./vocabulary.ts";

/** The search features that structured data can earn, one file each. */
export const FEATURES: readonly Feature[] = [
  siteSearchBox,
  courseInformation,
  claimReview,
  estimatedSalary,
  learningVideo,
  specialAnnouncement,
  vehicleListing,
  article,
  breadcrumb,
  course,
  dataset,
  discussion,
  event,
  faq,
  howTo,
  imageLicence,
  job,
  localBusiness,
  lodging,
  organisation,
  productForSale,
  productReview,
  productVariants,
  profile,
  question,
  recipe,
  review,
  software,
  video,
];

/** How an entity stands to a feature that is made from its type. */
export interface FeatureState {
  feature: Feature;
  entity: Entity;
  /** What it still needs; nothing where it is earned. */
  missing: Expectation[];
  recommended: Expectation[];
  /** Whether the page wants it; else its publishing system has only named the type. */
  aimed: boolean;
}

const statesOf = new WeakMap<PageData, readonly FeatureState[]>();

/** Which features a page's entities are made for, and what each still lacks. Worked out once for the same data. */
export function featuresOf(data: PageData): readonly FeatureState[] {
  let states = statesOf.get(data);
  if (!states) {
    states = data.roots.flatMap((entity) =>
      featuresFor(entity.types).flatMap((feature) => stateOf(data, entity, feature) ?? []),
    );
    statesOf.set(data, states);
  }
  return states;
}

const byTypes = new Map<string, readonly Feature[]>();
const REMEMBERED = 500;

/** The features that are made from an entity of some types. */
function featuresFor(types: readonly string[]): readonly Feature[] {
  const name = types.join(" ");
  let features = byTypes.get(name);
  if (!features) {
    const isOne = (kinds: readonly string[]) => types.some((type) => kinds.some((one) => isKindOf(type, one)));
    features = FEATURES.filter((feature) => isOne(feature.types) && !isOne(feature.except ?? []));
    if (byTypes.size >= REMEMBERED) byTypes.clear();
    byTypes.set(name, features);
  }
  return features;
}

function stateOf(data: PageData, entity: Entity, feature: Feature): FeatureState | null {
  const asked = (one: Expectation) => one.where === undefined || reaches(data, entity, one.where.split("."));
  // A feature all of whose needs depend on something that is not there is not aimed at.
  if (feature.required.every((one) => one.where !== undefined) && !feature.required.some(asked)) return null;
  const lacks = (list: readonly Expectation[]) => list.filter((one) => asked(one) && !met(data, entity, one));
  const aimed = feature.aims?.some((path) => reaches(data, entity, path.split("."))) ?? true;
  return { feature, entity, missing: lacks(feature.required), recommended: lacks(feature.recommended), aimed };
}

const met = (data: PageData, entity: Entity, { paths, where }: Expectation): boolean =>
  paths.some((path) => reaches(data, entity, path.split("."), where?.split(".").length ?? 0));

const isFilled = (value: Value): boolean =>
  value.kind === "entity" || value.kind === "reference" || textOfValue(value).trim() !== "";

/**
 * Whether a way leads to a value that says something. Behind its first `every` steps it must do so from each entity: every
 * question needs an answer.
 */
function reaches(data: PageData, entity: Entity, path: readonly string[], every = 0): boolean {
  const [step = "", ...rest] = path;
  const values = allValuesOf(data, entity, step).filter(isFilled);
  if (rest.length === 0 || values.length === 0) return values.length > 0;
  const leads = (value: Value) => entitiesOf(data, value).some((one) => reaches(data, one, rest, every - 1));
  return every > 0 ? values.every(leads) : values.some(leads);
}
