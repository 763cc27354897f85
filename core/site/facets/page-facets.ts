import { addressOfFile, resolveAddress } from "../../address/address.ts";
import type { Page } from "../../page/page.ts";
import type { PageKind } from "../../page/page-kind.ts";
import { alternates } from "./alternates.ts";
import { beginning } from "./beginning.ts";
import { canonical } from "./canonical.ts";
import { description } from "./description.ts";
import type { Facet, Packed } from "./facet.ts";
import { FACET_DEFAULTS, FACET_NAMES, type FacetName } from "./facet-names.ts";
import { fragments } from "./fragments.ts";
import { headings } from "./headings.ts";
import { ids } from "./ids.ts";
import { keywords } from "./keywords.ts";
import { language } from "./language.ts";
import { links } from "./links.ts";
import { noindex } from "./noindex.ts";
import { pictures } from "./pictures.ts";
import { shapes } from "./shapes.ts";
import { stems } from "./stems.ts";
import { title } from "./title.ts";
import { words } from "./words.ts";

/** The facets by their names: the compiler asks for each. */
export const FACETS = {
  title,
  description,
  keywords,
  language,
  canonical,
  headings,
  links,
  fragments,
  alternates,
  ids,
  pictures,
  shapes,
  beginning,
  words,
  stems,
  noindex,
} as const satisfies { [N in FacetName]: { unpack: (packed: Widened<(typeof FACET_DEFAULTS)[N]>) => unknown } };

/** The type of a default: what the facet is stored as. */
type Widened<T> = T extends string ? string : T extends number ? number : boolean;

type ValueOf<N extends FacetName> = (typeof FACETS)[N] extends Facet<infer T, Packed> ? T : never;
type PackedOf<N extends FacetName> = ReturnType<(typeof FACETS)[N]["pack"]>;

/** What others know of a page that its source does not say. */
export interface PageFacts {
  /** The target phrase. */
  phrase?: string;
  supporting?: readonly string[];
  kind?: PageKind;
  /** Address by the file that it came from, where its own says another. */
  also?: string;
  /** Addresses that redirect to it. */
  redirectedFrom?: readonly string[];
  /** A sitemap names it. */
  inSitemap?: boolean;
}

/** The facets of a page as they are stored. */
export type PackedFacets = { readonly [N in FacetName]: PackedOf<N> };

/** What rules across pages know of a page: small records, so that 10,000 fit in memory. */
export interface PageFacets extends PackedFacets, PageFacts {
  id: string;
  address: string;
}

/** A facet of a page, unpacked. */
export const facetOf = <N extends FacetName>(page: Pick<PageFacets, N>, name: N): ValueOf<N> =>
  (FACETS[name] as unknown as Facet<ValueOf<N>, PackedOf<N>>).unpack(page[name] as PackedOf<N>);

/** Names the facets as they are taken today. Another stamp names those that have to be taken again. */
export const FACET_STAMP = FACET_NAMES.map((name) => `${name}${FACETS[name].version}`).join(" ");

/** Facets of which a stamp says that they were taken otherwise, or not at all. */
export function staleFacets(stamp: string): FacetName[] {
  if (stamp === FACET_STAMP) return [];
  const fresh = new Set(stamp.split(" "));
  return FACET_NAMES.filter((name) => !fresh.has(`${name}${FACETS[name].version}`));
}

/** What each facet was last taken from: a keystroke in the desk takes again only what it touches. */
const last = new Map<FacetName, { parts: readonly unknown[]; packed: Packed }>();

function packedOf(name: FacetName, page: Page): Packed {
  const { sees, take, pack } = FACETS[name] as unknown as Facet<unknown, Packed>;
  const parts = sees.map((part) => page[part]);
  const before = last.get(name);
  if (before?.parts.every((part, i) => part === parts[i])) return before.packed;
  const packed = pack(take(page));
  last.set(name, { parts, packed });
  return packed;
}

/** Takes facets of a page: all, or those that are named. */
export function takeFacets<N extends FacetName = FacetName>(
  page: Page,
  names: readonly N[] = FACET_NAMES as readonly FacetName[] as readonly N[],
): Pick<PackedFacets, N> {
  return Object.fromEntries(names.map((name) => [name, packedOf(name, page)])) as Pick<PackedFacets, N>;
}

/** A page's facets, with what is known beside its source. Those that are not named are empty. */
export function facetsOf(id: string, page: Page, known: PageFacts = {}, names = FACET_NAMES): PageFacets {
  return { id, address: page.address, ...FACET_DEFAULTS, ...takeFacets(page, names), ...known };
}

/** The address that the file of a page would have on its site. */
export const addressByFile = (file: string, { address }: Pick<Page, "address">): string | undefined =>
  file === "" ? undefined : addressOfFile(file, resolveAddress("/", address) ?? address);
