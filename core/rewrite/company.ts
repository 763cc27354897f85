import type { Heading, HeadingKey } from "../page/page.ts";

/** The texts that a neighbouring heading may have now: its old one, or the one that this redraft gave it. */
export class Company {
  /**
   * @param renamed What the redraft calls headings now, by their old texts.
   * @param removed Texts of the headings that it takes out.
   */
  constructor(
    private readonly renamed: ReadonlyMap<string, string>,
    private readonly removed: ReadonlySet<string>,
  ) {}

  private fits(old: string | null | undefined, now: string | null): boolean {
    if (old === undefined || old === now) return true;
    return old !== null && (this.renamed.get(old) === now || this.removed.has(old));
  }

  /** The text that this redraft gives a heading; null where it gives none. */
  newTextOf(text: string): string | null {
    return this.renamed.get(text) ?? null;
  }

  same(key: HeadingKey, heading: Heading): boolean {
    return this.fits(key.before, heading.key.before ?? null) && this.fits(key.after, heading.key.after ?? null);
  }
}
