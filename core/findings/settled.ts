import type { Finding } from "./finding.ts";

/** The key without the number that tells equal ones apart: which of them it is changes when one is mended. */
const placeOf = ({ key }: Finding) => key.replace(/ #\d+$/, "");

/**
 * What was found before and is mended now. Of several at one place as many are settled as there are fewer now, and none
 * that is still told in the same words.
 */
export function settledBy(before: readonly Finding[], now: readonly Finding[]): Finding[] {
  const open = new Map<string, { left: number; messages: Set<string> }>();
  for (const finding of now) {
    const here = open.get(placeOf(finding)) ?? { left: 0, messages: new Set() };
    here.left++;
    here.messages.add(finding.message);
    open.set(placeOf(finding), here);
  }
  const told: Finding[] = [];
  const reworded: Finding[] = [];
  for (const finding of before) {
    const here = open.get(placeOf(finding));
    if (!here) told.push(finding);
    else if (here.messages.has(finding.message)) here.left--;
    else reworded.push(finding);
  }
  // What is left open at a place is what was found there, in other words.
  const settled = new Set(told);
  for (const finding of reworded) {
    const here = open.get(placeOf(finding));
    if (here && here.left > 0) here.left--;
    else settled.add(finding);
  }
  return before.filter((finding) => settled.has(finding));
}
