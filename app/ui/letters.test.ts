import { beforeEach, expect, it, vi } from "vitest";
import { changeLetter, keyFor, LETTERS, type Letter, type Letters, switchLetters } from "./letters";
import { remember, remembered } from "./remembered";

beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal("localStorage", {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, text: string) => kept.set(name, text),
    removeItem: (name: string) => kept.delete(name),
  });
  remember("letters", "");
});

it("keys of one sign are the usual ones, and nothing is kept, until they are changed", () => {
  const usual: Letters = { off: false, changed: {} };
  expect((Object.keys(LETTERS) as Letter[]).every((letter) => keyFor(usual, letter) === letter)).toBe(true);
  expect(remembered("letters")).toBe("");
});

it("a letter's work is given to another key, and back", () => {
  expect(changeLetter("j", "Ö")).toBeNull();
  expect(remembered("letters")).toBe("on\njö");
  expect(changeLetter("j", "j")).toBeNull();
  expect(remembered("letters")).toBe("");
});

it("two letters never have one key, and levels of headings keep theirs", () => {
  expect(changeLetter("j", "k")).toMatch(/Previous note.*Change that one first/);
  expect(changeLetter("k", "x")).toBeNull();
  expect(changeLetter("j", "k")).toBeNull();
  for (const key of ["", "3", ",", "+", "ab"]) expect(changeLetter("n", key)).toMatch(/one letter/);
});

it("switched off they stay as they were changed", () => {
  changeLetter("/", "s");
  switchLetters(true);
  expect(remembered("letters")).toBe("off\n/s");
  switchLetters(false);
  expect(remembered("letters")).toBe("on\n/s");
});
