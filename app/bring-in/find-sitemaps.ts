import { readRobots, robotsAddressOf } from "#core/address/robots";
import { fetchFromServer } from "./fetch-from-server";

/** The sitemaps of a site: the address itself where it names one, else those of its robots.txt, else the usual place. */
export async function findSitemaps(address: string, signal: AbortSignal): Promise<string[]> {
  if (/\.xml(?:\.gz)?$|\.txt$|sitemap/i.test(new URL(address).pathname)) return [address];
  const robotsAddress = robotsAddressOf(address);
  const { answer, bytes } = await fetchFromServer(robotsAddress, "robots", signal);
  const named = answer.ok ? readRobots(robotsAddress, answer.status, new TextDecoder().decode(bytes)).sitemaps : [];
  return named.length > 0 ? named : [new URL("/sitemap.xml", address).href];
}
