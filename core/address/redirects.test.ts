import { expect, it } from "vitest";
import { withRedirect } from "./redirects.ts";

const at = (path: string) => `https://quay.example${path}`;
const of = (...pairs: [string, string][]) => pairs.map(([from, to]) => ({ from: at(from), to: at(to) }));

it("redirects lead to their end at once, never round in a circle or to themselves", () => {
  const [added] = of(["/b", "/c"]);
  if (!added) throw new Error();
  expect(withRedirect(of(["/a", "/b"], ["/x", "/y"]), added)).toEqual(of(["/a", "/c"], ["/x", "/y"], ["/b", "/c"]));
  // What led elsewhere is replaced, written with a slash or without.
  expect(withRedirect(of(["/b/", "/x"]), added)).toEqual([added]);
  // The page that is led to leads nowhere any more.
  expect(withRedirect(of(["/c", "/b"]), added)).toEqual([added]);
  expect(withRedirect(of(["/a", "/x"]), { from: at("/q"), to: at("/q/") })).toEqual(of(["/a", "/x"]));
});
