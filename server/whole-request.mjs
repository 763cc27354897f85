// Waits for the body of a request before anything is done for it. Plain JavaScript, since what starts the server runs it unbuilt.
import { IncomingMessage } from "node:http";

/** Largest body of one request, and of all that are waited for together, in bytes. */
const MAX_BODY = 6 * 1024 * 1024;
const MAX_WAITING = 64 * 1024 * 1024;

let waiting = 0;

/**
 * A request with all of its body at hand, which is read from it like from any other.
 *
 * @param {IncomingMessage} request
 * @returns {Promise<IncomingMessage | "too-long" | "too-much" | "gone">} `too-long` for a body over `MAX_BODY`, `too-much`
 * where too many bodies are waited for, `gone` where the connection was closed.
 */
export function wholeRequest(request) {
  return new Promise((resolve) => {
    /** @type {Buffer[]} */
    const chunks = [];
    let size = 0;
    /** @param {IncomingMessage | "too-long" | "too-much" | "gone"} whole */
    const end = (whole) => {
      waiting -= size;
      size = 0;
      request.removeAllListeners("data");
      resolve(whole);
    };
    request.on("data", (chunk) => {
      size += chunk.length;
      waiting += chunk.length;
      chunks.push(chunk);
      if (size > MAX_BODY) end("too-long");
      else if (waiting > MAX_WAITING) end("too-much");
    });
    request.once("end", () => end(replayed(request, Buffer.concat(chunks))));
    request.once("error", () => end("gone"));
    request.once("close", () => end("gone"));
  });
}

/**
 * @param {IncomingMessage} request
 * @param {Buffer} body
 */
function replayed(request, body) {
  const whole = new IncomingMessage(request.socket);
  const { method, url, headers, rawHeaders, httpVersion, httpVersionMajor, httpVersionMinor } = request;
  Object.assign(whole, { method, url, rawHeaders, httpVersion, httpVersionMajor, httpVersionMinor });
  whole.headers = headers;
  whole.push(body);
  whole.push(null);
  whole.complete = true;
  return whole;
}
