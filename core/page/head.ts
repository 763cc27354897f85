import { collapse, type Doctype, type ElementRange, type Page } from "./page.ts";
import { attribute, type DoctypeNode, type ElementNode } from "./parse.ts";

export function readDoctype({ name, publicId, systemId, start, end }: DoctypeNode): Doctype {
  return { name, publicId, systemId, start, end };
}

function rangeOf({ start, startEnd, endStart, end }: ElementNode): ElementRange {
  return { start, startEnd, endStart, end };
}

/** Notes `title`, `meta` and `link` elements, wherever the parser has put them. */
export function readHeadElement(page: Page, element: ElementNode, where: "head" | "body"): void {
  const range = rangeOf(element);
  switch (element.tag) {
    case "title": {
      const text = element.children.map((child) => (child.type === "text" ? child.text : "")).join("");
      page.titles.push({ text: collapse(text), where, range });
      break;
    }
    case "meta":
      page.metas.push({
        name: attribute(element, "name")?.trim().toLowerCase() ?? null,
        property: attribute(element, "property"),
        httpEquiv: attribute(element, "http-equiv")?.trim().toLowerCase() ?? null,
        charset: attribute(element, "charset"),
        content: attribute(element, "content"),
        where,
        range,
      });
      break;
    case "link":
      page.headLinks.push({
        rel: (attribute(element, "rel") ?? "").toLowerCase().split(/\s+/).filter(Boolean),
        href: attribute(element, "href"),
        hreflang: attribute(element, "hreflang"),
        where,
        range,
      });
      break;
  }
}

const SHOWN_APART = new Set(["description", "robots", "viewport", "keywords"]);

/** The sources of the `meta` and `link` elements of the head that have no field of their own, in their order. */
export function otherHeadElements(page: Page): { text: string; start: number }[] {
  const metas = page.metas.filter(
    ({ name, charset, httpEquiv }) =>
      charset === null && httpEquiv !== "content-type" && !(name !== null && SHOWN_APART.has(name)),
  );
  const links = page.headLinks.filter(({ rel }) => !rel.includes("canonical"));
  return [...metas, ...links]
    .flatMap(({ range, where }) =>
      range && range.start >= 0 && where === "head"
        ? [{ text: collapse(page.source.slice(range.start, range.startEnd)), start: range.start }]
        : [],
    )
    .sort((a, b) => a.start - b.start);
}
