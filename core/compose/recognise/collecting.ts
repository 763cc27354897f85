import { addressOn, descriptionOf, type Page } from "../../page/page.ts";
import type { SiteOrganisation } from "../../settings/house-style.ts";
import { type Evidence, evidenceIn } from "../../structured-data/evidence.ts";
import { type Json, type Path, pointerOf } from "../../structured-data/json-text.ts";

/** An entity that a page already shows, ready to be stated as data. */
export interface Proposal {
  /** schema.org's type. */
  type: string;
  /** What was found and where: “3 questions with answers, under “Before you come””. */
  found: string;
  /** As JSON-LD has it, without its context. */
  entity: { [name: string]: Json };
  evidence: Evidence[];
}

/** What a recogniser looks at: a page, and what the house style holds of whoever runs the site. */
export interface Recognising {
  page: Page;
  organisation: SiteOrganisation | null;
}

/** Finds one kind of entity on a page; null where it is not there. */
export type Recogniser = (around: Recognising) => Proposal | null;

/** Collects an entity with where each of its values comes from. */
export class Collecting {
  readonly entity: { [name: string]: Json } = {};
  readonly evidence: Evidence[] = [];

  constructor(private readonly page: Page) {}

  /** A value as it stands in a block of the page. */
  from(path: Path, value: Json, block: number, exact = String(value)): void {
    this.set(path, value);
    this.tie(path, block, exact);
  }

  /** Ties a value to words of a block. */
  tie(path: Path, block: number, exact: string): void {
    this.evidence.push(evidenceIn(this.page, block, exact, pointerOf(path)));
  }

  /** A value that no reader sees as it is written: an address, a type. */
  set(path: Path, value: Json): void {
    let at: { [name: string]: Json } | Json[] = this.entity;
    for (const [i, step] of path.entries()) {
      const last = i === path.length - 1;
      const own = at as { [name: string]: Json };
      if (last) own[step] = value;
      else {
        own[step] ??= typeof path[i + 1] === "number" ? [] : {};
        at = own[step] as { [name: string]: Json };
      }
    }
  }

  proposal(type: string, found: string): Proposal {
    return { type, found, entity: { "@type": type, ...this.entity }, evidence: this.evidence };
  }
}

export const counted = (n: number, one: string): string => (n === 1 ? `1 ${one}` : `${n} ${one}s`);

/** “, under “Before you come””; "" where it stands under no heading. */
export function under(page: Page, heading: number): string {
  const text = page.headings[heading]?.text;
  return text ? `, under “${text}”` : "";
}

/** The page's first H1 with words, and the block that it stands in; null where there is none. */
export function h1Of(page: Page): { text: string; block: number; heading: number } | null {
  const heading = page.headings.findIndex(({ level, text }) => level === 1 && text !== "");
  const block = page.headings[heading]?.block ?? -1;
  return heading < 0 || block < 0 ? null : { text: page.headings[heading]?.text ?? "", block, heading };
}

/** The address of the content's first picture that a listener would hear of. */
export function pictureOf(page: Page): string | null {
  const picture = page.images.find(
    ({ landmark, src, silent }) => src && !silent && (landmark === null || landmark === "main"),
  );
  const address = picture?.src && addressOn(page, picture.src);
  return address?.startsWith("http") ? address : null;
}

/** Begins an entity with the page's subject: its H1 with where it stands, its description and picture. */
export function about(page: Page, name: "name" | "headline" | "title"): Collecting | null {
  const h1 = h1Of(page);
  if (!h1) return null;
  const entity = new Collecting(page);
  entity.from([name], h1.text, h1.block);
  if (descriptionOf(page)) entity.set(["description"], descriptionOf(page));
  const picture = pictureOf(page);
  if (picture && name !== "title") entity.set(["image"], picture);
  return entity;
}

/** The words that a page's address is made of, and its folders. */
export const segmentsOf = (page: Pick<Page, "address">): string[] => {
  if (!/^https?:/.test(page.address)) return [];
  return new URL(page.address).pathname.split("/").filter(Boolean);
};
