import { useLayoutEffect, useMemo, useRef } from "react";

/** Functions that stay the same and do what those of the last drawing do. */
export function useNewest<T extends { [K in keyof T]: (...args: never[]) => unknown }>(functions: T): T {
  const newest = useRef(functions);
  useLayoutEffect(() => {
    newest.current = functions;
  });
  return useMemo(() => {
    const names = Object.keys(newest.current) as (keyof T)[];
    return Object.fromEntries(
      names.map((name) => [name, (...args: never[]) => newest.current[name](...args)]),
    ) as unknown as T;
  }, []);
}
