/**
 * While a text is composed – an accent, a syllable, a Chinese word – keys belong to what composes it: Enter chooses there and
 * keeps nothing here. Gives what ends it.
 */
export function leaveComposing(): () => void {
  const stop = (event: KeyboardEvent) => {
    if (event.isComposing) event.stopImmediatePropagation();
  };
  window.addEventListener("keydown", stop, { capture: true });
  return () => window.removeEventListener("keydown", stop, { capture: true });
}
