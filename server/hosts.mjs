// Which names this server answers to. Plain JavaScript, since what starts the server runs it unbuilt.

const LOOPBACK = /^(?:localhost|(?:[a-z0-9-]+\.)*localhost|127(?:\.\d{1,3}){3}|\[::1\])$/;

/**
 * Whether a Host header names this server: loopback, or what the operator has listed in KEEN_QUILL_HOSTS, parted by commas.
 * A page elsewhere can have its own name lead here, and would then be taken for ours.
 *
 * @param {string | null | undefined} host
 * @returns {boolean}
 */
export function isServed(host) {
  const name = (host ?? "").toLowerCase().trim();
  if (LOOPBACK.test(name.replace(/:\d+$/, ""))) return true;
  const listed = (process.env.KEEN_QUILL_HOSTS ?? "").toLowerCase().split(",");
  return name !== "" && listed.some((one) => one.trim() === name || one.trim() === name.replace(/:\d+$/, ""));
}
