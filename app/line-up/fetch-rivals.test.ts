import { expect, it, vi } from "vitest";
import type { Wanted } from "#core/address/fetch-answer";

const asked: string[] = [];
const ROBOTS = "User-agent: *\nDisallow: /closed\nCrawl-delay: 0.05\n";

vi.mock("../bring-in/fetch-from-server", () => ({
  fetchFromServer: async (address: string, wanted: Wanted) => {
    asked.push(address);
    const bytes = new TextEncoder().encode(wanted === "robots" ? ROBOTS : "<title>x</title>");
    const landed = address.endsWith("/moved") ? address.replace("/moved", "/closed") : address;
    return { answer: { ok: true, status: 200, address: landed, headers: {}, way: [] }, bytes };
  },
}));
vi.mock("../workers/pool", () => ({
  onPool: (run: (worker: object) => Promise<unknown>) =>
    run({ keepRivalPage: async (_: string, address: string) => ({ title: "x", address, description: "" }) }),
}));

const { fetchRivals } = await import("./fetch-rivals");

it("pages of others are fetched as their robots.txt allows, also where they lead, and at its pace", async () => {
  const at = (path: string) => `https://rival.example${path}`;
  const begun = performance.now();
  const done: number[] = [];
  const { results, notes } = await fetchRivals(
    "s",
    [at("/a"), at("/closed"), at("/moved"), at("/b"), "rival.example › c", "no address"],
    {
      onProgress: (n) => done.push(n),
    },
  );
  expect(results.map(({ address }) => address)).toEqual([at("/a"), at("/b"), "rival.example › c"]);
  expect(notes.map((note) => note.split(": ")[0])).toEqual([at("/closed"), at("/moved"), "no address"]);
  expect(asked.filter((address) => address.endsWith("/robots.txt"))).toHaveLength(1);
  expect(asked).not.toContain(at("/closed"));
  expect(asked).toContain(at("/c"));
  expect(performance.now() - begun).toBeGreaterThan(140);
  expect(done).toEqual([0, 1, 2, 3, 4, 5]);
});
