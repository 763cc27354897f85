import type { Page } from "../page/page.ts";
import type { SiteOrganisation } from "../settings/house-style.ts";
import { dataOf } from "../structured-data/page-data.ts";
import { isKindOf } from "../structured-data/vocabulary.ts";
import { article } from "./recognise/article.ts";
import { breadcrumb } from "./recognise/breadcrumb.ts";
import type { Proposal, Recogniser } from "./recognise/collecting.ts";
import { event } from "./recognise/event.ts";
import { howTo } from "./recognise/how-to.ts";
import { itemList } from "./recognise/item-list.ts";
import { jobPosting } from "./recognise/job-posting.ts";
import { localBusiness } from "./recognise/local-business.ts";
import { organisation } from "./recognise/organisation.ts";
import { person } from "./recognise/person.ts";
import { product } from "./recognise/product.ts";
import { questions } from "./recognise/questions.ts";
import { recipe } from "./recognise/recipe.ts";
import { video } from "./recognise/video.ts";

/** What is looked for, those first that say most about a page. */
const RECOGNISERS: readonly Recogniser[] = [
  questions,
  event,
  product,
  recipe,
  jobPosting,
  person,
  howTo,
  article,
  video,
  localBusiness,
  organisation,
  itemList,
  breadcrumb,
];

/** Everything that can be stated of a page from its own content and its site's house style; nothing is made up. */
export function proposalsFor(page: Page, own: SiteOrganisation | null = null): Proposal[] {
  if (page.format === "fields" || page.fault) return [];
  return RECOGNISERS.map((recognise) => recognise({ page, organisation: own })).filter((one) => one !== null);
}

/** What could be stated of a page and is not: of a type that stands in its data already, or a kind of it, nothing. */
export function unstated(page: Page, own: SiteOrganisation | null = null): Proposal[] {
  if (page.format !== "html") return [];
  const { entities } = dataOf(page);
  return proposalsFor(page, own).filter(
    ({ type }) => !entities.some((one) => one.types.some((stated) => isKindOf(stated, type) || isKindOf(type, stated))),
  );
}
