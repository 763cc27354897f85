import type { Screen } from "../screens";
import { screenOf } from "../screens";

/** What mends findings of a rule on many pages beside their own fixes: another screen, or a pattern. */
export type WayToMend = { screen: Screen } | "pattern";

const PATTERNS = new Set([
  "title/missing",
  "title/brand-missing",
  "title/too-narrow",
  "title/default-words",
  "title/duplicate",
  "title/near-duplicate",
  "description/missing",
  "description/duplicate",
  "description/near-duplicate",
]);

/** Where findings of a rule are mended on many pages at once; null where each is mended on its page. */
export function wayToMend(rule: string): WayToMend | null {
  if (PATTERNS.has(rule)) return "pattern";
  if (rule.startsWith("image/alt-")) return { screen: screenOf("pictures") };
  if (/^heading\/(?:in-|skipped-level|several-h1|looks-like|styled-only)/.test(rule))
    return { screen: screenOf("headings") };
  return null;
}
