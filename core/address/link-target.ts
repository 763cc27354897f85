/** Default files and endings that most servers answer without as well. */
const comparable = (pathname: string) =>
  pathname.replace(/\/(?:index|default)\.(?:html?|php|aspx?)$/i, "/").replace(/(.)(?:\/|\.html?)$/, "$1");

const bare = (host: string) => host.replace(/^www\./, "");

function parsed(address: string): URL | null {
  try {
    return new URL(address);
  } catch {
    return null;
  }
}

/** A path, and a query, in which the URL standard changes nothing: no dots at the beginning of a segment, nothing to encode. */
const PLAIN = /^\/(?![/.])(?:[\w~-]|\.(?![./])|\/(?![/.]))*(\?[\w~./=&+-]+)?$/;
/** The beginning of an address on a host that is written plainly. */
const ABSOLUTE = /^https?:\/\/([a-z0-9-]+(?:\.[a-z0-9-]+)*)(?=[/?]|$)/;

/** Names of hosts that the URL standard reads otherwise than they are written: numbers, and names in Punycode. */
const READ_OTHERWISE = /(?:^|\.)\d[^.]*$|\d$|xn--/;

/** The parts of an address that is written plainly, which need not be parsed; null for others. */
function plainParts(address: string): { host: string; path: string; search: string } | null {
  const [beginning, name = ""] = ABSOLUTE.exec(address) ?? [];
  if (beginning === undefined || READ_OTHERWISE.test(name)) return null;
  const written = address.slice(beginning.length);
  const match = PLAIN.exec(written === "" ? "/" : written);
  if (!match) return null;
  const [whole, search = ""] = match;
  return { host: bare(name), path: whole.slice(0, whole.length - search.length), search };
}

/**
 * An address as links are compared: path and query without fragment, default file, `.html` and trailing slash, since most
 * servers answer to both; null where it is no page of the host.
 */
export function linkTarget(address: string, host: string): string | null {
  const plain = plainParts(address);
  if (plain) return plain.host === host ? comparable(plain.path) + plain.search : null;
  const url = parsed(address);
  if (!url || !/^https?:$/.test(url.protocol) || bare(url.host) !== host) return null;
  return comparable(url.pathname) + url.search;
}

/** The host of an address without “www.”; "" where it is none. */
export function hostOf(address: string): string {
  const plain = plainParts(address);
  if (plain) return plain.host;
  const url = parsed(address);
  return url ? bare(url.host) : "";
}

/** An address as links are compared, behind its host; null where it is no page's. */
export function targetOf(address: string): string | null {
  const host = hostOf(address);
  const target = linkTarget(address, host);
  return target === null ? null : host + target;
}

/** Whether a reference is such a path, so that nothing has to be resolved. */
export const isPlainPath = (reference: string): boolean => PLAIN.test(reference);

/**
 * What tells where the links of a page lead, as `linkTarget` says, null for other hosts. Most references are paths in which
 * nothing has to be resolved or encoded: for these no address is parsed, which is as dear as a tenth of reading the page.
 *
 * @param base What references are resolved against, where it is not the address.
 */
export function targetsFrom(address: string, base: string | null = null): (reference: string) => string | null {
  const host = hostOf(address);
  const root = parsed(base ?? address);
  const onHost = root !== null && /^https?:$/.test(root.protocol) && bare(root.host) === host;
  const slowly = (reference: string) => {
    try {
      return linkTarget(new URL(reference, root ?? undefined).href, host);
    } catch {
      return null;
    }
  };
  const directory = root?.pathname.replace(/[^/]*$/, "") ?? "/";
  const plainHost = !READ_OTHERWISE.test(host);
  return (reference) => {
    const hash = reference.indexOf("#");
    const written = hash < 0 ? reference : reference.slice(0, hash);
    const absolute = ABSOLUTE.exec(written);
    let path: string;
    if (absolute && plainHost) {
      const [beginning, name = ""] = absolute;
      if (bare(name) !== host) return READ_OTHERWISE.test(name) ? slowly(reference) : null;
      path = written.slice(beginning.length);
    } else if (!onHost) return slowly(reference);
    else path = written.startsWith("/") ? written : below(directory, written);
    const match = PLAIN.exec(path);
    if (!match || written === "") return slowly(reference);
    const search = match[1] ?? "";
    return comparable(search === "" ? path : path.slice(0, -search.length)) + search;
  };
}

/** A relative reference put behind a directory, going up where it begins so. */
function below(directory: string, reference: string): string {
  let [up, rest] = [directory, reference];
  while (rest.startsWith("../")) [up, rest] = [up.replace(/[^/]+\/$/, ""), rest.slice(3)];
  return /^[\w~-]/.test(rest) ? up + rest : "";
}
