import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { DEFAULT_LIMITS } from "../settings/house-style.ts";
import { drawnDescription, titlesInstead } from "./instead.ts";

const read = (source: string) => readPage(`<html lang=en>${source}`, { address: "https://quay.example/a" });
const style = { brand: "Quay", separator: " | " };
const titles = (source: string, alike = 0) => titlesInstead(read(source), style, alike).map(({ text }) => text);

describe("what may be shown in the place of a title", () => {
  it("is the H1 where it is missing, stuffed, or that of other pages too", () => {
    expect(titles("<h1>Boat hire</h1>")).toEqual(["Boat hire"]);
    expect(titles("<title>Boats, boats and boat hire | Quay</title><h1>Boat hire</h1>")[0]).toBe("Boat hire");
    expect(titles("<title>Welcome | Quay</title><h1>Boat hire</h1>", 3)[0]).toBe("Boat hire");
    expect(titles("<title>Welcome | Quay</title><h1>Boat hire</h1>")).toEqual(["Welcome"]);
  });

  it("is the title with the site's name, or without it", () => {
    expect(titles("<title>Boat hire</title>")).toEqual(["Boat hire | Quay"]);
    expect(titles("<title>Quay – Boat hire</title>")).toEqual(["Boat hire"]);
    expect(titles("<title>Quay</title>")).toEqual([]);
    expect(titlesInstead(read("<title>Boat hire</title>"), { brand: "", separator: "" }, 0)).toEqual([]);
  });
});

describe("the description that is drawn from the page", () => {
  const page = read(
    "<nav><p>Boat hire is in the menu today.</nav><h2>Boat hire prices are here now.</h2><p>We lie at the old quay. It is far from here.</p><p>See Table 3. Boats are hired by the hour. A deposit is asked for.</p><p>The prices of boat hire are shown on board. They hold all summer.</p>",
  );
  const drawn = (query: string) => drawnDescription(page, query, DEFAULT_LIMITS);

  it("is the sentence that says most of the query, with the next where both are shown; headings and menus aside", () => {
    expect(drawn("boat hire prices")).toEqual({
      text: "The prices of boat hire are shown on board. They hold all summer.",
      words: 3,
      of: 3,
    });
    expect(drawn("deposit")?.text).toBe("A deposit is asked for.");
  });

  it("is what stands first where nothing says any of it, and nothing where there is no text", () => {
    expect(drawn("llama")).toMatchObject({ text: "We lie at the old quay. It is far from here.", words: 0 });
    expect(drawn("")).toMatchObject({ of: 0 });
    expect(drawnDescription(read("<h1>Boats</h1>"), "boats", DEFAULT_LIMITS)).toBeNull();
  });
});
