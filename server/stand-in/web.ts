import { existsSync, readdirSync, readFileSync } from "node:fs";
import { createServer, type IncomingMessage, type ServerResponse } from "node:http";
import type { AddressInfo } from "node:net";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import { addressOfFile } from "#core/address/address";
import { typeBeside } from "#core/exchange/zip";
import { largeSite } from "../../demo/large";
import site from "../../demo/site.json";
import { RIVAL_HOSTS, resultsFor, rivalPage } from "./rivals";

/** The museum's own host; everything else ends in `.example` too. */
const MUSEUM = "https://www.gullhaven.example";

interface Answer {
  status?: number;
  headers?: Record<string, string>;
  body?: string | Uint8Array;
}

type Handler = (path: string, request: IncomingMessage, response: ServerResponse) => Answer | Promise<Answer> | null;

const html = (title: string, body = "") =>
  `<!DOCTYPE html>\n<html lang="en-GB">\n<head>\n<meta charset="utf-8">\n<meta name="viewport" content="width=device-width">\n<title>${title} | Gullhaven Lightship Museum</title>\n</head>\n<body><main><h1>${title}</h1>\n${body}</main></body>\n</html>\n`;
const page = (title: string, body?: string): Answer => ({
  body: html(title, body),
  headers: { "content-type": "text/html; charset=utf-8" },
});
const xml = (body: string): Answer => ({
  body: `<?xml version="1.0" encoding="UTF-8"?>\n${body}`,
  headers: { "content-type": "application/xml" },
});
const redirect = (to: string, status = 301): Answer => ({ status, headers: { location: to } });
const urlset = (addresses: readonly string[]) =>
  `<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">\n${addresses.map((a) => `<url><loc>${a.replaceAll("&", "&amp;")}</loc></url>`).join("\n")}\n</urlset>\n`;

const demoRedirects: Record<string, string> = site.redirects;

interface DemoPages {
  /** By the path of their canonical address, else their file's: what the sitemap lists. */
  listed: Map<string, Uint8Array>;
  /** By the paths of their files, with and without ending, which old links still use. */
  files: Map<string, Uint8Array>;
}

function demoPages(folder: string): DemoPages {
  const pages: DemoPages = { listed: new Map(), files: new Map() };
  for (const file of readdirSync(folder, { recursive: true, encoding: "utf8" })) {
    if (!/\.(?:html|md)$/.test(file)) continue;
    const bytes = new Uint8Array(readFileSync(join(folder, file)));
    const path = new URL(addressOfFile(file.normalize("NFC"), `${MUSEUM}/`)).pathname;
    const canonical = /rel="?canonical"? href="?([^">\s]+)/i.exec(Buffer.from(bytes).toString("latin1"))?.[1];
    const own = canonical?.startsWith(MUSEUM) ? canonical.slice(MUSEUM.length) : path;
    pages.listed.set(own, bytes);
    pages.files.set(path, bytes);
    pages.files.set(path.replace(/\.html$/, ""), bytes);
  }
  return pages;
}

