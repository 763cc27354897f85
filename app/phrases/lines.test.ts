import { expect, it } from "vitest";
import { keptTogether, type PhraseLine, withoutPlace } from "./lines";

const line = (key: string): PhraseLine => ({
  key,
  text: key,
  record: null,
  targets: [],
  supporting: [],
  standing: null,
  told: null,
});

it("a phrase without its place is what is left, without the words that tied it", () => {
  const without = (key: string) => withoutPlace(key, ["saint ives", "quay"]);
  expect(without("boat trips saint ives")).toBe("boat trips");
  expect(without("things to do in quay")).toBe("things to do");
  expect(without("quay map")).toBe("map");
  expect(without("quays")).toBeNull();
  expect(withoutPlace("boat trips", [""])).toBeNull();
});

it("phrases with a place stand behind the same without it, wherever they were sorted", () => {
  const lines = ["boat trips quay", "lamps", "tea room quay", "boat trips", "boat trips in quay"].map(line);
  expect(keptTogether(lines, ["Quay"]).map(({ key, of }) => (of ? `> ${key}` : key))).toEqual([
    "lamps",
    "tea room quay",
    "boat trips",
    "> boat trips quay",
    "> boat trips in quay",
  ]);
  expect(keptTogether(lines, [])).toEqual(lines);
});
