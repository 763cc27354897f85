/** What was changed here of one field; null where it is taken away. */
interface FieldChange<V> {
  value: V | null;
  /** Storage has it: what is read from now on is newer. */
  kept: boolean;
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/**
 * What makes of fields, as they were drawn, others: null for those that are taken away. Of what has changed since they were
 * drawn it says nothing, so that nothing of that is taken back.
 */
export function changedFields<V>(drawn: ReadonlyMap<string, V>, next: ReadonlyMap<string, V>): Map<string, V | null> {
  const changed = new Map<string, V | null>();
  for (const name of drawn.keys()) if (!next.has(name)) changed.set(name, null);
  for (const [name, value] of next) if (!same(drawn.get(name), value)) changed.set(name, value);
  return changed;
}

/**
 * Fields as they are kept, and as they have been changed here since. What is changed here is seen at once, and stands until
 * what is read from storage has been written after it; whatever somebody else writes in other fields is seen as it arrives.
 */
export class Typed<V> {
  private readonly changes = new Map<string, FieldChange<V>>();
  private readonly listeners = new Set<() => void>();
  private shown: ReadonlyMap<string, V>;
  private reading = false;
  private again = false;

  /**
   * @param kept The fields as they were read first.
   * @param read Reads them again.
   */
  constructor(
    private kept: ReadonlyMap<string, V>,
    private readonly read: () => Promise<ReadonlyMap<string, V>>,
  ) {
    this.shown = kept;
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** The fields as they are to be seen; the same map, with the same values, while nothing of them changes. */
  readonly view = (): ReadonlyMap<string, V> => this.shown;

  /** Changes fields here. `kept` resolves when storage has them; where it fails they stay as they are seen. */
  change(fields: ReadonlyMap<string, V | null>, kept: Promise<void>): void {
    const changed: FieldChange<V>[] = [];
    for (const [name, value] of fields) {
      const own = { value, kept: false };
      this.changes.set(name, own);
      changed.push(own);
    }
    this.show();
    kept.then(
      () => {
        for (const own of changed) own.kept = true;
        this.refresh();
      },
      () => {},
    );
  }

  /** Reads what is kept once more: something of it may have changed. One reading after the other, so that none is overtaken. */
  readonly refresh = (): void => {
    this.again = true;
    if (!this.reading) void this.catchUp();
  };

  private async catchUp(): Promise<void> {
    this.reading = true;
    try {
      while (this.again) {
        this.again = false;
        const before = [...this.changes].filter(([, { kept }]) => kept);
        this.kept = await this.read();
        for (const [name, own] of before) if (this.changes.get(name) === own) this.changes.delete(name);
        this.show();
      }
    } catch {
      // What is seen stays; that storage cannot be read is said where it is written.
    } finally {
      this.reading = false;
    }
  }

  private show(): void {
    const next = new Map(this.kept);
    for (const [name, { value }] of this.changes) {
      if (value === null) next.delete(name);
      else next.set(name, value);
    }
    for (const [name, value] of next) {
      const before = this.shown.get(name);
      if (before !== undefined && same(before, value)) next.set(name, before);
    }
    const names = [...next.keys()];
    const was = [...this.shown.keys()];
    if (
      names.length === was.length &&
      names.every((name, i) => name === was[i] && next.get(name) === this.shown.get(name))
    )
      return;
    this.shown = next;
    for (const listener of this.listeners) listener();
  }
}
