import PQueue from "p-queue";
import { explainFault, pauseAfter, triesFor, type Wanted } from "#core/address/fetch-answer";
import { type Robots, robotsAddressOf, robotsOfAnswer } from "#core/address/robots";
import { fetchAddress } from "../server/fetch/fetch-address.ts";
import { CommandFault } from "./fault.ts";
import type { FetchedPage } from "./fetched-page.ts";

/** Requests at once to one host. */
const AT_ONCE = 2;

interface Host {
  robots: Promise<Robots>;
  queue: PQueue;
}

/** Fetches pages as the application's server does, with its limits, a few of one host at a time and as its robots.txt asks. */
export function startFetching(): (asked: string) => Promise<FetchedPage> {
  const options = {
    allowPrivate: process.env.KEEN_QUILL_ALLOW_PRIVATE === "1",
    standIn: process.env.KEEN_QUILL_STAND_IN,
  };
  const hosts = new Map<string, Host>();
  const pause = (seconds: number) => new Promise((done) => setTimeout(done, seconds * 1000));
  const ask = async (address: string, wanted: Wanted) => {
    for (let tries = 1; ; tries++) {
      const fetched = await fetchAddress(address, wanted, options);
      if (fetched.answer.ok || tries >= triesFor(fetched.answer)) return fetched;
      await pause(pauseAfter(fetched.answer, tries));
    }
  };
  const robotsOf = async (address: string): Promise<Robots> => {
    const { answer, bytes } = await ask(address, "robots");
    return robotsOfAnswer(address, answer, bytes);
  };
  const hostOf = (address: string): Host => {
    const name = robotsAddressOf(address);
    let host = hosts.get(name);
    if (!host) {
      host = { robots: robotsOf(name), queue: new PQueue({ concurrency: AT_ONCE }) };
      hosts.set(name, host);
    }
    return host;
  };
  return async (asked) => {
    if (!URL.canParse(asked)) throw new CommandFault(`${asked} is no address that can be read.`);
    const host = hostOf(asked);
    const robots = await host.robots;
    if (!robots.allows(asked))
      throw new CommandFault(`${asked} was not fetched: ${robots.note ?? "the site's robots.txt asks not to."}`);
    if (robots.delaySeconds > 0) host.queue.concurrency = 1;
    return host.queue.add(async () => {
      const { answer, bytes } = await ask(asked, "page");
      if (robots.delaySeconds > 0) await pause(robots.delaySeconds);
      if (!answer.ok) throw new CommandFault(`${asked} was not fetched: ${explainFault(answer)}`);
      const from = answer.way.map(({ address }) => address).filter((address) => address !== answer.address);
      return { asked, address: answer.address, from, bytes, headers: answer.headers };
    });
  };
}
