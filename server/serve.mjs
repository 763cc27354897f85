// npm start: serves what was built. PORT and HOST say where; without them port 3000, for this machine alone.
import "./production.mjs";
import { createServer } from "node:http";
import { fileURLToPath } from "node:url";
import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express from "express";
import { isLoopback, isServed } from "./hosts.mjs";
import { wholeRequest } from "./whole-request.mjs";

/** Time in milliseconds in which a request has to be there whole, and how often that is looked at. */
const REQUEST_TIMEOUT = 8_000;
const LOOKED_AT = 1_000;

const METHODS = new Set(["GET", "HEAD", "POST"]);
const NOT_SERVED = "Keen Quill does not answer to this name. Whoever runs it can list the name in KEEN_QUILL_HOSTS.";
const ALLOW = { Allow: [...METHODS].join(", ") };

/** Time in milliseconds for what is being answered when the server is ended. */
const LAST_ANSWERS = 5_000;

/** Requests that something is done for at one time, or that wait for it: one editor's browser has some thirty. */
const MOST_WORK = 90;

/** What every answer bears. */
const ALWAYS = { "X-Content-Type-Options": "nosniff", "Cross-Origin-Resource-Policy": "same-origin" };

const built = (path) => fileURLToPath(new URL(`../build/${path}`, import.meta.url));
const app = express();
app.disable("x-powered-by");
app.use((_, response, next) => {
  response.set(ALWAYS);
  next();
});
// To the machine itself, packing takes longer than sending.
app.use(
  compression({
    filter: (request, response) => !isLoopback(request.headers.host) && compression.filter(request, response),
  }),
);
app.use("/assets", express.static(built("client/assets"), { immutable: true, maxAge: "1y" }));
app.use(express.static(built("client"), { maxAge: "1h" }));
app.all("*", createRequestHandler({ build: await import("../build/server/index.js"), mode: process.env.NODE_ENV }));

/** Sends a sentence instead of an answer of the application's. */
function refuse(response, status, sentence, headers = {}) {
  response.writeHead(status, { ...ALWAYS, "Content-Type": "text/plain; charset=utf-8", ...headers });
  response.end(`${sentence}\n`);
}

// What is too much is put off before anything is done for it, not even by the application: else answering "not now" would
// take all the time there is. A request counts from when it is there whole: those that dawdle keep nobody out.
let working = 0;
async function answer(request, response) {
  if (!METHODS.has(request.method)) return refuse(response, 405, "Only GET, HEAD and POST are answered.", ALLOW);
  if (!request.url.startsWith("/")) return refuse(response, 400, "An address here begins with a slash.");
  if (!isServed(request.headers.host)) return refuse(response, 421, NOT_SERVED);
  if (request.method !== "POST") return app(request, response);
  const tooMuch = () => refuse(response, 503, "Too much is being asked at once.", { "Retry-After": "2" });
  if (working >= MOST_WORK) return tooMuch();
  const whole = await wholeRequest(request);
  if (whole === "gone") return;
  if (whole === "too-long") return refuse(response, 413, "That is more than can be asked.", { Connection: "close" });
  if (whole === "too-much" || working >= MOST_WORK) return tooMuch();
  working++;
  response.once("close", () => working--);
  app(whole, response);
}

const port = Number(process.env.PORT ?? 3000);
const host = process.env.HOST || "127.0.0.1";
// Whoever finds no room among those that wait to be taken is told so after a second only.
const server = createServer(
  { requestTimeout: REQUEST_TIMEOUT, headersTimeout: REQUEST_TIMEOUT, connectionsCheckingInterval: LOOKED_AT },
  answer,
).listen({ port, host, backlog: 2048 }, () => console.log(`Keen Quill is open at http://${host}:${port}/`));
server.on("error", (error) => {
  const taken = error.code === "EADDRINUSE";
  console.error(
    taken ? `Port ${port} is taken. Set PORT to another one.` : `The server cannot start: ${error.message}`,
  );
  process.exit(1);
});
for (const signal of ["SIGTERM", "SIGINT"])
  process.once(signal, () => {
    server.close(() => process.exit(0));
    // Who has not been answered by then asks again elsewhere.
    setTimeout(() => process.exit(0), LAST_ANSWERS).unref();
  });
