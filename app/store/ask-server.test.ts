import { afterEach, expect, it, vi } from "vitest";
import { askServer } from "./ask-server";

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

it("asks with JSON, and waits its turn where it is put off", async () => {
  vi.useFakeTimers();
  const answers = [
    new Response(null, { status: 503, headers: { "retry-after": "3" } }),
    new Response(null, { status: 503 }),
  ];
  const asked: [string, RequestInit][] = [];
  vi.stubGlobal("fetch", async (path: string, init: RequestInit) => {
    asked.push([path, init]);
    return answers.shift() ?? new Response("done");
  });
  const answer = askServer("/fetch", { address: "https://quay.example/" });
  await vi.advanceTimersByTimeAsync(2_900);
  expect(asked).toHaveLength(1);
  await vi.advanceTimersByTimeAsync(200);
  expect(asked).toHaveLength(2);
  await vi.advanceTimersByTimeAsync(2_000);
  expect(await (await answer).text()).toBe("done");
  expect(asked[2]).toEqual([
    "/fetch",
    {
      method: "POST",
      body: '{"address":"https://quay.example/"}',
      headers: { "content-type": "application/json" },
    },
  ]);
});

it("gives up with whoever asked, and where nobody answers", async () => {
  vi.stubGlobal("fetch", async (_: string, { signal }: RequestInit) => {
    signal?.throwIfAborted();
    throw new TypeError("Failed to fetch");
  });
  await expect(askServer("/fetch", {}, AbortSignal.abort())).rejects.toThrow("aborted");
  await expect(askServer("/fetch", {})).rejects.toThrow("Failed to fetch");
});
