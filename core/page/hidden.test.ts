import { describe, expect, it } from "vitest";
import { readPage } from "./read.ts";

const address = "https://www.example/";
const headings = (style: string, body: string) => {
  const page = readPage(`<!doctype html><title>A</title>${style}<body>${body}`, { address });
  return Array.from(page.headings, ({ text }) => text);
};
const SHOWN = "<h1>Lamps</h1>";

describe("what a page's own styles take off the screen", () => {
  // CSS Display 3 (display: none), CSS 2.2 11.2 (visibility).
  it.each([
    ["a class", "<style>.gone{display:none}</style>", '<h2 class="big gone">Not read</h2>'],
    ["an id", "<style>#menu { color: red; DISPLAY : NONE }</style>", '<h2 id="menu">Not read</h2>'],
    ["among other selectors", "<style>p, .gone, .x > b {visibility:hidden}</style>", '<h2 class="gone">Not read</h2>'],
    ["on a screen", '<style media="screen">.gone{display:none}</style>', '<h2 class="gone">Not read</h2>'],
    ["around it", "<style>.gone{display:none}</style>", '<div class="gone"><h2>Not read</h2></div>'],
    ["behind a comment", "<style>/* .gone{} */.gone{display:none}</style>", '<h2 class="gone">Not read</h2>'],
    ["by its own attribute", "", '<h2 style="display: none">Not read</h2>'],
    ["by the hidden attribute", "", "<h2 hidden>Not read</h2>"],
  ])("by %s is no heading", (_, style, body) => {
    expect(headings(style, SHOWN + body)).toEqual(["Lamps"]);
  });

  it.each([
    ["in print alone", '<style media="print">.gone{display:none}</style>', '<h2 class="gone">Read</h2>'],
    [
      "on narrow screens alone",
      "<style>@media (max-width:40em){.gone{display:none}}</style>",
      '<h2 class="gone">Read</h2>',
    ],
    [
      "and shown by another rule",
      "<style>.gone{display:none}.open .gone{display:block}</style>",
      '<h2 class="gone">Read</h2>',
    ],
    ["in one place alone", "<style>nav .gone{display:none}</style>", '<h2 class="gone">Read</h2>'],
    ["with a state", "<style>.gone:hover{display:none}</style>", '<h2 class="gone">Read</h2>'],
    ["under a name that only begins alike", "<style>.gone{display:none}</style>", '<h2 class="gone-by">Read</h2>'],
    [
      "in words of a rule about something else",
      "<style>.gone{content:'display:none'}</style>",
      '<h2 class="gone">Read</h2>',
    ],
  ])("%s is read", (_, style, body) => {
    expect(headings(style, SHOWN + body)).toEqual(["Lamps", "Read"]);
  });
});
