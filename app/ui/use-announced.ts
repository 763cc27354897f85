import { useEffect, useRef } from "react";
import { useNotices } from "./notice";

/** How long something has to stand before it is spoken, in milliseconds: while a word is typed it changes with each letter. */
const STANDS = 500;

/** Speaks how many are shown, or that there is nothing, when that changes: not what stands there when the screen opens. */
export function useAnnounced(text: string | null): void {
  const { announce } = useNotices();
  const before = useRef<string | null>(null);
  useEffect(() => {
    if (text === null || text === before.current) return;
    if (before.current === null) {
      before.current = text;
      return;
    }
    const timer = setTimeout(() => {
      before.current = text;
      announce(text);
    }, STANDS);
    return () => clearTimeout(timer);
  }, [text, announce]);
}
