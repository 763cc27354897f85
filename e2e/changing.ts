import { request } from "node:http";
import { inject } from "vitest";

/** The host of the stand-in web whose pages are as a test wants them. */
export const CHANGING = "changing.example";

/** Has the stand-in answer with a page at a path. */
export const put = (path: string, body: string, host = CHANGING) => ask("PUT", path, host, body);

/** Has the stand-in know a page no more. */
export const take = (path: string, host = CHANGING) => ask("DELETE", path, host);

// Its host header names the site, which fetch does not let us set.
function ask(method: string, path: string, host: string, body = ""): Promise<void> {
  const { hostname, port } = new URL(inject("standIn"));
  return new Promise((resolve, reject) => {
    const sent = request({ hostname, port, path, method, headers: { host } }, (answer) => {
      answer.resume();
      answer.on("end", resolve);
    });
    sent.on("error", reject);
    sent.end(body);
  });
}
