import { describe, expect, it } from "vitest";
import { readRobots, robotsOfAnswer } from "./robots.ts";

const ROBOTS = "https://example.com/robots.txt";
const allows = (text: string, path: string) => readRobots(ROBOTS, 200, text).allows(`https://example.com${path}`);

describe("RFC 9309", () => {
  // Section 5.1, with our product token in place of the example's.
  it("5.1 simple example: a group of one's own counts alone", () => {
    const text = `User-Agent: *
Disallow: *.gif$
Disallow: /example/
Allow: /publications/

User-Agent: KeenQuill
Disallow: *.gif$
Disallow: /private/
`;
    expect(allows(text, "/example/page.html")).toBe(true);
    expect(allows(text, "/private/page.html")).toBe(false);
    expect(allows(text, "/picture.gif")).toBe(false);
    expect(allows(text, "/picture.gif?x")).toBe(true);
  });

  it("5.2 longest match", () => {
    const text = "User-Agent: *\nAllow: /example/page/\nDisallow: /example/page/disallowed.gif\n";
    expect(allows(text, "/example/page/disallowed.gif")).toBe(false);
    expect(allows(text, "/example/page/allowed.gif")).toBe(true);
  });

  it("2.2.2 percent-encoding and an empty rule", () => {
    expect(allows("User-agent: *\nDisallow:\n", "/x")).toBe(true);
    expect(allows("User-agent: *\nDisallow: /foo/bar/%62%61%7A\n", "/foo/bar/baz")).toBe(false);
  });

  it("2.3.1 no such file allows all, an unreachable one nothing", () => {
    expect(readRobots(ROBOTS, 404, "nothing here").allows("https://example.com/x")).toBe(true);
    expect(readRobots(ROBOTS, 503, "").allows("https://example.com/x")).toBe(false);
    expect(readRobots(ROBOTS, null, "").note).toContain("robots.txt");
  });

  it("2.5 reads 500 KiB of a file of 2 MB and says so", () => {
    const long = `User-agent: *\nDisallow: /early\n${"# filler\n".repeat(230_000)}Disallow: /late\n`;
    const robots = readRobots(ROBOTS, 200, long);
    expect(robots.allows("https://example.com/early")).toBe(false);
    expect(robots.allows("https://example.com/late")).toBe(true);
    expect(robots.note).toContain("500 KiB");
  });
});

it("finds sitemaps, also relative ones, and the pace asked for", () => {
  const robots = readRobots(
    ROBOTS,
    200,
    "User-agent: *\nCrawl-delay: 2\nSitemap: /map.xml\nSitemap: https://other.example/s.xml\n",
  );
  expect(robots.sitemaps).toEqual(["https://example.com/map.xml", "https://other.example/s.xml"]);
  expect(robots.delaySeconds).toBe(2);
});

// RFC 9309 2.3.1.3 (unavailable: all may be fetched) and 2.3.1.4 (unreachable: nothing may).
it.each([
  ["timeout", false],
  ["broken-off", false],
  ["unresolvable", true],
  ["too-many-redirects", true],
] as const)("a robots.txt that ends in %s lets pages be fetched: %s", (fault, allowed) => {
  const address = "https://quay.example/robots.txt";
  const robots = robotsOfAnswer(address, { ok: false, fault, address, way: [] }, new Uint8Array());
  expect(robots.allows("https://quay.example/lamp")).toBe(allowed);
});
