import { withSlug } from "#core/address/slug";
import { examinePage } from "#core/audit/examine-page";
import { setAsideBy } from "#core/findings/set-aside";
import { type Audience, EVERYONE } from "#core/page/found-for";
import type { Original, Unread } from "#core/page/original";
import { markdownFromBytes, originalFromBytes } from "#core/page/original-from-bytes";
import { addressOn, type Page, type PageFault, statedAddress } from "#core/page/page";
import { readPage } from "#core/page/read";
import { prepareOriginal } from "#core/rewrite/prepare-original";
import { type HouseStyle, stampOf } from "#core/settings/house-style";
import { type Basis, setAsideBasis } from "./basis";
import { db } from "./db";
import { examine, facetsRecord } from "./examine";
import { packOriginal } from "./originals";
import type { PageDerived } from "./records/derived";
import type { FacetsRecord } from "./records/facets";
import type { OriginalRecord } from "./records/originals";

/** Something that comes in: where from, and what. */
export interface Incoming {
  /** Its path among files; "" for what was fetched. */
  path: string;
  source: Uint8Array | Original;
  /** Where it was fetched from, or what its path makes of the base address. */
  address: string;
  /** Whether the address is known for sure, so that a canonical does not override it. */
  addressGiven: boolean;
  contentType?: string | null;
  headers?: Readonly<Record<string, string>>;
  phrase: string;
  supporting?: string[];
  audience?: Audience;
  /** Why it is kept without being read. */
  unread?: Unread;
  /** It was written here: a draft, or a page from nothing. */
  isNew?: boolean;
}

export interface ReadIncoming {
  id: string;
  path: string;
  phrase: string;
  supporting: string[];
  audience: Audience;
  isNew: boolean;
  address: string;
  format: Original["kind"];
  fault: PageFault | null;
  original: OriginalRecord;
  derived: PageDerived;
  basis: Pick<Basis, "setAsides">;
  facets: FacetsRecord;
  /** Absolute addresses that the page links to, without fragments; each once. */
  links: string[];
}

const MARKDOWN = /\.(?:md|markdown)$/i;

/** The original of what comes in: Markdown by its name or content type, else HTML. */
export async function originalOf({ source, path, contentType, headers, unread }: Incoming): Promise<Original> {
  if (!(source instanceof Uint8Array)) return prepareOriginal(unread ? { ...source, unread } : source);
  const markdown = MARKDOWN.test(path) || /markdown/i.test(contentType ?? "");
  const original = markdown ? markdownFromBytes(source) : originalFromBytes(source, contentType);
  return prepareOriginal({ ...original, ...(headers && { headers }), ...(unread && { unread }) });
}

/** A page's own address: its canonical, or for Markdown its front matter's slug, where the address is but a guess. */
function addressOf(page: Page, { address, addressGiven }: Incoming): string {
  if (addressGiven) return address;
  const stated = statedAddress(page);
  if (stated) return stated;
  const slug = page.format === "markdown" ? page.values.slug : undefined;
  return slug ? withSlug(address, slug) : address;
}

/** Absolute addresses that a page links to, without fragments; each once. */
export function linksOf(page: Page): string[] {
  const links = new Set<string>();
  for (const { href } of page.links) {
    const resolved = addressOn(page, href);
    if (resolved?.startsWith("http")) links.add(resolved.replace(/#.*$/s, ""));
  }
  return [...links];
}

/** Reads, audits and packs one page. */
export async function readIncoming(
  siteId: string,
  incoming: Incoming,
  houseStyle: HouseStyle,
  today: string,
): Promise<ReadIncoming> {
  const original = await originalOf(incoming);
  const read = readPage(original, { address: incoming.address });
  const page: Page = { ...read, address: addressOf(read, incoming) };
  const { path, phrase, supporting = [], audience = EVERYONE, isNew = false } = incoming;
  const { kind, findings, rules, days } = await examinePage(page, {
    houseStyle,
    today,
    phrase,
    supporting,
    audience,
  });
  const id = crypto.randomUUID();
  // Of a new page only what is set aside on the whole site.
  const setAsides = await db().setAsides.where("siteId").equals(siteId).toArray();
  return {
    id,
    basis: { setAsides: setAsideBasis(id, setAsides) },
    path,
    phrase,
    supporting,
    audience,
    isNew,
    address: page.address,
    format: original.kind,
    fault: page.fault,
    original: await packOriginal(crypto.randomUUID(), siteId, original),
    derived: examine(page, {
      phrases: rules,
      findings: findings.filter((finding) => !setAsideBy(finding, id, setAsides)),
      houseStyle: rules.houseStyle,
      guessedKind: kind,
      stamp: stampOf(houseStyle),
      days,
    }),
    facets: facetsRecord({ id, siteId, phrase, supporting, file: path }, page, kind),
    links: linksOf(page),
  };
}
