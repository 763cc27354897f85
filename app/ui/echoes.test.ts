import { expect, it } from "vitest";
import { Echoes } from "./echoes";

it("tells what comes back late from what is new, though not each of it comes back", () => {
  const echoes = new Echoes();
  for (const text of ["a", "ab", "abc"]) echoes.send(text);
  expect(echoes.hear("a")).toBe("late");
  // The one between was overtaken.
  expect(echoes.hear("abc")).toBe("last");
  // What comes again without having been sent is a change: an undo.
  expect(echoes.hear("a")).toBe("other");
  // There and back again, of which only the last comes back: then an undo counts.
  for (const text of ["a", "b", "a"]) echoes.send(text);
  expect(echoes.hear("a")).toBe("last");
  expect(echoes.hear("b")).toBe("other");
  echoes.send("x");
  expect(echoes.hear("from another tab")).toBe("other");
  expect(echoes.hear("x")).toBe("other");
});