/** What goes wrong on real sites, each at an address of its own; listed in the archive's sitemap. */
const FAULTS: Record<string, Handler> = {
  "/archive/": () =>
    page(
      "Archive",
      `<p>What is left of earlier sites.</p><ul>${Object.keys(FAULTS)
        .filter((path) => path !== "/archive/")
        .map((path) => `<li><a href="${path}">${path.slice(9)}</a></li>`)
        .join("\n")}</ul>`,
    ),
  "/archive/moved-twice": () => redirect("/archive/moved-once"),
  "/archive/moved-once": () => redirect("/visit/getting-here", 302),
  "/archive/circle": () => redirect("/archive/circle-back"),
  "/archive/circle-back": () => redirect("/archive/circle"),
  "/archive/moved-inside": () => redirect("http://192.168.1.1/admin"),
  "/archive/slow": (_, __, response) =>
    later(8_000, response, () => page("A slow page", "<p>It takes eight seconds.</p>")),
  "/archive/endless": (_, __, response) => {
    response.writeHead(200, { "content-type": "text/html" });
    response.write("<!DOCTYPE html><title>Endless</title>");
    const timer = setInterval(() => response.write("<p>and so on "), 200);
    response.on("close", () => clearInterval(timer));
    return new Promise<never>(() => {});
  },
  "/archive/twelve-megabytes": () => page("Twelve megabytes", "<p>".padEnd(12 * 1024 * 1024, "x")),
  "/archive/fault": () => ({ status: 500, body: "Fault" }),
  "/archive/gone": () => ({ status: 404, ...page("Not found") }),
  "/archive/busy": () => ({ status: 503, headers: { "retry-after": "1" }, body: "Busy" }),
  "/archive/plan.pdf": () => ({ body: "%PDF-1.7\n", headers: { "content-type": "application/pdf" } }),
  "/archive/kept-out": () => {
    const answer = page("Kept out of the index");
    return { ...answer, headers: { ...answer.headers, "x-robots-tag": "noindex" } };
  },
  "/archive/packed": () => {
    const answer = page("Packed on its way");
    return { body: gzipSync(answer.body as string), headers: { ...answer.headers, "content-encoding": "gzip" } };
  },
  "/archive/mislabelled": () => ({
    body: Buffer.from(
      html("Caf\u00e9 menu").replace('<meta charset="utf-8">', '<meta charset="iso-8859-1">'),
      "latin1",
    ),
    headers: { "content-type": "text/html; charset=iso-8859-1" },
  }),
  "/archive/broken-off": (_, __, response) => {
    response.writeHead(200, { "content-type": "text/html", "content-length": "5000" });
    response.write("<!DOCTYPE html><title>Broken off</title>");
    setTimeout(() => response.destroy(), 50);
    return new Promise<never>(() => {});
  },
};

const later = (ms: number, response: ServerResponse, answer: () => Answer) =>
  new Promise<Answer>((resolve) => {
    const timer = setTimeout(() => resolve(answer()), ms);
    response.on("close", () => clearTimeout(timer));
  });

const ROBOTS = `# The Gullhaven Lightship Museum
User-agent: *
Disallow: /staff/
Disallow: /search

Sitemap: ${MUSEUM}/sitemap-index.xml
`;

function museum(folder: string): Handler {
  const pages = demoPages(folder);
  return (path, request, response) => {
    const [name = ""] = path.split("?");
    const bytes = pages.listed.get(path) ?? pages.files.get(name);
    if (bytes) {
      // Front matter begins with a hyphen.
      const type = bytes[0] === 0x2d ? "text/markdown" : "text/html";
      return { body: bytes, headers: { "content-type": type } };
    }
    const moved = demoRedirects[name];
    if (moved) return redirect(moved);
    const type = typeBeside(name);
    const file = type && join(folder, name);
    if (file && existsSync(file)) return { body: readFileSync(file), headers: { "content-type": type } };
    if (name === "/robots.txt") return { body: ROBOTS, headers: { "content-type": "text/plain" } };
    if (name === "/sitemap-index.xml") {
      const maps = ["/sitemap.xml.gz", "/sitemap-archive.xml", "/sitemap-broken.xml"];
      return xml(
        `<sitemapindex xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">${maps.map((m) => `<sitemap><loc>${MUSEUM}${m}</loc></sitemap>`).join("")}</sitemapindex>`,
      );
    }
    if (name === "/sitemap.xml.gz") {
      return {
        body: gzipSync(urlset([...pages.listed.keys()].map((one) => MUSEUM + one))),
        headers: { "content-type": "application/gzip" },
      };
    }
    if (name === "/sitemap-archive.xml") {
      const others = [`${MUSEUM}/staff/rota`, "https://www.elsewhere.example/"];
      return xml(urlset([...Object.keys(FAULTS).map((one) => MUSEUM + one), ...others]));
    }
    if (name === "/sitemap-broken.xml")
      return xml(`<urlset>\n<url><loc>${MUSEUM}/news/</loc></url>\n<url><loc>${MUSEUM}/lost</url>\n</urlset>`);
    if (name === "/sitemap-entities.xml")
      return xml(
        `<!DOCTYPE x [<!ENTITY a "${"x".repeat(50)}"><!ENTITY b "${"&a;".repeat(50)}">]>\n<urlset><url><loc>&b;</loc></url></urlset>`,
      );
    if (name === "/sitemap-60000.xml")
      return xml(urlset(Array.from({ length: 60_000 }, (_, i) => `${MUSEUM}/many/${i}`)));
    if (name === "/news/") return page("News", '<p><a href="/archive/">Archive</a></p>');
    return FAULTS[name]?.(path, request, response) ?? { status: 404, ...page("Not found") };
  };
}

