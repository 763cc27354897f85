import { beforeAll, describe, expect, it } from "vitest";
import { addressOfFile, parseAddress, resolveAddress } from "./address.ts";
import { loadAsciiTable } from "./ascii.ts";
import { slugFrom } from "./propose-slug.ts";
import { slugOf, withSlug } from "./slug.ts";

beforeAll(loadAsciiTable);

describe("resolving references", () => {
  // RFC 3986, 5.4.1 (normal examples) and 5.4.2 (abnormal examples). The WHATWG URL parser ends an empty path with "/"
  // and takes "http:g" as relative to a base of the same scheme, as 5.4.2 allows for backward compatibility.
  it.each([
    ["g:h", "g:h"],
    ["g", "http://a/b/c/g"],
    ["./g", "http://a/b/c/g"],
    ["g/", "http://a/b/c/g/"],
    ["/g", "http://a/g"],
    ["//g", "http://g/"],
    ["?y", "http://a/b/c/d;p?y"],
    ["g?y", "http://a/b/c/g?y"],
    ["#s", "http://a/b/c/d;p?q#s"],
    ["g#s", "http://a/b/c/g#s"],
    ["g?y#s", "http://a/b/c/g?y#s"],
    [";x", "http://a/b/c/;x"],
    ["g;x", "http://a/b/c/g;x"],
    ["", "http://a/b/c/d;p?q"],
    [".", "http://a/b/c/"],
    ["..", "http://a/b/"],
    ["../g", "http://a/b/g"],
    ["../..", "http://a/"],
    ["../../g", "http://a/g"],
    ["../../../g", "http://a/g"],
    ["/../g", "http://a/g"],
    ["g.", "http://a/b/c/g."],
    ["..g", "http://a/b/c/..g"],
    ["./g/.", "http://a/b/c/g/"],
    ["g;x=1/../y", "http://a/b/c/y"],
    ["http:g", "http://a/b/c/g"],
  ])("%j gives %s", (reference, expected) => {
    expect(resolveAddress(reference, "http://a/b/c/d;p?q")).toBe(expected);
  });

  it("gives null for what is no address", () => {
    expect(resolveAddress("http://[", "http://a/")).toBe(null);
  });
});

describe("addresses", () => {
  it("are taken without their scheme, and refused with a reason", () => {
    expect(parseAddress("www.gullhaven.example/visit")).toEqual({ address: "https://www.gullhaven.example/visit" });
    expect(parseAddress("javascript:alert(1)")).toHaveProperty("reason");
    expect(parseAddress("https://")).toHaveProperty("reason");
  });

  it("come from a file's path", () => {
    expect(addressOfFile("visit/index.html", "https://a.example/")).toBe("https://a.example/visit/");
    expect(addressOfFile("index.html", "https://a.example/m")).toBe("https://a.example/m/");
    expect(addressOfFile("a b/c#d?.html", "https://a.example/")).toBe("https://a.example/a%20b/c%23d%3F.html");
    expect(addressOfFile("caf%C3%A9.html", "https://a.example/")).toBe("https://a.example/caf%C3%A9.html");
  });
});

describe("slugs", () => {
  it.each([
    ["https://a.example/", ""],
    ["https://a.example", ""],
    ["https://a.example/visit/times", "times"],
    ["https://a.example/visit/times/?a=1#b", "times"],
  ])("of %s is %j", (address, slug) => {
    expect(slugOf(address)).toBe(slug);
  });

  it("are changed and nothing else of the address is", () => {
    expect(withSlug("https://a.example/visit/times/?a=1#b", "hours")).toBe("https://a.example/visit/hours/?a=1#b");
    expect(withSlug("https://a.example/", "hours")).toBe("https://a.example/");
  });

  it("are made of plain words", () => {
    expect(slugFrom("Ship’s Biscuit & Tea: the café", { language: "en" })).toBe("ships-biscuit-tea-the-cafe");
    expect(slugFrom("The lamp of the ship", { language: "en", dropStopWords: true })).toBe("lamp-ship");
    expect(slugFrom("Музей маяка", { language: "ru" })).toMatch(/^[a-z-]+$/);
  });
});
