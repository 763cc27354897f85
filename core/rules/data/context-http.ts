import { commonPractice } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf } from "./data-rule.ts";

export const dataContextHttp = dataRule({
  id: "data/context-http",
  weight: "may",
  finds: "a context with http instead of https",
  counted: [
    "# page has structured data with a context with http instead of https",
    "# pages have structured data with a context with http instead of https",
  ],
  why: "Both are read alike today. schema.org itself recommends https.",
  source: commonPractice(),
  check(data, report) {
    for (const { kind, address, place } of data.notes)
      if (kind === "http")
        report({
          message: `Write ${quote(address.replace(/^http:/, "https:"))} instead of http.`,
          at: placeOf(data, place),
        });
  },
});
