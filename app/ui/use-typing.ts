import { useSyncExternalStore } from "react";
import { isTyped } from "./focus-on";

const isTypedNow = () => document.activeElement !== null && isTyped(document.activeElement);

let typing = false;
/** A press is under way: what it is on must not change before it has been heard. */
let pressed = false;

function subscribe(onChange: () => void): () => void {
  const look = () => {
    if (pressed || typing === isTypedNow()) return;
    typing = !typing;
    onChange();
  };
  // From one field to the next the focus is nowhere for a moment.
  const later = () => setTimeout(look);
  const press = () => {
    pressed = true;
  };
  const release = () => {
    pressed = false;
    later();
  };
  typing = isTypedNow();
  addEventListener("focusin", later);
  addEventListener("focusout", later);
  addEventListener("pointerdown", press, true);
  addEventListener("pointerup", release, true);
  addEventListener("pointercancel", release, true);
  return () => {
    removeEventListener("focusin", later);
    removeEventListener("focusout", later);
    removeEventListener("pointerdown", press, true);
    removeEventListener("pointerup", release, true);
    removeEventListener("pointercancel", release, true);
  };
}

/** True while the focus is in a field that is typed into. It ends when the field is left and the press that left it is over. */
export const useTyping = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => typing,
    () => false,
  );
