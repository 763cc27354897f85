import { afterEach, describe, expect, it, vi } from "vitest";
import { countPages } from "./progress";

afterEach(() => {
  vi.restoreAllMocks();
  vi.useRealTimers();
  process.stderr.isTTY = undefined as never;
});

describe("the count of pages", () => {
  it("is a line on a terminal, written anew now and then, and gone when it is cleared", () => {
    vi.useFakeTimers({ now: 1_000 });
    process.stderr.isTTY = true as never;
    const write = vi.spyOn(process.stderr, "write").mockReturnValue(true);
    const { done, clear } = countPages(1_200);
    for (let i = 0; i < 5; i++) done();
    vi.advanceTimersByTime(100);
    for (let i = 0; i < 1_000; i++) done();
    vi.advanceTimersByTime(100);
    done();
    clear();
    expect(write.mock.calls.map(([text]) => text)).toEqual([
      "\r1 of 1,200 pages",
      "\r6 of 1,200 pages",
      "\r1,006 of 1,200 pages",
      "\r\u001b[K",
    ]);
  });

  it("is nothing where nobody sees it", () => {
    const write = vi.spyOn(process.stderr, "write").mockReturnValue(true);
    const { done, clear } = countPages(10);
    done();
    clear();
    expect(write).not.toHaveBeenCalled();
  });
});
