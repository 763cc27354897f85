import { contentBlocks, isHeadingBlock } from "../../page/body.ts";
import { Collecting, h1Of, pictureOf, type Recogniser, segmentsOf } from "./collecting.ts";
import { bare, labelled } from "./labelled.ts";

const PEOPLE = /^(?:people|team|staff|authors?|crew|about|persons?|profiles?|mitarbeiter|equipe)$/i;
const NAME =
  /^(?:(?:Dr|Prof|Mrs?|Ms|Sir|Dame|Captain)\.?\s+)?\p{Lu}[\p{L}’'-]+(?:\s+(?:\p{Lu}[\p{L}’'.-]*|de|van|von|du|der)){1,4}$/u;
/** Words in capitals that are no names. */
const NO_NAME = /\b(?:our|the|team|people|staff|crew|about|meet|welcome|contact|us)\b/i;

/** A page below “people” or “team” whose H1 is somebody's name. */
export const person: Recogniser = ({ page }) => {
  const h1 = h1Of(page);
  if (
    !h1 ||
    !NAME.test(h1.text) ||
    NO_NAME.test(h1.text) ||
    !segmentsOf(page)
      .slice(0, -1)
      .some((part) => PEOPLE.test(part))
  )
    return null;
  const entity = new Collecting(page);
  entity.set(["mainEntity", "@type"], "Person");
  entity.from(["mainEntity", "name"], h1.text, h1.block);
  const role = labelled(page, /^(?:role|position|job|post|funktion|fonction)$/i);
  const blocks = contentBlocks(page);
  const next = blocks[blocks.findIndex(({ index }) => index === h1.block) + 1];
  if (role) entity.from(["mainEntity", "jobTitle"], bare(role.value), role.block);
  // A short line below the name that is no sentence.
  else if (
    next &&
    next.block.text.length <= 60 &&
    !/[.?!:]$/.test(next.block.text) &&
    !isHeadingBlock(page, next.index)
  )
    entity.from(["mainEntity", "jobTitle"], next.block.text, next.index);
  const picture = pictureOf(page);
  if (picture) entity.set(["mainEntity", "image"], picture);
  const profiles = page.links.filter(({ rel }) => rel?.toLowerCase().split(/\s+/).includes("me"));
  if (profiles.length > 0)
    entity.set(
      ["mainEntity", "sameAs"],
      profiles.map(({ href }) => href),
    );
  const job = (entity.entity.mainEntity as { jobTitle?: string }).jobTitle;
  return entity.proposal("ProfilePage", `a person, ${h1.text}${job ? `, ${job}` : ""}`);
};
