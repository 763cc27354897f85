import { again } from "./again";
import { conflicts } from "./conflicts";
import { descriptionCut } from "./description-cut";
import { descriptionDoubled } from "./description-doubled";
import { descriptionNear } from "./description-near";
import { descriptionShort } from "./description-short";
import { gone } from "./gone";
import { leftover } from "./leftover";
import { noDescription } from "./no-description";
import { noPhrase } from "./no-phrase";
import { noTitle } from "./no-title";
import { patterned } from "./patterned";
import { ready } from "./ready";
import { redrafted } from "./redrafted";
import type { Show } from "./show";
import { titleCut } from "./title-cut";
import { titleDoubled } from "./title-doubled";
import { titleNear } from "./title-near";
import { titleShort } from "./title-short";
import { untouched } from "./untouched";

/** The filters of the sentence, in its order. A new one is a file of its own and a name here. */
export const SHOWS = {
  gone,
  conflicts,
  "no-title": noTitle,
  "no-description": noDescription,
  "title-cut": titleCut,
  "description-cut": descriptionCut,
  "title-short": titleShort,
  "description-short": descriptionShort,
  "title-doubled": titleDoubled,
  "description-doubled": descriptionDoubled,
  "title-near": titleNear,
  "description-near": descriptionNear,
  leftover,
  "no-phrase": noPhrase,
  untouched,
  redrafted,
  patterned,
  again,
  ready,
} as const satisfies Record<string, Show>;

export type ShowName = keyof typeof SHOWS;

export const showOf = (name: ShowName): Show => SHOWS[name];

const named = (group: Show["group"]) =>
  (Object.keys(SHOWS) as ShowName[]).filter((name) => showOf(name).group === group);

/** What the site needs; what has been done with it. */
export const NEEDS = named("needs");
export const DONE = named("done");
