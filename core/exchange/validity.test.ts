import { expect, it } from "vitest";
import { toldOf, validityGroups } from "./validity.ts";

const said = (message: string, line = 1) => ({
  rule: "attribute-allowed-values",
  message,
  severity: "error" as const,
  line,
  column: 1,
  size: 1,
  documentation: null,
});

it("groups equal messages only, those of most pages first", () => {
  const checks = ["1255", "utf8", "1255"].map((charset, i) => ({
    id: String(i),
    messages: toldOf([said(`Attribute "charset" has invalid value "${charset}"`), said("Another one", 2)]),
  }));
  const groups = validityGroups(checks);
  expect(
    groups.map(({ message, pages, places }) => [message.includes("1255"), pages.map(({ id }) => id), places]),
  ).toEqual([
    [false, ["0", "1", "2"], 3],
    [true, ["0", "2"], 2],
    [false, ["1"], 1],
  ]);
  expect(new Set(groups.map(({ name }) => name)).size).toBe(3);
});
