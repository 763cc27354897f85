import { useEffect } from "react";
import { useBlocker } from "react-router";
import { onDemand } from "./on-demand";
import { unkept } from "./unkept";

const UnkeptDialog = onDemand(async () => (await import("./unkept-dialog")).UnkeptDialog);

/** Asks whoever leaves a screen on which something is not kept: keep it, let it go, or stay. */
export function AskWhenLeft() {
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => unkept.size > 0 && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => unkept.size > 0 && event.preventDefault();
    addEventListener("beforeunload", ask);
    return () => removeEventListener("beforeunload", ask);
  }, []);
  if (blocker.state !== "blocked") return null;
  return <UnkeptDialog all={[...unkept.values()]} onLeave={() => blocker.proceed()} onStay={() => blocker.reset()} />;
}
