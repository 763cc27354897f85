import { expect, it } from "vitest";
import { isStopWord } from "./stop-words.ts";

/** Articles and the like, which are closed classes, with the commonest prepositions: as any grammar has them, from memory. */
const CLOSED: Record<string, string> = {
  cy: "y yr a ac i o am ar",
  de: "der die das den dem des ein eine einen einem einer eines und oder in im am zum zur auf aus bei von vom mit für über um ist sind",
  en: "a an the this that these those and or of in on at to for from by with into is are was were be",
  es: "el la los las un una y e o u de del a al en con por para es",
  fr: "le la les l un une du de des d et ou à au aux en dans par pour sur avec est",
  it: "il lo la i gli le un una uno e o di del della dei delle a al alla da in con per su è",
  nl: "de het een en of in op aan van voor met te tot uit bij is",
  pt: "o a os as um uma e ou de do da dos das em no na nos nas ao por para com é",
  sv: "en ett den det de och i på av till från för med om är",
};

it.each(Object.entries(CLOSED))("%s: articles and common prepositions carry no subject", (language, words) => {
  const missing = words.split(" ").filter((word) => !isStopWord(word, language));
  expect(missing).toEqual([]);
});

it("words that a page may be about carry one, in their own language and where another has no such word", () => {
  for (const word of ["open", "home", "lamp", "die", "des"]) expect(isStopWord(word, "en"), word).toBe(false);
  for (const word of ["offen", "haus", "the", "and"]) expect(isStopWord(word, "de"), word).toBe(false);
});

it("a language is known by its first two letters, and a word with its diacritics or without", () => {
  expect([isStopWord("the", "en-GB"), isStopWord("the", "EN"), isStopWord("the", ""), isStopWord("the", "xx")]).toEqual(
    [true, true, false, false],
  );
  expect([isStopWord("über", "de"), isStopWord("uber", "de"), isStopWord("à", "fr")]).toEqual([true, true, true]);
});
