import { describe, expect, it } from "vitest";
import { isQuestion } from "./questions.ts";

// Common practice, no source: how questions begin.
describe("a question", () => {
  it.each([
    ["how to tie a bowline", "en", true],
    ["is the lightship heated", "en", true],
    ["Before you come?", "", true],
    ["灯台船は暖かいですか？", "ja", true],
    ["wie lange dauert ein Besuch", "de", true],
    ["¿cuánto cuesta?", "es", true],
    ["où se trouve le bateau", "fr", true],
    ["lightship museum opening times", "en", false],
    ["what", "en", false],
    ["whatever floats", "en", false],
    ["how to tie a bowline", "", false],
    ["", "en", false],
  ])("%j (%s): %s", (text, language, expected) => {
    expect(isQuestion(text, language)).toBe(expected);
  });
});
