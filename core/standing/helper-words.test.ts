import { expect, it } from "vitest";
import { helperWords } from "./helper-words.ts";

const asked = {
  list: [
    { text: "boat hire prices", volume: 900 },
    { text: "cheap boat hire", volume: 90 },
    { text: "price of boat hire", volume: null },
    { text: "bike hire prices", volume: 5000 },
  ],
  sentences: [
    "Boat hire is open from June.",
    "In June the boats for hire are open: hire a boat.",
    "Our boat hire has lamps.",
    "The lamps are open.",
  ],
  language: "en",
  share: (stem: string) => (stem === "open" ? 1 : 0.01),
};

it("words go with a phrase where searches or sentences say both, in any form, and not what stands everywhere", () => {
  const words = helperWords("boat hire", asked);
  expect(words.map(({ text }) => text)).toEqual(["prices", "cheap", "june", "open"]);
  expect(words[0]).toMatchObject({ phrases: 2, volume: 900, sentences: 0 });
  expect(words[2]).toMatchObject({ phrases: 0, sentences: 2 });
  expect(helperWords("boat hire", { ...asked, list: [], sentences: [] })).toEqual([]);
  expect(helperWords("?!", asked)).toEqual([]);
});
