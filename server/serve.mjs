// npm start: serves what was built. PORT and HOST say where; without them port 3000, for this machine alone.
import { fileURLToPath } from "node:url";
import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express from "express";
import { isServed } from "./hosts.mjs";

process.env.NODE_ENV ??= "production";

/** Time in milliseconds in which a request has to be there whole. */
const REQUEST_TIMEOUT = 30_000;

const built = (path) => fileURLToPath(new URL(`../build/${path}`, import.meta.url));
const app = express();
app.disable("x-powered-by");
app.use((request, response, next) => {
  response.setHeader("X-Content-Type-Options", "nosniff");
  response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
  if (isServed(request.headers.host)) return next();
  response
    .status(421)
    .type("text/plain")
    .send("Keen Quill does not answer to this name. Whoever runs it can list the name in KEEN_QUILL_HOSTS.\n");
});
app.use(compression());
app.use("/assets", express.static(built("client/assets"), { immutable: true, maxAge: "1y" }));
app.use(express.static(built("client"), { maxAge: "1h" }));
app.all("*", createRequestHandler({ build: await import("../build/server/index.js"), mode: process.env.NODE_ENV }));

const port = Number(process.env.PORT ?? 3000);
const host = process.env.HOST || "127.0.0.1";
const server = app.listen(port, host, () => console.log(`Keen Quill is open at http://${host}:${port}/`));
server.requestTimeout = REQUEST_TIMEOUT;
server.on("error", (error) => {
  const taken = error.code === "EADDRINUSE";
  console.error(
    taken ? `Port ${port} is taken. Set PORT to another one.` : `The server cannot start: ${error.message}`,
  );
  process.exit(1);
});
for (const signal of ["SIGTERM", "SIGINT"]) process.once(signal, () => server.close());
