import { slugOf } from "../address/slug.ts";
import type { Page } from "./page.ts";
import { structuredValues } from "./structured-values.ts";

/** What a page is for. House-style settings and patterns can differ by kind. */
export type PageKind =
  | "home"
  | "article"
  | "product"
  | "event"
  | "visit"
  | "list"
  | "recipe"
  | "person"
  | "job"
  | "help"
  | "legal"
  | "other";

/** Every kind with its name for one page and for several. */
export const PAGE_KINDS: Readonly<Record<PageKind, { one: string; many: string }>> = {
  home: { one: "home page", many: "home pages" },
  article: { one: "article", many: "articles" },
  product: { one: "product page", many: "product pages" },
  event: { one: "event page", many: "event pages" },
  visit: { one: "visit page", many: "visit pages" },
  list: { one: "list", many: "lists" },
  recipe: { one: "recipe", many: "recipes" },
  person: { one: "page about a person", many: "pages about people" },
  job: { one: "job page", many: "job pages" },
  help: { one: "help page", many: "help pages" },
  legal: { one: "legal page", many: "legal pages" },
  other: { one: "other page", many: "other pages" },
};

/** schema.org types that decide what a page is for; types that any page may carry, such as Organization, are not here. */
const TYPES: readonly [PageKind, RegExp][] = [
  ["product", /^(?:Product|ProductGroup|IndividualProduct|Book|SoftwareApplication|Offer)$/],
  ["event", /(?:Event|Festival)$/],
  ["recipe", /^(?:Recipe|HowTo)$/],
  ["job", /^JobPosting$/],
  ["person", /^(?:Person|ProfilePage)$/],
  ["help", /^(?:FAQPage|QAPage)$/],
  ["article", /(?:Article|BlogPosting|Report)$/],
  ["visit", /^(?:ContactPage|Museum|TouristAttraction)$/],
  ["list", /^(?:CollectionPage|ItemList|SearchResultsPage)$/],
];

/** Words in an address' path that name a kind, in the languages that the trade meets most. Common practice, no source. */
const SEGMENTS: readonly [PageKind, RegExp][] = [
  [
    "legal",
    /^(?:privacy|terms|cookies?|legal|imprint|impressum|accessibility-statement|disclaimer|mentions-legales)(?:-|$)/,
  ],
  ["job", /^(?:jobs?|careers?|vacanc(?:y|ies)|volunteer(?:ing)?|stellen|emplois?)(?:-|$)/],
  ["person", /^(?:people|team|staff|authors?|person|crew-members)$/],
  ["event", /^(?:events?|talks?|whats-on|calendar|exhibitions?|concerts?|veranstaltungen|evenements?)$/],
  ["product", /^(?:shop|store|products?|p|item|buy|produkte?|boutique)$/],
  ["recipe", /^(?:recipes?|galley|kitchen|rezepte?|recettes?)$/],
  ["help", /^(?:help|faqs?|support|how-to|learn|guides?|hilfe|aide)$/],
  [
    "visit",
    /^(?:visit|visiting|opening-times|getting-here|contact|find-us|directions|locations?|besuch|kontakt|visite)$/,
  ],
  ["article", /^(?:news|blog|articles?|stor(?:y|ies)|posts?|magazine|press|journal|log|\d{4}|aktuelles|actualites)$/],
];

/** What a page seems to be for: from its structured data, then its address, then its content. */
export function guessKind(page: Page): PageKind {
  const path = new URL(page.address, "https://site.example/").pathname;
  if (slugOf(page.address) === "" || /^\/(?:[a-z]{2}(?:-[a-z]{2})?\/)?(?:index\.\w+)?$/i.test(path)) return "home";
  const types = structuredValues(page).types;
  for (const [kind, pattern] of TYPES) if (types.some((type) => pattern.test(type))) return kind;
  const segments = path.toLowerCase().split("/").filter(Boolean);
  for (const segment of segments.toReversed()) {
    const name = segment.replace(/\.\w{2,5}$/, "");
    const isFolder = segment === segments.at(-1) && path.endsWith("/") && segments.length === 1;
    for (const [kind, pattern] of SEGMENTS) if (pattern.test(name)) return isFolder && LISTED.has(kind) ? "list" : kind;
  }
  const og = page.metas.find((meta) => meta.property === "og:type")?.content?.toLowerCase();
  if (og?.startsWith("article")) return "article";
  if (og?.startsWith("product")) return "product";
  if (page.values.price !== undefined) return "product";
  if (page.values.date !== undefined || page.values.author !== undefined) return "article";
  return mostlyLinks(page) ? "list" : "other";
}

/** Kinds whose folder's own page lists them. */
const LISTED: ReadonlySet<PageKind> = new Set(["job", "person", "event", "product", "recipe", "article"]);

/** Whether the content is for the greater part links that stand in lists or under headings. */
function mostlyLinks(page: Page): boolean {
  const own = page.links.filter((link) => link.landmark === null || link.landmark === "main");
  if (own.length < 6) return false;
  const linked = own.reduce((sum, link) => sum + link.text.length, 0);
  const all = page.blocks
    .filter((block) => block.landmark === null || block.landmark === "main")
    .reduce((sum, block) => sum + block.text.length, 0);
  return linked > all / 2;
}
