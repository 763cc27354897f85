import { expect, it } from "vitest";
import { caughtUp } from "./use-typed";

it("a value that has been reached takes over, but for a letter that came meanwhile", () => {
  expect(caughtUp("lant")("lant")).toBeNull();
  expect(caughtUp("lant")("lante")).toBe("lante");
  expect(caughtUp("lant")(null)).toBeNull();
});
