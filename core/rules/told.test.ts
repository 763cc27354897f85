import { expect, it } from "vitest";
import { toldOf } from "./rule.ts";
import { RULES } from "./rules.generated.ts";
import { TOLD } from "./told.ts";
import { UNREADABLE } from "./unreadable.ts";

it("what is told of the rules is what they say, in their order (npm run generate makes it anew)", () => {
  expect([...TOLD.values()].filter(({ id }) => id !== UNREADABLE)).toEqual(RULES.map(toldOf));
  expect([...TOLD.keys()][0]).toBe(UNREADABLE);
});
