import { describe, expect, it } from "vitest";
import { commonBeginning, faultsOf, parted, UNSAID, withBeginning } from "./addresses";

const page = (path: string, address: string, guess = `https://a.example/${path}`) => ({
  id: path,
  path,
  address,
  guess,
});

describe("pages of equal addresses", () => {
  it("are parted by their files' places", () => {
    const main = page("visit.html", "https://a.example/visit.html");
    const print = page("print/visit.html", "https://a.example/visit.html");
    expect(parted([print, main]).map(({ address, moved }) => [address, moved])).toEqual([
      ["https://a.example/print/visit.html", true],
      ["https://a.example/visit.html", false],
    ]);
  });

  it("are named where nothing parts them", () => {
    const same = ["1", "2"].map((id) => ({ ...page("index.html", "https://a.example/", "https://a.example/"), id }));
    expect(parted(same).map(({ moved }) => moved)).toEqual([false, false]);
    expect([...faultsOf(same)]).toEqual([["2", "The same address as index.html. Give it its own, or leave it out."]]);
  });

  it("that are none are named too, and equal ones before the site has been said", () => {
    expect([...faultsOf([page("a", "nonsense:"), page("b", `${UNSAID}c`), page("c", `${UNSAID}c`)]).keys()]).toEqual([
      "a",
      "c",
    ]);
  });
});

it("finds what all addresses begin with, and changes it in all of them", () => {
  const addresses = ["https://old.example/en/a", "https://old.example/en/b/c"];
  expect(commonBeginning(addresses)).toBe("https://old.example/en/");
  expect(commonBeginning(["https://a.example/x", "https://b.example/x"])).toBe("");
  expect(commonBeginning([`${UNSAID}a`, `${UNSAID}b`])).toBe("");
  expect(addresses.map((one) => withBeginning(one, "https://old.example/en/", "https://new.example"))).toEqual([
    "https://new.example/a",
    "https://new.example/b/c",
  ]);
});
