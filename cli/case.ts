import { type LetterCase, toCase } from "#core/phrase/letter-case";
import { CommandFault, tell } from "./fault.ts";

/** Prints texts in a named style of capitals, a line each; words that may be names are named. */
export function caseCommand(texts: string[], { style, language }: { style: LetterCase; language: string }): void {
  const several = texts.find((text) => /[\r\n]/.test(text));
  if (several !== undefined)
    throw new CommandFault(`A text is one line; this one has several: “${several.slice(0, 60).replace(/\s+/g, " ")}”`);
  const [unsure, lowered] = [new Set<string>(), new Set<string>()];
  for (const text of texts) {
    const cased = toCase(text, style, { language });
    process.stdout.write(`${cased.text}\n`);
    for (const word of cased.unsure) unsure.add(word);
    for (const word of cased.lowered) lowered.add(word);
  }
  if (unsure.size > 0) tell(`They may be names, and stay as they are: ${[...unsure].join(", ")}.`);
  if (lowered.size > 0) tell(`They may be names, and are written small now: ${[...lowered].join(", ")}.`);
}
