import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { Action } from "./controls";
import { HowFar } from "./how-far";
import { useNotices } from "./notice";

/** Pages of the large demo site. */
const LARGE = 10_000;
const number = new Intl.NumberFormat("en-GB");

/** The large demo site, brought in with a count and a Stop; what came in stays. */
export default function LargeDemo() {
  const navigate = useNavigate();
  const { fail } = useNotices();
  const [done, setDone] = useState<number | null>(null);
  const stop = useRef<AbortController>(undefined);
  const open = async () => {
    stop.current = new AbortController();
    setDone(0);
    try {
      const { openLargeDemo } = await import("../store/bring-in");
      const id = await openLargeDemo(LARGE, setDone, stop.current.signal);
      navigate(`/sites/${id}/findings`);
    } catch (error) {
      fail(error);
    } finally {
      setDone(null);
    }
  };
  return done === null ? (
    <p className="mt-1 text-15 text-ink-soft">
      Or{" "}
      <Action className="text-15" onClick={() => void open()}>
        open a large demo site
      </Action>{" "}
      of {number.format(LARGE)} generated pages; that takes some minutes.
    </p>
  ) : (
    <p className="mt-1 flex gap-3 text-15">
      <HowFar done={done} of={LARGE} after=" pages" />
      <Action className="text-15" onClick={() => stop.current?.abort()}>
        Stop
      </Action>
    </p>
  );
}
