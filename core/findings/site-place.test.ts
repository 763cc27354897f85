import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { placeOn, type SitePlace, sitePlaceKey } from "./site-place.ts";

const page = readPage(
  `<html lang=en><title>Quay</title><main>
<a href=/lamp.html>The lamp</a><a href="https://elsewhere.example/lamp">Another</a><a href=/lamp#lens>The lens</a>
<img alt src=/i/fog.png role=presentation><img src=/i/fog.png?w=2 alt=Fog><img src=/i/mast.png alt=Mast>
<p>The keeper was here.</p><p>The keeper lit the lamp, and the keeper slept.</p></main>`,
  { address: "https://www.quay.example/start" },
);
const words = ({ part, ...at }: ReturnType<typeof placeOn>) =>
  part === "link" && "index" in at
    ? page.links[at.index]?.text
    : part === "picture" && "index" in at
      ? page.images[at.index]?.alt
      : part === "block" && "index" in at
        ? page.blocks[at.index]?.text.slice(at.words?.start, at.words?.end)
        : part;

describe("a place of which only facets are at hand", () => {
  it.each<[string, SitePlace, string]>([
    ["link to /lamp", { part: "link", to: "/lamp" }, "The lamp"],
    ["link to /lamp#lens", { part: "link", to: "/lamp", fragment: "lens" }, "The lens"],
    ["link to /lamp#", { part: "link", to: "/lamp", fragment: "" }, "markup"],
    ["link to /lamp#mast", { part: "link", to: "/lamp", fragment: "mast" }, "markup"],
    ["link to /fog", { part: "link", to: "/fog" }, "markup"],
    ["picture /i/mast.png", { part: "picture", file: "/i/mast.png" }, "Mast"],
    ["picture /i/fog.png", { part: "picture", file: "/i/fog.png" }, "Fog"],
    ["picture /i/none.png", { part: "picture", file: "/i/none.png" }, "markup"],
    ["block with lit the lamp", { part: "block", holds: "lit the lamp" }, "lit the lamp"],
    ["block with no such words", { part: "block", holds: "no such words" }, "markup"],
    ["title", { part: "title" }, "title"],
  ])("%s", (key, at, expected) => {
    expect(sitePlaceKey(at)).toBe(key);
    expect(words(placeOn(page, at))).toBe(expected);
  });

  it("is found with where it stands in the source", () => {
    const sourceAt = (at: SitePlace) => {
      const { range } = placeOn(page, at);
      return range ? page.source.slice(range.start, range.end) : null;
    };
    expect(sourceAt({ part: "link", to: "/lamp" })).toContain("/lamp.html");
    expect(sourceAt({ part: "picture", file: "/i/mast.png" })).toContain("/i/mast.png");
    expect(sourceAt({ part: "block", holds: "slept" })).toContain("The keeper lit");
    expect(placeOn(page, { part: "link", to: "/fog" })).toEqual({ part: "markup" });
  });
});
