import type { Page } from "./page.ts";

/** What search engines are told about one page. Names and combining as search engines document them, from memory. */
export interface RobotsDirectives {
  /** Every directive that is known, lower case, from the elements and the header. */
  stated: { name: string; value: string; by: "element" | "header"; agent: string }[];
  unknown: { name: string; by: "element" | "header" }[];
  noindex: boolean;
  nofollow: boolean;
}

const KNOWN = new Set(
  "all index follow none noindex nofollow noarchive nocache nosnippet noimageindex notranslate indexifembedded max-snippet max-image-preview max-video-preview unavailable_after noodp noydir nositelinkssearchbox".split(
    " ",
  ),
);
const AGENTS = new Set(["robots", "googlebot", "bingbot", "googlebot-news"]);

/** The directives of `meta` elements and of the `X-Robots-Tag` header together: of two that disagree the stricter one counts. */
export function robotsOf(page: Pick<Page, "metas" | "headers">): RobotsDirectives {
  const result: RobotsDirectives = { stated: [], unknown: [], noindex: false, nofollow: false };
  const take = (content: string, agent: string, by: "element" | "header") => {
    for (const part of content.split(",")) {
      const [name = "", ...rest] = part.trim().split(":");
      const known = name.trim().toLowerCase();
      if (known === "") continue;
      if (KNOWN.has(known)) result.stated.push({ name: known, value: rest.join(":").trim(), by, agent });
      else result.unknown.push({ name: part.trim(), by });
    }
  };
  for (const meta of page.metas) if (meta.name && AGENTS.has(meta.name)) take(meta.content ?? "", meta.name, "element");
  const header = page.headers["x-robots-tag"];
  if (header) {
    // “googlebot: noindex, nofollow”: a name of an agent may stand in front.
    const agent = /^\s*([a-z][a-z0-9_-]*)\s*:/i.exec(header)?.[1]?.toLowerCase();
    if (agent && !KNOWN.has(agent)) take(header.slice(header.indexOf(":") + 1), agent, "header");
    else take(header, "robots", "header");
  }
  const states = (...names: string[]) => result.stated.some(({ name }) => names.includes(name));
  result.noindex = states("noindex", "none");
  result.nofollow = states("nofollow", "none");
  return result;
}

/** The directives as a sentence: “Search engines may list this page but not follow its links.” */
export function robotsInWords(directives: RobotsDirectives): string {
  const { noindex, nofollow, stated } = directives;
  const first = noindex
    ? nofollow
      ? "Search engines may neither list this page nor follow its links."
      : "Search engines may follow this page's links but not list it."
    : nofollow
      ? "Search engines may list this page but not follow its links."
      : "Search engines may list this page and follow its links.";
  const has = (name: string) => stated.find((one) => one.name === name);
  const more = [
    has("nosnippet") && "They may show no text of it.",
    has("noimageindex") && "They may not list its pictures.",
    has("noarchive") && "They may not keep a copy to show.",
    has("max-snippet") && `They may show ${snippet(has("max-snippet")?.value ?? "")} of its text.`,
    has("unavailable_after") && `They should drop it after ${has("unavailable_after")?.value}.`,
  ];
  return [first, ...more].filter(Boolean).join(" ");
}

const snippet = (value: string) => (value === "-1" ? "any length" : value === "0" ? "nothing" : `${value} characters`);
