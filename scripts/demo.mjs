// npm run demo: installs and builds what is missing, starts the application and the stand-in, prints where it opens with the demo site.
import { build, install, startApplication, startStandIn, wishedPort } from "./run.mjs";

const port = await wishedPort(4300);
if (port === null) {
  console.error(`PORT is ${process.env.PORT}, which is no port. Set it to a number from 1 to 65535.`);
  process.exit(1);
}
install();
await build();
const standIn = await startStandIn();
const { child, address } = await startApplication(port, standIn.origin).catch(() => {
  // It has said why by itself.
  standIn.child.kill();
  process.exit(1);
});
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
