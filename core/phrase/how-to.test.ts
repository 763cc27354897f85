import { expect, it } from "vitest";
import { isHowTo } from "./how-to.ts";

// Common practice, no source.
it.each([
  ["How to tie a bowline", "en", true],
  ["How we light the lamp", "", true],
  ["How it all began", "en", false],
  ["Wie man eine Lampe anzündet", "de", true],
  ["Wie die Lampe brennt", "de", false],
  ["Comment nouer un cordage", "fr", true],
  ["Comment les sections sont lues", "fr", false],
  ["Comment policy", "en", false],
  ["Cómo encender la lámpara", "es", true],
  ["Come legare una cima", "it", true],
  ["Come here", "en", false],
  ["Hoe je een touw knoopt", "nl", true],
])("“%s” (%s) says how something is done: %s", (heading, language, expected) => {
  expect(isHowTo(heading, language)).toBe(expected);
});
