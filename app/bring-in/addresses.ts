import { parseAddress } from "#core/address/address";

/** Stands for the site's address while nobody has said it: no host can have it (RFC 2606). */
export const UNSAID = "https://not-said-yet.invalid/";

/** What comes in, as far as its address is looked at. */
export interface Addressed {
  id: string;
  path: string;
  address: string;
  /** What base and path make, where the address may be corrected to that. */
  guess: string | null;
}

/**
 * Pages of equal addresses parted, as far as their files' places part them: where several name one canonical, it is the one's
 * whose place it is, and the others stand at their own.
 */
export function parted<T extends Addressed>(pages: readonly T[]): (T & { moved: boolean })[] {
  /** Whose each address is: the page's that has its place there, else the first one's. */
  const owners = new Map<string, T>();
  for (const page of pages)
    if (!owners.has(page.address) || page.guess === page.address) owners.set(page.address, page);
  const taken = new Set(owners.keys());
  return pages.map((page) => {
    const { guess } = page;
    if (page === owners.get(page.address) || guess === null || taken.has(guess)) return { ...page, moved: false };
    taken.add(guess);
    return { ...page, address: guess, moved: true };
  });
}

/** Why each address cannot be brought in, by the page's id: it is none, or another page's too. */
export function faultsOf(pages: readonly Pick<Addressed, "id" | "path" | "address">[]): Map<string, string> {
  const faults = new Map<string, string>();
  const first = new Map<string, string>();
  for (const { id, path, address } of pages) {
    const parsed = parseAddress(address);
    if ("reason" in parsed) {
      faults.set(id, parsed.reason);
      continue;
    }
    const other = first.get(parsed.address);
    if (other === undefined) first.set(parsed.address, path);
    else faults.set(id, `The same address as ${other}. Give it its own, or leave it out.`);
  }
  return faults;
}

/** What all addresses begin with, up to a slash; "" where they have nothing in common, or nobody has said it yet. */
export function commonBeginning(addresses: readonly string[]): string {
  let common = addresses[0] ?? "";
  for (const address of addresses) {
    let same = 0;
    while (same < common.length && common[same] === address[same]) same++;
    common = common.slice(0, same);
  }
  const beginning = common.slice(0, common.lastIndexOf("/") + 1);
  return /^https?:\/\/[^/]+\//.test(beginning) && beginning !== UNSAID ? beginning : "";
}

/** An address with another beginning; itself where it does not begin so. */
export const withBeginning = (address: string, from: string, to: string): string =>
  address.startsWith(from) ? `${to.endsWith("/") ? to : `${to}/`}${address.slice(from.length)}` : address;
