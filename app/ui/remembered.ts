/** What this browser remembers under a name; "" where it remembers nothing, or may not. */
export function remembered(name: string): string {
  try {
    return localStorage.getItem(name) ?? "";
  } catch {
    return "";
  }
}

/** Has this browser remember something; where it may not, it holds until the next reload. */
export function remember(name: string, text: string): void {
  try {
    if (text === "") localStorage.removeItem(name);
    else localStorage.setItem(name, text);
  } catch {
    // Nothing of the site's is kept here.
  }
}
