import { type ReactNode, useState } from "react";
import type { LongWork } from "../store/act-on-pages";
import { Action } from "./controls";
import { HowFar } from "./how-far";
import { useNotices } from "./notice";

/** Work on many pages that shows how far it has come and can be stopped; what goes wrong is said. */
export function useLongWork(): {
  /** Null while nothing is at work. */
  working: ReactNode;
  /** Gives null where the work was stopped or failed. */
  run: <T>(of: number, task: (work: LongWork) => Promise<T>) => Promise<T | null>;
} {
  const { notify, fail } = useNotices();
  const [state, setState] = useState<{ done: number; of: number; stop: () => void } | null>(null);
  const run = async <T,>(of: number, task: (work: LongWork) => Promise<T>) => {
    const controller = new AbortController();
    const onProgress = (done: number) => setState({ done, of, stop: () => controller.abort() });
    onProgress(0);
    try {
      const made = await task({ signal: controller.signal, onProgress });
      if (!controller.signal.aborted) return made;
      notify("Stopped", "Nothing was changed.");
    } catch (error) {
      fail(error);
    } finally {
      setState(null);
    }
    return null;
  };
  const working = state && (
    <span className="flex gap-3">
      <HowFar done={state.done} of={state.of} />
      <Action onClick={state.stop}>Stop</Action>
    </span>
  );
  return { working, run };
}
