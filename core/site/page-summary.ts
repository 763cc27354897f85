import type { PageKind } from "../page/page-kind.ts";

/** What a site rule knows of a page: small records, so that 10,000 fit in memory. */
export interface PageSummary {
  id: string;
  address: string;
  title: string;
  description: string;
  keywords: string;
  /** BCP 47; "" where the page declares none. */
  language: string;
  /** Level and text of the first headings. */
  headings: readonly (readonly [level: number, text: string])[];
  /** The target phrase. */
  phrase?: string;
  /** Shapes of the headings, packed by `packShapes`. */
  shapes?: string;
  /** Address by the file that it came from, where its own says another. */
  also?: string;
  /** Addresses that redirect to it. */
  redirectedFrom?: readonly string[];
  /** Links within the host, packed by `packLinks`. */
  links?: string;
  /** Links to places on other pages of the host, packed by `packFragments`. */
  fragments?: string;
  /** Versions in other languages: hreflang, tab, full address, each on a line. */
  alternates?: string;
  /** Its ids, each on a line; an empty line at the end says that there are more. */
  ids?: string;
  /** Its pictures, packed by `packPictures`. */
  pictures?: string;
  /** The beginning of the content's text. */
  beginning?: string;
  /** Words of the content. */
  words?: number;
  kind?: PageKind;
  /** Search engines may not list it. */
  noindex?: boolean;
  /** A sitemap names it. */
  inSitemap?: boolean;
}

/** The size of a picture's file, in its own pixels. */
export interface PictureSize {
  width: number;
  height: number;
}
