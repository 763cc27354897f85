import { type HotkeyCallback, type Options, useHotkeys } from "react-hotkeys-hook";

/** What lies over the screen while it is open: its keys are its own. */
const OVER = ["dialog", "alertdialog", "menu", "listbox"]
  .map((role) => `[role="${role}"][data-state="open"]`)
  .join(",");

/** Set on editors that undo what is typed in them. */
export const OWN_UNDO = { "data-own-undo": "" };

const STEPS = new Set(["z", "y"]);

/** Keys that belong to what has the focus: an editor's own undo takes back what was typed there and nothing else. */
const belongsElsewhere = (event: KeyboardEvent): boolean =>
  document.querySelector(OVER) !== null ||
  (STEPS.has(event.key.toLowerCase()) &&
    event.target instanceof Element &&
    event.target.closest("[data-own-undo]") !== null);

/** Keys of a screen. They do nothing while a dialog, the palette or a menu lies over it. */
export function useKeys(keys: string, run: HotkeyCallback, options: Options = {}): void {
  const { ignoreEventWhen } = options;
  useHotkeys(keys, run, {
    ...options,
    ignoreEventWhen: (event) => belongsElsewhere(event) || (ignoreEventWhen?.(event) ?? false),
  });
}
