import { describe, expect, it } from "vitest";
import { DEFAULT_LIMITS } from "../settings/house-style.ts";
import { lackingWords, movePlace, openingWords, readPlaces, sharedWords, standingOrder, traitsOf } from "./line-up.ts";

const result = (title: string, description = "") => ({ title, address: "https://a.example/", description });

describe("a line-up", () => {
  it("has the page's own result at the places that were named, and at its end where there are too few others", () => {
    const others = [result("a"), result("b")];
    const own = [1, 3, 9].map((at) => ({ at, take: String(at) }));
    const order = standingOrder({ others, places: own }).map((one) =>
      "yours" in one ? one.yours.take : (others[one.other]?.title ?? ""),
    );
    expect(order).toEqual(["1", "a", "3", "b", "9"]);
    expect(standingOrder({ others: [], places: [] })).toEqual([]);
  });

  it("moves one of them; what stood there of its own goes where it came from", () => {
    const own = [
      { at: 1, take: "a" },
      { at: 4, take: "b" },
    ];
    expect(movePlace(own, 1, 2)).toEqual([
      { at: 2, take: "a" },
      { at: 4, take: "b" },
    ]);
    expect(movePlace(own, 1, 4)).toEqual([
      { at: 1, take: "b" },
      { at: 4, take: "a" },
    ]);
  });

  it("reads places however they are written, and says what is wrong", () => {
    expect(readPlaces("1st, 4th and 7th, 4")).toEqual({ places: [1, 4, 7] });
    expect(readPlaces("first")).toMatchObject({ reason: expect.stringContaining("1, 4 and 7") });
    expect(readPlaces("0")).toMatchObject({ reason: expect.stringContaining("0 is none") });
  });

  it("tells what titles do", () => {
    const of = (title: string, brand?: string) =>
      traitsOf(title, {
        phrase: "boat hire",
        language: "en",
        limits: DEFAULT_LIMITS,
        ...(brand === undefined ? {} : { brand }),
      });
    expect(of("14 boats to board (2026 times)")).toMatchObject({
      numbers: ["14"],
      years: ["2026"],
      brand: "",
      question: false,
    });
    expect(of("Boat hire - Harbour Trust")).toMatchObject({ brand: "Harbour Trust", phraseFirst: true });
    expect(of("Where is boat hire cheap?")).toMatchObject({ question: true, phraseFirst: false });
    expect(of("Boats | Quay", "Quay").brand).toBe("Quay");
    expect(of("Boats | Other", "Quay").brand).toBe("");
    expect(openingWords("Is the lightship open today?", "en")).toEqual({
      opening: "Is the lightship",
      rest: " open today?",
    });
  });

  it("names the words that the others share and one's own texts lack", () => {
    const others = [
      result("Visit the boats", "Closed on Monday."),
      result("Plan your visits", "Closed in winter."),
      result("Boats", "x"),
    ];
    const shared = sharedWords(others, "en");
    expect(shared.map(({ text, of }) => [text, of])).toEqual([
      ["boats", 2],
      ["closed", 2],
      ["visit", 2],
    ]);
    expect(lackingWords(shared, ["A boat for hire"], "en").map(({ text }) => text)).toEqual(["closed", "visit"]);
  });
});
