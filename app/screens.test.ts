import { existsSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { COLUMN_SETS } from "./pages/columns/sets";
import { NEEDS, SHOWS, type ShowName, showOf } from "./pages/filters/all";
import { besideColumns, linkTo, linkToPage, PAGE_SCREENS, pageScreenOf, SCREENS, screenOf } from "./screens";

const all = [...SCREENS, ...PAGE_SCREENS];

describe("screens", () => {
  it("each have a path and a route module of their own", () => {
    expect(new Set(all.map(({ path }) => path)).size).toBe(all.length);
    for (const { module } of all) expect(existsSync(new URL(module, import.meta.url)), module).toBe(true);
  });

  it("have names and commands that tell them apart, and stand in the rail, on a screen of it, beside columns that there are, or behind the site's name", () => {
    expect(new Set(SCREENS.map(({ command }) => command)).size).toBe(SCREENS.length);
    expect(new Set(SCREENS.map(({ name }) => name)).size).toBe(SCREENS.length);
    for (const { inRail, under, beside, byName, name } of SCREENS) {
      expect(
        [inRail, under, beside, byName].some((one) => one !== undefined),
        name,
      ).toBe(true);
      if (under !== undefined) expect(SCREENS.find(({ path }) => path === under)?.inRail, name).toBe(true);
      if (beside !== undefined) expect(Object.keys(COLUMN_SETS)).toContain(beside);
    }
    expect(besideColumns("bodies").map(({ name }) => name)).toEqual(["Pictures", "Check the HTML"]);
  });

  it("say each key once", () => {
    for (const { keys = [] } of all) expect(new Set(keys.map((one) => one.keys)).size).toBe(keys.length);
    expect(pageScreenOf("desk").keys?.length).toBeGreaterThan(5);
  });

  it("are led to by their paths, whatever stands in an id", () => {
    expect(linkTo({ id: "s" }, screenOf("houseStyle"))).toBe("/sites/s/house-style");
    expect(linkToPage("s", "p")).toBe("/sites/s/pages/p");
    expect(linkToPage("s", "$&", "data")).toBe("/sites/s/pages/$&/data");
  });

  it("name no address of another in their own source", () => {
    // A link that is written out would not follow a path that is changed.
    for (const { module } of all) {
      const source = readFileSync(new URL(module, import.meta.url), "utf8");
      expect(source.match(/`\/sites\/\$\{site\.id\}\/pages\/\$\{/g), module).toBe(null);
    }
  });
});

describe("filters and columns", () => {
  it("say what they show in words for one page and for many", () => {
    for (const name of Object.keys(SHOWS) as ShowName[]) {
      const { told, called } = showOf(name);
      expect([called !== "", told(1) !== "", told(2) !== ""], name).toEqual([true, true, true]);
    }
    expect(NEEDS).toContain("no-title");
  });

  it("begin with the page and end with what was found on it, with columns of their own names", () => {
    for (const { columns } of Object.values(COLUMN_SETS)) {
      const ids = columns.map(({ id }) => id);
      expect([ids[0], ids.at(-1), new Set(ids).size]).toEqual(["name", "findings", ids.length]);
    }
  });
});
