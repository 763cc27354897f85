/** An absolute address from what an editor typed, or the reason it is none. http and https only (WHATWG URL). */
export function parseAddress(text: string): { address: string } | { reason: string } {
  const trimmed = text.trim();
  const withScheme = /^[a-z][a-z0-9+.-]*:/i.test(trimmed) ? trimmed : `https://${trimmed}`;
  let url: URL;
  try {
    url = new URL(withScheme);
  } catch {
    return { reason: `“${trimmed}” is not an address. Type one like https://www.example.org/visit/.` };
  }
  if (url.protocol !== "http:" && url.protocol !== "https:") {
    return { reason: `Addresses begin with http or https; this one begins with ${url.protocol}` };
  }
  return { address: url.href };
}

/** Resolves a reference against an address (RFC 3986 section 5, by the WHATWG URL parser); null where it makes none. */
export function resolveAddress(reference: string, base: string): string | null {
  try {
    return new URL(reference.trim(), base).href;
  } catch {
    return null;
  }
}

/** A file that stands for its folder. */
const INDEX_FILE = /(^|\/)_?index\.(?:html?|xhtml|md|markdown)$/i;

/** An address with an index file's name left out: both are one page (common practice, no source). */
export function withoutIndexFile(address: string): string {
  const url = new URL(address);
  url.pathname = url.pathname.replace(INDEX_FILE, "$1");
  return url.href;
}

/** The address of a file in a folder of HTML: base and path, `index.html` standing for its folder. */
export function addressOfFile(path: string, base: string): string {
  const clean = path
    .replaceAll("\\", "/")
    .replace(/^\.?\/+/, "")
    .replace(INDEX_FILE, "$1")
    // Site generators serve a Markdown file under its name without the ending (common practice).
    .replace(/\.(?:md|markdown)$/i, "/");
  const encoded = clean.split("/").map(encodeSegment).join("/");
  const root = base.endsWith("/") ? base : `${base}/`;
  return `${root}${encoded}`;
}

function encodeSegment(segment: string): string {
  // What is percent-encoded in a file's name already stays as it is.
  return encodeURI(segment.toWellFormed()).replaceAll("%25", "%").replaceAll("?", "%3F").replaceAll("#", "%23");
}

/** The path of an address with its query, as lists show it. */
export function pathOf(address: string): string {
  return address.replace(/^[a-z][a-z0-9+.-]*:\/\/[^/]*/i, "") || "/";
}

/**
 * Addresses are compared without scheme, `www.`, fragment, index file and trailing slash, and with the percent-encoding of the
 * URL standard.
 */
export function comparableAddress(address: string): string {
  const parsed = parseAddress(address);
  if ("reason" in parsed) return address;
  const url = new URL(withoutIndexFile(parsed.address));
  return `${url.host.replace(/^www\./, "")}${url.pathname.replace(/\/$/, "")}${url.search}`;
}

/** A part of an address as text; where its escapes are no UTF-8, such as Latin-1's %E9, as it is written. */
export function decoded(part: string): string {
  try {
    return decodeURIComponent(part);
  } catch {
    return part;
  }
}
