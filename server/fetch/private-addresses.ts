import ipaddr from "ipaddr.js";

/**
 * Whether an IP address is one of the public internet (IANA special-purpose registries, RFC 6890). Loopback, private,
 * link-local (with it the metadata services of hosts), carrier-grade, multicast and reserved addresses are not, nor are
 * IPv6 addresses that carry such an IPv4 address.
 */
export function isPublic(ip: string): boolean {
  if (!ipaddr.isValid(ip)) return false;
  const address = ipaddr.process(ip);
  if (address.range() !== "unicast") return false;
  if (address.kind() === "ipv4") return true;
  const { parts } = address as ipaddr.IPv6;
  // IPv4-compatible addresses (RFC 4291 2.5.5.1) are not in ipaddr.js's ranges.
  return parts.slice(0, 6).some((part) => part !== 0);
}
