// npm run demo: installs and builds what is missing, starts the application, prints where it opens with the demo site.
import { build, freePort, install, startApplication } from "./run.mjs";

install();
build();
const { child, address } = await startApplication(await freePort(4300));
console.log(`\nKeen Quill is open at ${address}/?open=demo\nCtrl C ends it.`);
for (const signal of ["SIGINT", "SIGTERM"]) {
  process.on(signal, () => {
    child.kill();
    process.exit(0);
  });
}
