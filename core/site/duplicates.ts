/** Groups of two or more items with the same text, case and white space apart; items without text are in none. */
export function duplicates<T>(items: readonly T[], textOf: (item: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const key = textOf(item).trim().toLowerCase();
    if (key === "") continue;
    const group = groups.get(key);
    if (group) group.push(item);
    else groups.set(key, [item]);
  }
  return [...groups.values()].filter((group) => group.length > 1);
}
