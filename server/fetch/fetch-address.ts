import { lookup } from "node:dns/promises";
import { connect as connectPlain, isIP } from "node:net";
import type { Readable } from "node:stream";
import { createBrotliDecompress, createGunzip, createInflate } from "node:zlib";
import { Agent, buildConnector, type Dispatcher, request } from "undici";
import {
  type FetchAnswer,
  type FetchFault,
  type Hop,
  KEPT_HEADERS,
  retryAfter,
  type Wanted,
} from "#core/address/fetch-answer";
import { isPublic } from "./private-addresses";

export interface FetchOptions {
  /** Lets private addresses through: the operator's own decision. */
  allowPrivate?: boolean;
  /** Where `*.example` hosts are, as an origin: names that no real host has (RFC 2606). */
  standIn?: string | undefined;
  /** IP addresses of a host name; replaced in tests. */
  resolve?: (host: string) => Promise<string[]>;
  /** Time for all of the way, in milliseconds. */
  timeout?: number;
  signal?: AbortSignal;
}

export interface Fetched {
  answer: FetchAnswer;
  bytes: Uint8Array;
}

const MAX_REDIRECTS = 5;
const MiB = 1024 * 1024;

/** What is taken of each: bytes after decompression, content types, and whether what is longer is cut or refused. */
const WANTED: Record<Wanted, { bytes: number; types: RegExp; cut: boolean; timeout: number }> = {
  page: {
    bytes: 5 * MiB,
    types: /^(?:text\/html|application\/xhtml\+xml|text\/(?:x-)?markdown)$/,
    cut: false,
    timeout: 10_000,
  },
  sitemap: { bytes: 50 * MiB, types: /xml|gzip|^text\/plain$|octet-stream/, cut: false, timeout: 30_000 },
  results: { bytes: 1 * MiB, types: /xml|octet-stream/, cut: false, timeout: 10_000 },
  robots: { bytes: 520 * 1024, types: /^text\/|octet-stream/, cut: true, timeout: 10_000 },
};

/** By what name the application asks, and why, so that a site's owner can tell. */
const USER_AGENT = "KeenQuill/0.1 (content audit, at an editor's request)";

const resolveHost = async (host: string) =>
  (await lookup(host, { all: true, verbatim: true })).map(({ address }) => address);

class Stopped extends Error {
  constructor(
    readonly fault: FetchFault,
    readonly detail?: string,
  ) {
    super(fault);
  }
}

/** Where a connection goes: an IP address that was looked at, or the stand-in. */
type Target = { ip: string } | { standIn: URL };

/** The one place that decides what may be fetched. A name is resolved once, and the connection goes to that address. */
async function targetOf(url: URL, options: FetchOptions, signal: AbortSignal): Promise<Target> {
  if (url.protocol !== "http:" && url.protocol !== "https:")
    throw new Stopped("not-an-address", `Addresses begin with http or https; this one begins with ${url.protocol}`);
  if (url.username || url.password)
    throw new Stopped("not-an-address", "The address holds a user name or password. Leave it out.");
  if (options.standIn && url.hostname.endsWith(".example")) return { standIn: new URL(options.standIn) };
  // The URL standard has made one notation of all that IPv4 can be written in: hexadecimal, octal, one number.
  const literal = url.hostname.replace(/^\[|\]$/g, "");
  const ips = isIP(literal) ? [literal] : await resolved(url.hostname, options.resolve ?? resolveHost, signal);
  const [ip] = ips;
  if (ip === undefined) throw new Stopped("unresolvable");
  // One private address among several is enough: which of them a connection takes must not matter.
  if (!options.allowPrivate && !ips.every(isPublic)) throw new Stopped("forbidden-address");
  return { ip };
}

async function resolved(
  host: string,
  resolve: (host: string) => Promise<string[]>,
  signal: AbortSignal,
): Promise<string[]> {
  let stop = () => {};
  const aborted = new Promise<never>((_, reject) => {
    stop = () => reject(new Stopped("timeout"));
    signal.addEventListener("abort", stop);
  });
  try {
    return await Promise.race([resolve(host), aborted]);
  } catch (error) {
    throw error instanceof Stopped ? error : new Stopped("unresolvable");
  } finally {
    signal.removeEventListener("abort", stop);
  }
}

function agentFor(target: Target): Agent {
  const connector = buildConnector({ timeout: 10_000 });
  return new Agent({
    pipelining: 0,
    connect(options, callback) {
      if ("standIn" in target) {
        const socket = connectPlain(Number(target.standIn.port), target.standIn.hostname);
        socket.once("connect", () => callback(null, socket));
        socket.once("error", (error) => callback(error, null));
        return;
      }
      const servername = isIP(options.hostname.replace(/^\[|\]$/g, "")) ? undefined : options.hostname;
      connector({ ...options, hostname: target.ip, ...(servername && { servername }) }, callback);
    },
  });
}

const header = (headers: Dispatcher.ResponseData["headers"], name: string) => {
  const value = headers[name];
  return Array.isArray(value) ? value.join(", ") : (value ?? null);
};