/** A site of any size whose pages each take a while: `https://large.example/sitemap-<pages>.xml?wait=<ms>`. */
function large(): Handler {
  const known = new Map<number, string>();
  const source = (n: number) => {
    let text = known.get(n);
    if (!text) {
      text = [...largeSite(1, n + 1)][0]?.source.slice(0, 40_000) ?? "";
      known.set(n, text);
    }
    return text;
  };
  return (path, _, response) => {
    const url = new URL(path, "https://large.example");
    const wait = Number(url.searchParams.get("wait") ?? 0);
    const map = /^\/sitemap-(\d+)\.xml$/.exec(url.pathname);
    if (map)
      return xml(
        urlset(
          Array.from(
            { length: Math.min(50_000, Number(map[1])) },
            (_, i) => `https://large.example/page/${i}?wait=${wait}`,
          ),
        ),
      );
    const at = /^\/page\/(\d+)$/.exec(url.pathname);
    if (!at) return { status: 404, body: "" };
    const answer = { body: source(Number(at[1]) % 50), headers: { "content-type": "text/html; charset=utf-8" } };
    return wait > 0 ? later(wait, response, () => answer) : answer;
  };
}

export interface StandIn {
  /** Where it listens: what the application's one setting names. */
  origin: string;
  close(): Promise<void>;
}

/**
 * Starts the stand-in for the outside world on this machine: it plays every `*.example` host. A page that is PUT is
 * answered from then on in place of what was there; DELETE takes it away again.
 */
export async function startStandIn(folder: string, port = 0): Promise<StandIn> {
  const hosts: Record<string, Handler> = {
    "www.gullhaven.example": museum(folder),
    "gullhaven.example": (path) => redirect(MUSEUM + path),
    "large.example": large(),
    "results.example": (path) => {
      const url = new URL(path, "https://results.example");
      if (url.pathname !== "/search") return null;
      const feed = resultsFor(url.searchParams.get("q") ?? "");
      return {
        body: `<?xml version="1.0" encoding="UTF-8"?>\n${feed}`,
        headers: { "content-type": "application/rss+xml" },
      };
    },
  };
  const rival = (host: string, path: string): Answer | null => {
    const body = RIVAL_HOSTS.includes(host) ? rivalPage(`https://${host}${path}`) : null;
    return body === null ? null : { body, headers: { "content-type": "text/html; charset=utf-8" } };
  };
  const put = new Map<string, Uint8Array>();
  const answerFor = async (request: IncomingMessage, response: ServerResponse): Promise<Answer> => {
    const host = (request.headers.host ?? "").toLowerCase().replace(/:\d+$/, "");
    const path = request.url ?? "/";
    const key = host + path;
    if (request.method === "PUT") {
      const chunks: Buffer[] = [];
      for await (const chunk of request) chunks.push(chunk as Buffer);
      put.set(key, new Uint8Array(Buffer.concat(chunks)));
      return { status: 204 };
    }
    if (request.method === "DELETE") {
      put.delete(key);
      return { status: 204 };
    }
    const replaced = put.get(key);
    if (replaced)
      return {
        body: replaced,
        headers: {
          "content-type":
            path === "/robots.txt"
              ? "text/plain"
              : path.endsWith(".xml")
                ? "application/xml"
                : "text/html; charset=utf-8",
        },
      };
    return (
      (await hosts[host]?.(path, request, response)) ?? rival(host, path) ?? { status: 404, body: "No such page." }
    );
  };
  const server = createServer((request, response) => {
    answerFor(request, response).then(
      ({ status = 200, headers = {}, body = "" }) => {
        response.writeHead(status, { "content-type": "text/plain", ...headers });
        response.end(body);
      },
      () => response.destroy(),
    );
  });
  await new Promise<void>((resolve) => server.listen(port, "127.0.0.1", resolve));
  return {
    origin: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    close: () =>
      new Promise((resolve) => {
        server.close(() => resolve());
        server.closeAllConnections();
      }),
  };
}
