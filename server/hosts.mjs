// Which names this server answers to. Plain JavaScript, since what starts the server runs it unbuilt.
import { isIPv4 } from "node:net";

const LOOPBACK = /^(?:(?:[a-z0-9-]+\.)*localhost|\[::1\])$/;
/** @param {string} name */
const isLoopbackName = (name) => LOOPBACK.test(name) || (isIPv4(name) && name.startsWith("127."));

/** @param {string | null | undefined} host */
const named = (host) => (host ?? "").toLowerCase().trim();
/** @param {string} name */
const withoutPort = (name) => name.replace(/:\d+$/, "");

/**
 * Whether a Host header names the machine itself.
 *
 * @param {string | null | undefined} host
 * @returns {boolean}
 */
export const isLoopback = (host) => isLoopbackName(withoutPort(named(host)));

/**
 * Whether a Host header names this server: loopback, or what the operator has listed in KEEN_QUILL_HOSTS, parted by commas.
 * A page elsewhere can have its own name lead here, and would then be taken for ours.
 *
 * @param {string | null | undefined} host
 * @returns {boolean}
 */
export function isServed(host) {
  const name = named(host);
  const listed = (process.env.KEEN_QUILL_HOSTS ?? "").toLowerCase().split(",");
  return isLoopback(name) || (name !== "" && listed.some((one) => [name, withoutPort(name)].includes(one.trim())));
}
