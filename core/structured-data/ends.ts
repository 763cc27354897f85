import { DAY_MS } from "../settings/days.ts";
import { dateOf } from "./formats.ts";
import { type Entity, textOf } from "./graph.ts";

/** Properties that say when something ends. */
export const ENDS: ReadonlySet<string> = new Set(["validThrough", "priceValidUntil", "expires"]);

/** When something that ends on a day or at a time of ISO 8601 is over, in ms; null where the text is neither. A day ends at its midnight. */
export function endAt(text: string): number | null {
  const end = dateOf(text.trim());
  return end === null ? null : end + (/T/i.test(text) ? 0 : DAY_MS);
}

/** Whether an end has passed on a day, YYYY-MM-DD. */
export function isOver(text: string, today: string): boolean {
  const [end, now] = [endAt(text), dateOf(today)];
  return end !== null && now !== null && end <= now;
}

/** Whether an entity says that it holds no longer. */
export const hasEnded = (entity: Entity, today: string): boolean =>
  [...ENDS].some((property) => isOver(textOf(entity, property), today));
