import { expect, it } from "vitest";
import { boundedQueue } from "./queue.ts";

it("does so much at once, lets so much wait, and puts off the rest", async () => {
  const queue = boundedQueue(4, 40);
  const { signal } = new AbortController();
  let [active, most] = [0, 0];
  const work = async () => {
    most = Math.max(most, ++active);
    await new Promise((resolve) => setTimeout(resolve, 1));
    active--;
    return "done";
  };
  const asked = Array.from({ length: 60 }, () => queue.run(work, signal));
  expect(asked.filter((one) => one === null)).toHaveLength(16);
  expect(new Set(await Promise.all(asked.filter((one) => one !== null)))).toEqual(new Set(["done"]));
  expect(most).toBe(4);
  // And goes on.
  expect(await queue.run(work, signal)).toBe("done");
});
