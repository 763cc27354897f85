import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { writtenNames } from "../phrase/written-names.ts";
import { type TextChange, textChanger } from "./bulk.ts";
import { fieldEdit } from "./field-edit.ts";

const context = {
  brand: "Gullhaven",
  separator: " | ",
  language: "en",
  names: writtenNames(["By the signal of the Fog, a lamp."], "en"),
};
const change = (how: TextChange, text: string) => {
  const changer = textChanger(how);
  return typeof changer === "function" ? changer(text, context) : changer;
};
const replace = (
  find: string,
  by: string,
  options: Partial<Extract<TextChange, { kind: "replace" }>> = {},
): TextChange => ({
  kind: "replace",
  find,
  by,
  regex: false,
  matchCase: false,
  ...options,
});

describe("find and replace", () => {
  it.each([
    [replace("2023", "2026"), "Prices 2023 and 2023", "Prices 2026 and 2026"],
    [replace("a.c", "x"), "abc a.c", "abc x"],
    [replace("$1", "$&"), "cost $1", "cost $&"],
    [replace("LAMP", "light"), "The lamp", "The light"],
    [replace("LAMP", "light", { matchCase: true }), "The lamp", "The lamp"],
    [replace("(\\w+) & (\\w+)", "$2 and $1", { regex: true }), "Fish & chips", "chips and Fish"],
    [replace("\\s*\\|.*$", "", { regex: true }), "Lamp | Gullhaven", "Lamp"],
    [replace("é", "e"), "café", "cafe"],
  ])("%j", (how, text, result) => {
    expect(change(how, text)).toBe(result);
  });

  it("says what is wrong with an expression", () => {
    expect(change(replace("(", "x", { regex: true }), "a")).toHaveProperty("reason");
    expect(change(replace("", "x"), "a")).toEqual({ reason: "Type what is to be found." });
  });
});

describe("other changes of a text", () => {
  it.each([
    [{ kind: "once-branded" } as const, "Lamp | Gullhaven | Gullhaven", "Lamp | Gullhaven"],
    [{ kind: "once-branded" } as const, "Gullhaven lamp – Gullhaven", "lamp | Gullhaven"],
    [{ kind: "once-branded" } as const, "Lamp | Gullhaven", "Lamp | Gullhaven"],
    [
      { kind: "case", style: "sentence" } as const,
      "The Lamp In The Fog | Gullhaven",
      "The lamp in the Fog | Gullhaven",
    ],
    [{ kind: "case", style: "chicago" } as const, "the lamp in the fog | Gullhaven", "The Lamp in the Fog | Gullhaven"],
  ])("%j", (how, text, result) => {
    expect(change(how, text)).toBe(result);
  });
});

describe("edits of a field", () => {
  const page = readPage("<title>Old</title><h1>Ship</h1>", { address: "https://a.example/visit/ship" });
  it("hold what they replace", () => {
    expect(fieldEdit(page, "title", " New  title ")).toEqual({ op: "set-title", value: "New title", was: "Old" });
    expect(fieldEdit(page, "description", "D", "{title}")).toEqual({
      op: "set-description",
      value: "D",
      was: null,
      pattern: "{title}",
    });
    expect(fieldEdit(page, "slug", "boat")).toEqual({ op: "set-slug", value: "boat", was: "ship" });
    expect(fieldEdit(page, "h1", "Boat")).toMatchObject({ op: "set-heading-text", value: "Boat", was: "Ship" });
  });
  it("say why there are none", () => {
    expect(fieldEdit(readPage("<p>x", { address: "https://a.example/" }), "h1", "x")).toHaveProperty("reason");
    expect(fieldEdit(page, "h1", " ")).toHaveProperty("reason");
  });
});
