import type { TestProject } from "vitest/node";
import { freePort, startApplication, startStandIn } from "../scripts/run.mjs";

declare module "vitest" {
  interface ProvidedContext {
    address: string;
    /** Where the stand-in listens, for tests that change what it answers. */
    standIn: string;
  }
}

/** Starts the built application and the stand-in web for all browser tests. */
export default async function setup(project: TestProject) {
  const standIn = await startStandIn();
  const { child, address } = await startApplication(await freePort(), standIn.origin);
  project.provide("address", address);
  project.provide("standIn", standIn.origin);
  return () => {
    child.kill();
    standIn.child.kill();
  };
}
