import { useRef } from "react";

/** The earlier value for as long as the new one says the same, so that what depends on it is not worked out anew. */
export function useSame<T>(value: T): T {
  const last = useRef(value);
  if (last.current !== value && JSON.stringify(last.current) !== JSON.stringify(value)) last.current = value;
  return last.current;
}
