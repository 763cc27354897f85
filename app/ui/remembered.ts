import { useSyncExternalStore } from "react";

/** What this browser remembers under a name; "" where it remembers nothing, or may not. */
export function remembered(name: string): string {
  try {
    return localStorage.getItem(name) ?? "";
  } catch {
    return "";
  }
}

const listeners = new Set<() => void>();

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

/** What is remembered under a name, as it changes; the server draws what is given for it. */
export const useRemembered = (name: string, onServer = ""): string =>
  useSyncExternalStore(
    subscribe,
    () => remembered(name),
    () => onServer,
  );

/** Has this browser remember something; where it may not, it holds until the next reload. */
export function remember(name: string, text: string): void {
  try {
    if (text === "") localStorage.removeItem(name);
    else localStorage.setItem(name, text);
  } catch {
    // Nothing of the site's is kept here.
  }
  for (const listener of listeners) listener();
}
