import { robotsOf } from "../../page/robots-directives.ts";
import { guidance, rule } from "../rule.ts";

const OPPOSITES = [
  ["index", "noindex"],
  ["follow", "nofollow"],
] as const;

export const headRobotsConflict = rule({
  id: "head/robots-conflict",
  weight: "must",
  formats: ["html"],
  sees: ["metas", "headers"],
  finds: "header and element, or two elements, that tell search engines opposite things",
  counted: ["# page tells search engines opposite things", "# pages tell search engines opposite things"],
  why: "Where they disagree the stricter one counts, so that a page that one of them means to show is not shown.",
  source: guidance("search engines' documentation of robots directives: the more restrictive one applies"),
  check(page, report) {
    const { stated } = robotsOf(page);
    for (const [yes, no] of OPPOSITES) {
      const open = stated.find(({ name }) => name === yes || name === "all");
      const closed = stated.find(({ name }) => name === no || name === "none");
      if (!open || !closed || open.agent !== closed.agent) continue;
      const by = (one: typeof open) => (one.by === "header" ? "the X-Robots-Tag header" : "the meta element");
      report({
        message: `${by(open)} says ${open.name}, ${by(closed)} says ${closed.name}. ${closed.name} counts.`.replace(
          /^t/,
          "T",
        ),
        at: { part: "head", range: page.metas.find((meta) => meta.name === "robots")?.range ?? null },
      });
    }
  },
});
