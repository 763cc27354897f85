import { decoded } from "./address.ts";

/** The slug that was asked for last: a dozen rules look at one page's, one after the other. */
let latest = { address: "", slug: "" };

/** The last segment of an address' path; "" for the start page. */
export function slugOf(address: string): string {
  if (latest.address === address) return latest.slug;
  const path = address.replace(/^[a-z][a-z0-9+.-]*:\/\/[^/]*/i, "").split(/[?#]/)[0] ?? "";
  const parts = path.split("/");
  const slug = (path.endsWith("/") ? parts.at(-2) : parts.at(-1)) ?? "";
  latest = { address, slug };
  return slug;
}

/** The address with another last segment; query and trailing slash stay. */
export function withSlug(address: string, slug: string): string {
  const old = slugOf(address);
  const match = /^((?:[a-z][a-z0-9+.-]*:\/\/[^/]*)?)([^?#]*)(.*)$/i.exec(address);
  if (!match || old === "") return address;
  const [, origin = "", path = "", rest = ""] = match;
  const slash = path.endsWith("/") ? "/" : "";
  const parent = path.slice(0, path.length - old.length - slash.length);
  return `${origin}${parent}${slug}${slash}${rest}`;
}

const EXTENSION = /\.(?:html?|php\d?|aspx?|jsp|cgi|cfm|xhtml)$/i;

/** A slug's file extension with its dot, or "". */
export function extensionOf(slug: string): string {
  return EXTENSION.exec(slug)?.[0] ?? "";
}

/** The words of an address' path, its folders among them, as a text: /visit/opening-times.html says “visit opening times”. */
export function wordsOfPath(address: string): string {
  const path = address.replace(/^[a-z][a-z0-9+.-]*:\/\/[^/]*/i, "").split(/[?#]/)[0] ?? "";
  const words = path.slice(0, path.length - extensionOf(path).length).replace(/[-_/+.~]+/g, " ");
  return decoded(words).trim();
}
