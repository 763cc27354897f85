import { randomBytes } from "node:crypto";
import { PassThrough } from "node:stream";
import { createReadableStreamFromReadable } from "@react-router/node";
import { renderToPipeableStream } from "react-dom/server";
import { type EntryContext, isRouteErrorResponse, ServerRouter } from "react-router";
import { NonceContext } from "./ui/nonce";

/** No origin but our own; scripts and styles only with this answer's nonce. */
function contentSecurityPolicy(nonce: string): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

/** Addresses that lead nowhere, and pages that were left before they came, are no faults of the server. */
export function handleError(error: unknown, { request }: { request: Request }): void {
  if (!request.signal.aborted && !isRouteErrorResponse(error)) console.error(error);
}

/** The application asks for none of these. */
const PERMISSIONS = "camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), midi=()";

export default function handleRequest(request: Request, status: number, headers: Headers, context: EntryContext) {
  const nonce = randomBytes(16).toString("base64");
  return new Promise<Response>((resolve, reject) => {
    const { pipe } = renderToPipeableStream(
      <NonceContext value={nonce}>
        <ServerRouter context={context} url={request.url} nonce={nonce} />
      </NonceContext>,
      {
        nonce,
        onShellReady() {
          const body = new PassThrough();
          headers.set("Content-Type", "text/html; charset=utf-8");
          if (import.meta.env.PROD) headers.set("Content-Security-Policy", contentSecurityPolicy(nonce));
          headers.set("Referrer-Policy", "no-referrer");
          headers.set("Cross-Origin-Opener-Policy", "same-origin");
          headers.set("Permissions-Policy", PERMISSIONS);
          resolve(new Response(createReadableStreamFromReadable(body), { headers, status }));
          pipe(body);
        },
        onShellError: reject,
      },
    );
  });
}