/** Fetches one address and keeps nothing. Never throws: what goes wrong is an answer with a named fault. */
export async function fetchAddress(text: string, wanted: Wanted, options: FetchOptions = {}): Promise<Fetched> {
  const way: Hop[] = [];
  const limit = WANTED[wanted];
  const timeout = AbortSignal.timeout(options.timeout ?? limit.timeout);
  const signal = options.signal ? AbortSignal.any([timeout, options.signal]) : timeout;
  let address = text;
  const failed = (fault: FetchFault, more: Partial<Extract<FetchAnswer, { ok: false }>> = {}): Fetched => ({
    answer: { ok: false, fault, address, way, ...more },
    bytes: new Uint8Array(),
  });
  if (!URL.canParse(text)) return failed("not-an-address");
  let agent: Agent | null = null;
  try {
    for (;;) {
      const url = new URL(address);
      url.hash = "";
      agent = agentFor(await targetOf(url, options, signal));
      const response = await request(url, {
        dispatcher: agent,
        signal,
        headers: {
          "user-agent": USER_AGENT,
          accept: "text/html,application/xhtml+xml,*/*;q=0.5",
          "accept-encoding": "gzip, deflate, br",
        },
      });
      const { statusCode: status, headers } = response;
      way.push({ address: url.href, status });
      address = url.href;
      const location = header(headers, "location");
      if (status >= 300 && status < 400 && location) {
        const next = URL.canParse(location, url) ? new URL(location, url) : null;
        void agent.destroy();
        if (!next) return failed("status", { status });
        next.hash = "";
        if (way.some((hop) => hop.address === next.href)) return failed("redirect-loop");
        if (way.length > MAX_REDIRECTS) return failed("too-many-redirects");
        address = next.href;
        continue;
      }
      if (wanted !== "robots" && (status < 200 || status > 299)) {
        const wait = retryAfter(header(headers, "retry-after"), Date.now());
        return failed("status", { status, ...(wait !== null && { retryAfterSeconds: wait }) });
      }
      const type = (header(headers, "content-type") ?? "").split(";")[0]?.trim().toLowerCase() ?? "";
      if (type && !limit.types.test(type) && status < 400) return failed("content-type", { detail: type });
      const length = Number(header(headers, "content-length") ?? 0);
      if (!limit.cut && length > limit.bytes) return failed("too-large");
      const bytes = await readBody(response.body, header(headers, "content-encoding"), limit);
      const kept = Object.fromEntries(
        KEPT_HEADERS.flatMap((name) => {
          const value = header(headers, name);
          return value === null ? [] : [[name, value.slice(0, 1000)]];
        }),
      );
      return { answer: { ok: true, address, status, way, headers: kept }, bytes };
    }
  } catch (error) {
    const { fault, detail } = faultOf(error, timeout);
    return failed(fault, detail === undefined ? {} : { detail });
  } finally {
    void agent?.destroy();
  }
}

const DECODERS: Record<string, () => NodeJS.ReadWriteStream> = {
  gzip: createGunzip,
  "x-gzip": createGunzip,
  deflate: createInflate,
  br: createBrotliDecompress,
};

/** Reads a body to its end or its limit, counted after decompression. */
async function readBody(
  body: Readable,
  encoding: string | null,
  { bytes: most, cut }: { bytes: number; cut: boolean },
): Promise<Uint8Array> {
  let stream: NodeJS.ReadableStream = body;
  for (const name of (encoding ?? "")
    .toLowerCase()
    .split(",")
    .map((one) => one.trim())
    .reverse()) {
    const decoder = DECODERS[name]?.();
    if (!decoder) continue;
    const source = stream;
    source.on("error", (error) => (decoder as unknown as Readable).destroy(error));
    stream = source.pipe(decoder);
  }
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of stream) {
    const piece = chunk as Buffer;
    size += piece.length;
    chunks.push(piece);
    if (size > most) {
      body.destroy();
      if (!cut) throw new Stopped("too-large");
      break;
    }
  }
  return new Uint8Array(Buffer.concat(chunks));
}

const TLS = /^(?:ERR_TLS|ERR_SSL|CERT_|DEPTH_ZERO|SELF_SIGNED|UNABLE_TO|EPROTO|HOSTNAME_MISMATCH)/;

function faultOf(error: unknown, timeout: AbortSignal): { fault: FetchFault; detail?: string } {
  if (error instanceof Stopped)
    return { fault: error.fault, ...(error.detail !== undefined && { detail: error.detail }) };
  const code = codeOf(error);
  if (timeout.aborted || /TIMEOUT/.test(code)) return { fault: "timeout" };
  if (TLS.test(code)) return { fault: "tls", detail: code.toLowerCase().replaceAll("_", " ") };
  if (code === "ECONNREFUSED" || code === "EHOSTUNREACH" || code === "ENETUNREACH" || code === "EADDRNOTAVAIL")
    return { fault: "refused" };
  return { fault: "broken-off" };
}

function codeOf(error: unknown): string {
  if (!(error instanceof Error)) return "";
  const { code, cause } = error as { code?: unknown; cause?: unknown };
  return typeof code === "string" && !code.startsWith("UND_ERR_ABORTED") ? code : codeOf(cause);
}
