import type { TestProject } from "vitest/node";
import { freePort, startApplication } from "../scripts/run.mjs";

declare module "vitest" {
  interface ProvidedContext {
    address: string;
  }
}

/** Starts the built application for all browser tests. */
export default async function setup(project: TestProject) {
  const { child, address } = await startApplication(await freePort());
  project.provide("address", address);
  return () => {
    child.kill();
  };
}
