import { describe, expect, it } from "vitest";
import { fileNameOf, freeName, safePath } from "./file-name.ts";
import { unzipPages } from "./unzip.ts";
import { zipFiles } from "./zip.ts";

describe("names of files that are handed over", () => {
  it.each([
    ["../../etc/passwd.html", "etc/passwd.html"],
    ["/etc/x.html", "etc/x.html"],
    ["C:\\Windows\\x.html", "Windows/x.html"],
    ["a\\..\\..\\b.html", "a/b.html"],
    ["c:/x.html", "x.html"],
    ["__proto__/x.html", "___proto__/x.html"],
    ["aux.html", "_aux.html"],
    ["a<b>:c|d?.html", "a_b__c_d_.html"],
    ["dot./space /x.html", "dot/space/x.html"],
    ["./a//b.html", "a/b.html"],
    ["..", ""],
  ])("%s stays within its folder", (path, expected) => {
    expect(safePath(path)).toBe(expected);
  });

  // RFC 3986, 2.1: escapes are bytes, which need not be UTF-8.
  it.each([
    ["https://a.example/caf%E9", "caf%E9.html"],
    ["https://a.example/caf%C3%A9/", "café/index.html"],
    ["https://a.example/", "index.html"],
    ["https://a.example/a%2F..%2F..%2Fb", "a/b.html"],
    ["https://a.example/%00", "_.html"],
    ["nonsense", "nonsense.html"],
  ])("%s makes one", (address, expected) => {
    expect(fileNameOf({ file: "", address }, "html")).toBe(expected);
  });

  it("go into a zip and come out again, each once", async () => {
    const taken = new Set<string>();
    const files = ["__proto__", "a.html", "A.html", "constructor/a.html"].map((file) => ({
      path: freeName(fileNameOf({ file, address: "" }, "html"), taken),
      bytes: new TextEncoder().encode("<h1>x</h1>"),
    }));
    expect(files.map(({ path }) => path)).toEqual(["___proto__", "a.html", "A-2.html", "constructor/a.html"]);
    const back = await unzipPages(zipFiles(files), ["___proto__"]);
    expect("files" in back && back.files.map(({ path }) => path).sort()).toEqual(files.map(({ path }) => path).sort());
  });
});
