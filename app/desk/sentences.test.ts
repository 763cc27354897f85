import { describe, expect, it } from "vitest";
import { sentences } from "./sentences";

describe("a message", () => {
  it("is parted behind its first sentence", () => {
    expect(sentences("The title is cut. It is 640 px wide.")).toEqual(["The title is cut.", "It is 640 px wide."]);
    expect(sentences("Is it “lit”? Nobody knows.")).toEqual(["Is it “lit”?", "Nobody knows."]);
    expect(sentences("The title is cut")).toEqual(["The title is cut", ""]);
  });

  it("is not parted within what it quotes", () => {
    expect(sentences("Desktop loses “day 10–5. Families £12.”. The description is 1,810 px wide.")).toEqual([
      "Desktop loses “day 10–5. Families £12.”.",
      "The description is 1,810 px wide.",
    ]);
    expect(sentences("Mobile ends at “Open daily. Come aboard”.")).toEqual([
      "Mobile ends at “Open daily. Come aboard”.",
      "",
    ]);
  });
});
