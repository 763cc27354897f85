import { defineConfig } from "vitest/config";

/** npm run check:screens. */
export default defineConfig({
  test: { include: ["e2e/states.check.ts"], globalSetup: "e2e/application.ts", hookTimeout: 60_000 },
});
