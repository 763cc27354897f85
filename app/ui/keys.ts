import { type HotkeyCallback, type Options, useHotkeys } from "react-hotkeys-hook";
import { isLetter, keyFor, useLetters } from "./letters";

/** What lies over the screen while it is open: its keys are its own. */
const OVER = ["dialog", "alertdialog", "menu", "listbox"]
  .map((role) => `[role="${role}"][data-state="open"]`)
  .join(",");

/** Set on editors that undo what is typed in them. */
export const OWN_UNDO = { "data-own-undo": "" };

const STEPS = new Set(["z", "y"]);

/** Keys that belong to what has the focus: an editor's own undo takes back what was typed there and nothing else. */
function belongsElsewhere(event: KeyboardEvent): boolean {
  const target = event.target instanceof Element ? event.target : null;
  const steps = STEPS.has(event.key.toLowerCase());
  if (document.querySelector(OVER) === null) return steps && target?.closest("[data-own-undo]") != null;
  // Where nothing can be typed a browser's own undo takes back what was typed in a field behind the dialog.
  const typing = target?.closest("input, textarea, [contenteditable]") != null;
  if (steps && (event.ctrlKey || event.metaKey) && !typing) event.preventDefault();
  return true;
}

/** A sign, which stands on another key on each keyboard: it is known by what it writes, a letter by its key. */
const isSign = (keys: string) => /^[^\w\s]$/.test(keys);

/** Rows that have keys of their own: letters do nothing there. */
export const OWN_KEYS = { "data-own-keys": "" };

/**
 * Keys of a screen. They do nothing while a dialog, the palette or a menu lies over it. Keys of one sign are those that the
 * editor has set.
 */
export function useKeys(keys: string, run: HotkeyCallback, options: Options = {}): void {
  const { ignoreEventWhen } = options;
  const letters = useLetters();
  const letter = keys.replace(/^shift\+/, "");
  const key = isLetter(letter) ? keyFor(letters, letter) : letter;
  useHotkeys(keys === letter ? key : `shift+${key}`, run, {
    ...options,
    enabled: !(isLetter(letter) && letters.off),
    useKey: isSign(key),
    ignoreEventWhen: (event) =>
      belongsElsewhere(event) ||
      (isLetter(letter) && event.target instanceof Element && event.target.closest("[data-own-keys]") !== null) ||
      (ignoreEventWhen?.(event) ?? false),
  });
}
