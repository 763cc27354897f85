import { useEffect, useRef } from "react";
import { keep } from "../../store/keeping";
import { type DeskState, examinedOf, saveExamined } from "../../store/redraft";

/** What follows from the page is kept when nothing was typed for this long, in milliseconds. */
const REST = 300;

/**
 * Keeps what the table and the rules across pages need of the page, once it is found to be out of date: not at every key,
 * but when the keys rest, and when the desk is left.
 */
export function useKeptRow(state: DeskState): void {
  const pending = useRef<(() => void) | null>(null);
  useEffect(() => {
    if (state.record.stamp === state.stamp) return;
    const save = () => {
      pending.current = null;
      // What cannot be kept here stays marked as out of date, and is worked out again with the table.
      keep(() => saveExamined(examinedOf(state))).catch(() => {});
    };
    pending.current = save;
    const timer = setTimeout(save, REST);
    return () => clearTimeout(timer);
  }, [state]);
  useEffect(() => () => pending.current?.(), []);
}
