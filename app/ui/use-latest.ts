import { useEffect, useRef, useState } from "react";
import { Echoes } from "./echoes";

/**
 * What was last asked of something that answers later, such as the address: choices that follow each other faster than that
 * build on each other. `keyOf` names a value in a text.
 */
export function useLatest<T>(now: T, keyOf: (value: T) => string): { get: () => T; set: (next: T) => void } {
  const latest = useRef(now);
  const [echoes] = useState(() => new Echoes());
  useEffect(() => {
    if (echoes.hear(keyOf(now)) !== "late") latest.current = now;
  }, [echoes, now, keyOf]);
  return {
    get: () => latest.current,
    set: (next) => {
      latest.current = next;
      echoes.send(keyOf(next));
    },
  };
}
