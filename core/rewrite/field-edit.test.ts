import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { fieldEdit } from "./field-edit.ts";

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
