/** The id that a fragment leads to; null where it leads to the top, to words of the page, or to a state of a script. */
export function decodeFragment(fragment: string): string | null {
  if (fragment === "" || fragment.toLowerCase() === "top" || /^(?:[!/]|:~:)/.test(fragment)) return null;
  try {
    return decodeURIComponent(fragment);
  } catch {
    return fragment;
  }
}
