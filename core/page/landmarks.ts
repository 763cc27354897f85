import type { LandmarkKind } from "./page.ts";
import { attribute, type ElementNode } from "./parse.ts";
import { roleOf } from "./roles.ts";

const ROLES = new Set<string>([
  "banner",
  "complementary",
  "contentinfo",
  "form",
  "main",
  "navigation",
  "region",
  "search",
]);

const isNamed = (element: ElementNode) =>
  attribute(element, "aria-label") !== null || attribute(element, "aria-labelledby") !== null;

/** The landmark an element makes, or null (HTML Accessibility API Mappings 3.5; ARIA 1.2, 5.3.4). */
export function landmarkKind(element: ElementNode, sectioned: boolean): LandmarkKind | null {
  const role = roleOf(element);
  if (role) return ROLES.has(role) ? (role as LandmarkKind) : null;
  switch (element.tag) {
    case "main":
      return "main";
    case "nav":
      return "navigation";
    case "aside":
      return "complementary";
    case "search":
      return "search";
    case "header":
      return sectioned ? null : "banner";
    case "footer":
      return sectioned ? null : "contentinfo";
    case "form":
      return isNamed(element) ? "form" : null;
    case "section":
      return isNamed(element) ? "region" : null;
    default:
      return null;
  }
}
