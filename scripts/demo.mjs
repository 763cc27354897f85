// npm run demo: installs and builds what is missing, starts the application and the stand-in, prints where it opens with the demo site.
import { build, freePort, install, startApplication, startStandIn } from "./run.mjs";

install();
await build();
const standIn = await startStandIn();
const { child, address } = await startApplication(await freePort(4300), standIn.origin);
console.log(
  `\nKeen Quill is open at ${address}/?open=demo\nThe museum's own site stands in at https://www.gullhaven.example/: bring it in from the web.\nCtrl C ends it.`,
);
for (const signal of ["SIGINT", "SIGTERM"]) {
  process.on(signal, () => {
    child.kill();
    standIn.child.kill();
    process.exit(0);
  });
}
