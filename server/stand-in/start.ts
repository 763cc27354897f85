// Started by npm run demo beside the application: prints where the stand-in listens.
import { fileURLToPath } from "node:url";
import { startStandIn } from "./web";

const { origin } = await startStandIn(
  fileURLToPath(new URL("../../demo/gullhaven", import.meta.url)),
  Number(process.env.PORT ?? 0),
);
console.log(origin);
