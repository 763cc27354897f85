import { FACET_NAMES } from "../facets/facet-names.ts";
import type { PageFacets } from "../facets/page-facets.ts";

/** A facet of a page, or something else that others know of it. */
export type SeenOfPage = Exclude<keyof PageFacets, "id">;

/** What a rule across pages sees: something of the pages, or the site's list of phrases. */
export type SeenOfSite = SeenOfPage | "list";

/** Something about all pages of a site, kept up page by page. */
export interface Index {
  /** What of the pages it is made of: where nothing of that has changed it is not told. */
  sees: readonly SeenOfPage[];
  /** Takes in what has become of a page: null where it was not there, or is there no more. */
  change(was: PageFacets | null, is: PageFacets | null): void;
  /** Takes in what has become of the site's list of phrases, where it makes a difference. */
  changeList?(phrases: readonly string[]): void;
}

/** Makes an index of pages, which are still to come; `pages` are always those of the moment, `phrases` the site's list. */
export type IndexMaker<I extends Index> = (pages: ReadonlyMap<string, PageFacets>, phrases: readonly string[]) => I;

const EVERYTHING: readonly SeenOfPage[] = [
  ...FACET_NAMES,
  "address",
  "phrase",
  "supporting",
  "kind",
  "also",
  "redirectedFrom",
  "inSitemap",
];

const same = (a: unknown, b: unknown) =>
  a === b || (Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((one, i) => one === b[i]));

/** The pages of a site, and indexes over them: each is made when it is first asked for, and takes changed pages in from then on. */
export class Site {
  private readonly byId = new Map<string, PageFacets>();
  private readonly indexes = new Map<IndexMaker<Index>, Index>();
  private readonly revisions = new Map<SeenOfSite, number>();
  private list: readonly string[] = [];
  private ordered: Map<string, number> | null = null;

  constructor(pages: Iterable<PageFacets> = []) {
    for (const page of pages) this.put(page);
  }

  /** By id, in the order in which they came. */
  get pages(): ReadonlyMap<string, PageFacets> {
    return this.byId;
  }

  put(page: PageFacets): void {
    const was = this.byId.get(page.id) ?? null;
    this.byId.set(page.id, page);
    this.change(was, page);
  }

  remove(id: string): void {
    const was = this.byId.get(id);
    if (!was) return;
    this.byId.delete(id);
    this.change(was, null);
  }

  /** The phrases that its pages may be found for. */
  get phrases(): readonly string[] {
    return this.list;
  }

  setPhrases(list: readonly string[]): void {
    if (same(list, this.list)) return;
    this.list = list;
    this.revisions.set("list", (this.revisions.get("list") ?? 0) + 1);
    for (const index of this.indexes.values()) index.changeList?.(list);
  }

  private change(was: PageFacets | null, is: PageFacets | null): void {
    if (!was || !is) this.ordered = null;
    const names = was && is ? EVERYTHING.filter((name) => !same(was[name], is[name])) : EVERYTHING;
    for (const name of names) this.revisions.set(name, (this.revisions.get(name) ?? 0) + 1);
    for (const index of this.indexes.values())
      if (index.sees.some((name) => names.includes(name))) index.change(was, is);
  }

  /** How often any of these has changed: what was made of them holds as long as this stays the same. */
  revision(seen: readonly SeenOfSite[]): number {
    return seen.reduce((sum, name) => sum + (this.revisions.get(name) ?? 0), 0);
  }

  index<I extends Index>(make: IndexMaker<I>): I {
    let index = this.indexes.get(make) as I | undefined;
    if (!index) {
      index = make(this.byId, this.list);
      for (const page of this.byId.values()) index.change(null, page);
      this.indexes.set(make, index);
    }
    return index;
  }

  /** Pages by their ids, in the order of the site. */
  inOrder(ids: Iterable<string>): PageFacets[] {
    this.ordered ??= new Map(Array.from(this.byId.keys(), (id, i) => [id, i]));
    const at = this.ordered;
    return [...ids].sort((a, b) => (at.get(a) ?? 0) - (at.get(b) ?? 0)).flatMap((id) => this.byId.get(id) ?? []);
  }
}
