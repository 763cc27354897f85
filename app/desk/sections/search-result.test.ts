import { describe, expect, it } from "vitest";
import { DEFAULT_LIMITS } from "#core/settings/house-style";
import { descriptionNotches } from "./search-result";

const names = (text: string, cuts = false) =>
  descriptionNotches(text, cuts, DEFAULT_LIMITS, "").map(({ name, at }) => [name, at > 0 && at <= 640]);

describe("the strokes under a description", () => {
  it("are none where nothing is cut, in one line or in two", () => {
    expect(names("Open daily from ten.")).toEqual([]);
    expect(
      names("Open daily from ten until five, with the last boat at four and tea on deck in fine weather."),
    ).toEqual([]);
  });

  it("stand where each device cuts this text", () => {
    const text = "The lightship is open every day from ten until five, with the last boat at four. ".repeat(3);
    expect(names(text.slice(0, 120))).toEqual([["mobile", true]]);
    expect(names(text, true)).toEqual([
      ["desktop", true],
      ["mobile", true],
    ]);
  });
});
