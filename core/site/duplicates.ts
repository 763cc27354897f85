/** Groups of two or more items with the same text, case and white space apart; items without text are in none. */
export function duplicates<T extends object>(items: readonly T[], textOf: (item: T) => string): T[][] {
  // Most texts stand once: a group is made at the second only.
  const first = new Map<string, T>();
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const key = textOf(item).trim().toLowerCase();
    if (key === "") continue;
    const earlier = first.get(key);
    if (earlier === undefined) first.set(key, item);
    else {
      const group = groups.get(key);
      if (group) group.push(item);
      else groups.set(key, [earlier, item]);
    }
  }
  return [...groups.values()];
}
