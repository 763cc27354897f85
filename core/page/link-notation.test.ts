import fc from "fast-check";
import { expect, it } from "vitest";
import { hrefLike, hrefOn } from "./link-notation.ts";
import { readPage } from "./read.ts";

const read = (links: string, head = "") =>
  readPage(`${head}<p>${links}`, { address: "https://quay.example/visit/here.html" });
const links = (...hrefs: string[]) => hrefs.map((href) => `<a href="${href}">x</a>`).join(" ");
const LAMP = "https://quay.example/lamp";

it.each([
  ["from the root where there are no other links", "", "/lamp"],
  ["from the root as the others", links("/a", "/b", "c.html"), "/lamp"],
  ["from the page as the others", links("there.html", "../boats/", "/c"), "../lamp"],
  ["in full as the others", links("https://quay.example/a", "https://quay.example/b"), LAMP],
  ["without the scheme as the others", links("//quay.example/a"), "//quay.example/lamp"],
  ["as the page writes this address already", links("/a", "/b", "../lamp/#top"), "../lamp/"],
  [
    "whatever links to other hosts and to parts of the page are like",
    links("https://tide.example/", "#x", "mailto:a@b.example"),
    "/lamp",
  ],
])("writes a new link %s", (_, links, href) => {
  expect(hrefOn(read(links), LAMP)).toBe(href);
});

it("writes an address of another host in full", () => {
  expect(hrefOn(read(links("a.html")), "https://tide.example/now?a=1#b")).toBe("https://tide.example/now?a=1#b");
});

it("keeps to what the page's base element says", () => {
  expect(hrefOn(read(links("a.html", "b.html"), '<base href="/en/">'), "https://quay.example/en/boats")).toBe("boats");
});

it("leads a link elsewhere in its own notation", () => {
  const page = read("");
  expect(
    ["/old", "old.html", "//quay.example/old", "https://quay.example/old"].map((was) => hrefLike(was, LAMP, page)),
  ).toEqual(["/lamp", "../lamp", "//quay.example/lamp", LAMP]);
});

it("leads to the address that is meant, whatever the paths are", () => {
  const path = fc
    .array(fc.constantFrom("a", "b", "c:d", "e f", "", ".."), { maxLength: 4 })
    .map((all) => `/${all.join("/")}`);
  const notation = fc.constantFrom("/x", "x", "//quay.example/x", "https://quay.example/x");
  fc.assert(
    fc.property(path, path, notation, (from, to, was) => {
      const address = new URL(`https://quay.example${encodeURI(from)}`).href;
      const target = new URL(`https://quay.example${encodeURI(to)}`).href;
      const page = readPage("<p>x", { address });
      expect(new URL(hrefLike(was, target, page), address).href).toBe(target);
    }),
  );
});
