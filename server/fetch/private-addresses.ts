import ipaddr from "ipaddr.js";

// IANA IPv4 Special-Purpose Address Registry (RFC 6890 and what it has taken up since), those that are not globally
// reachable, with the multicast and reserved space behind 224.0.0.0.
const NOT_PUBLIC_4 = [
  "0.0.0.0/8",
  "10.0.0.0/8",
  "100.64.0.0/10",
  "127.0.0.0/8",
  "169.254.0.0/16",
  "172.16.0.0/12",
  "192.0.0.0/24",
  "192.0.2.0/24",
  "192.88.99.0/24",
  "192.168.0.0/16",
  "198.18.0.0/15",
  "198.51.100.0/24",
  "203.0.113.0/24",
  "224.0.0.0/3",
];
// IANA IPv6 Special-Purpose Address Registry, those within 2000::/3 that are not globally reachable or lead on to an IPv4
// address: protocol assignments with Teredo, benchmarking and identifiers, documentation (both), 6to4.
const NOT_PUBLIC_6 = ["2001::/23", "2001:db8::/32", "2002::/16", "3fff::/20"];
/** All that IANA has given out as global unicast (RFC 4291 2.4, IPv6 Global Unicast Address Assignments). */
const GLOBAL_6 = ["2000::/3"];

type Range = ReturnType<typeof ipaddr.parseCIDR>;
const ranges = (list: readonly string[]): Range[] => list.map((one) => ipaddr.parseCIDR(one));
const [notPublic4, notPublic6, global6] = [ranges(NOT_PUBLIC_4), ranges(NOT_PUBLIC_6), ranges(GLOBAL_6)];
const within = (address: ipaddr.IPv4 | ipaddr.IPv6, list: readonly Range[]) =>
  list.some((range) => address.kind() === range[0].kind() && address.match(range as never));

/**
 * Whether an IP address is one of the public internet: global unicast, and in none of IANA's special-purpose registries.
 * What carries an IPv4 address counts as that address.
 */
export function isPublic(ip: string): boolean {
  if (!ipaddr.isValid(ip)) return false;
  // An IPv4-mapped address (RFC 4291 2.5.5.2) is connected to as the IPv4 address in it.
  const address = ipaddr.process(ip);
  if (address instanceof ipaddr.IPv4) return !within(address, notPublic4);
  if (!within(address, global6) || within(address, notPublic6)) return false;
  // ISATAP (RFC 5214 6.1): an interface identifier of ::0:5efe or ::200:5efe and an IPv4 address.
  const [, , , , flags = 0, mark = 0, high = 0, low = 0] = address.parts;
  const carries = mark === 0x5efe && (flags === 0 || flags === 0x200);
  return !carries || isPublic(`${high >> 8}.${high & 255}.${low >> 8}.${low & 255}`);
}
