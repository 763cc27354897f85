import { blocksUnder, contentBlocks } from "../../page/body.ts";
import type { Page } from "../../page/page.ts";
import { durationIn } from "../../structured-data/times.ts";
import { about, type Collecting, counted, type Recogniser } from "./collecting.ts";
import { bare, labelled } from "./labelled.ts";

const INGREDIENTS = /\bingredients?\b|\bzutaten\b|\bingrédients\b/i;
/** Headings that may be of something else: then most items must say how much. */
const NEEDED = /what (?:goes in|you(?:’ll| will)? need)/i;
const STEPS =
  /method|instruction|how (?:it is|to) (?:cook|make|bake)|steps|preparation|directions|zubereitung|préparation/i;
const TIMES: [name: string, label: RegExp][] = [
  ["prepTime", /^(?:prep(?:aration)?(?: time)?|hands-on time)$/i],
  ["cookTime", /^(?:cook(?:ing)?|bak(?:e|ing))(?: time)?$/i],
  ["totalTime", /^(?:total(?: time)?|time|ready in)$/i],
];

/** The list items under the first heading with one of these words; null where there are fewer than two. */
export function listUnder(page: Page, words: RegExp): readonly number[] | null {
  const heading = page.headings.findIndex(({ text }) => words.test(text));
  const items = (blocksUnder(page).get(heading) ?? []).filter((index) => page.blocks[index]?.tag === "li");
  return heading < 0 || items.length < 2 ? null : items;
}

/** Writes list items as steps. */
export function steps(page: Page, entity: Collecting, name: string, items: readonly number[]): void {
  for (const [n, index] of items.entries()) {
    entity.set([name, n, "@type"], "HowToStep");
    entity.from([name, n, "text"], page.blocks[index]?.text ?? "", index);
  }
}

/** Lists of what goes in and of what is done with it. */
export const recipe: Recogniser = ({ page }) => {
  const entity = about(page, "name");
  const needed = listUnder(page, NEEDED)?.filter((index) => /^[\d½¼¾]/.test(page.blocks[index]?.text ?? "")) ?? [];
  const ingredients = listUnder(page, INGREDIENTS) ?? (needed.length > 1 ? listUnder(page, NEEDED) : null);
  if (!entity || !ingredients) return null;
  for (const [n, index] of ingredients.entries())
    entity.from(["recipeIngredient", n], page.blocks[index]?.text ?? "", index);
  const method = listUnder(page, STEPS);
  if (method) steps(page, entity, "recipeInstructions", method);
  for (const [name, label] of TIMES) {
    const told = labelled(page, label);
    const time = told && durationIn(told.value);
    if (told && time) entity.from([name], time.duration, told.block, time.exact);
  }
  const timed = TIMES.some(([name]) => name in entity.entity);
  for (const { block, index } of timed ? [] : contentBlocks(page)) {
    const time = durationIn(block.text);
    if (!time) continue;
    entity.from(["cookTime"], time.duration, index, time.exact);
    break;
  }
  for (const { block, index } of contentBlocks(page)) {
    const yields = /\b(?:serves|makes|yields?|feeds)(?:\s*:)?\s+((?:about |up to )?[\p{L}\d]+(?: [\p{L}]+)?)/iu.exec(
      block.text,
    );
    if (
      !yields?.[1] ||
      !/^(?:about |up to )?(?:\d|one|two|three|four|five|six|eight|ten|twelve|twenty)/i.test(yields[1])
    )
      continue;
    entity.from(["recipeYield"], bare(yields[1]), index);
    break;
  }
  return entity.proposal(
    "Recipe",
    `${counted(ingredients.length, "ingredient")}${method ? ` and ${counted(method.length, "step")}` : ""}`,
  );
};
