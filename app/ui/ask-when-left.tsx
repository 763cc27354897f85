import { useEffect, useRef } from "react";
import { useBlocker } from "react-router";
import { onDemand } from "./on-demand";
import { unkept, useAllUnkept } from "./unkept";
import { useNewest } from "./use-newest";

const UnkeptDialog = onDemand(async () => (await import("./unkept-dialog")).UnkeptDialog);

/** Asks whoever leaves a screen on which something is not kept: keep it, let it go, or stay. Goes on once all is kept. */
export function AskWhenLeft() {
  const left = useAllUnkept();
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => unkept().length > 0 && currentLocation.pathname !== nextLocation.pathname,
  );
  const proceeded = useRef<typeof blocker | null>(null);
  const { leave, stay } = useNewest({
    // Once for each attempt to leave: the router has gone on before this is drawn again.
    leave: () => {
      if (proceeded.current === blocker) return;
      proceeded.current = blocker;
      blocker.proceed?.();
    },
    stay: () => blocker.reset?.(),
  });
  const isBlocked = blocker.state === "blocked";
  useEffect(() => {
    if (isBlocked && left.length === 0) leave();
  }, [isBlocked, left, leave]);
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => unkept().length > 0 && event.preventDefault();
    addEventListener("beforeunload", ask);
    return () => removeEventListener("beforeunload", ask);
  }, []);
  const asked = left.filter(({ saving }) => !saving);
  if (!isBlocked || asked.length === 0) return null;
  return <UnkeptDialog all={asked} onLeave={leave} onStay={stay} />;
}
