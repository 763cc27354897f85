import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { hostOf, linkTarget, targetOf, targetsFrom } from "./link-target.ts";

const resolved = (reference: string, address: string, base: string | null) => {
  try {
    return linkTarget(new URL(reference, base ?? address).href, hostOf(address));
  } catch {
    return null;
  }
};

describe("where links lead", () => {
  it.each([
    ["https://www.a.example/lamp/index.html", "a.example/lamp"],
    ["https://a.example/lamp.html?oil=1#wick", "a.example/lamp?oil=1"],
    ["https://a.example/", "a.example/"],
    ["mailto:x@a.example", null],
  ])("%s is compared as %s", (address, target) => {
    expect(targetOf(address)).toBe(target);
  });

  const part = fc.constantFrom(
    ..."/ .. . ../ ./ // a lamp index.html .html ? # & = % %2e é | \\ : @ www. https://a.example https://www.a.example http://b.example https://a.example:8080 http://127.0.0.1 http://1 mailto: ~ _ - ' ( [ { ^ < +".split(
      " ",
    ),
    " ",
    "\t",
  );
  const reference = fc.array(part, { maxLength: 6 }).map((parts) => parts.join(""));
  const address = fc.constantFrom(
    "https://a.example/x/y/page.html",
    "https://www.a.example/",
    "http://a.example:8080/x%20y/",
    "http://127.0.0.1/a/b",
  );
  const base = fc.constantFrom(null, "https://a.example/other/", "https://b.example/", "https://a.example/é/x");

  // The URL standard, by Node's own parser.
  it("is what the URL standard reads in a whole address", () => {
    const host = fc
      .array(fc.constantFrom(..."a example www lamp-lit 1 0x1f 1a xn--a 127 B é - --".split(" ")), {
        minLength: 1,
        maxLength: 4,
      })
      .map((parts) => parts.join("."));
    const whole = fc.tuple(fc.constantFrom("http://", "https://", "HTTP://", "ftp://", ""), host, reference);
    const asRead = (address: string) => {
      try {
        const url = new URL(address);
        const own = url.host.replace(/^www\./, "");
        // With a fragment an address is parsed, however plainly the rest is written.
        return [own, linkTarget(`${url.href.replace(/#.*$/s, "")}#`, own)];
      } catch {
        return ["", null];
      }
    };
    fc.assert(
      fc.property(whole, ([scheme, name, rest]) => {
        const address = `${scheme}${name}${rest.startsWith("/") || rest === "" ? rest : `/${rest}`}`;
        expect([hostOf(address), linkTarget(address, hostOf(address))]).toEqual(asRead(address));
      }),
      { numRuns: 20_000 },
    );
  });

  it("is what the URL standard resolves, however they are written", () => {
    fc.assert(
      fc.property(reference, address, base, (written, page, resolvedBy) => {
        expect(targetsFrom(page, resolvedBy)(written)).toBe(resolved(written, page, resolvedBy));
      }),
      { numRuns: 20_000 },
    );
  });
});
