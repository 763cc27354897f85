/**
 * What was sent away and comes back later, and not each of it: an address that is changed, a text that is kept. Tells what
 * comes back apart from what somebody else has changed.
 */
export class Echoes {
  private sent: string[] = [];

  send(text: string): void {
    this.sent.push(text);
  }

  /** `late`: something newer is still to come. `last`: nothing is. `other`: it comes from elsewhere, and counts. */
  hear(text: string): "late" | "last" | "other" {
    // Of equal ones the newest: one too many is told apart from an undo that is passed over.
    const at = this.sent.lastIndexOf(text);
    this.sent = at < 0 ? [] : this.sent.slice(at + 1);
    if (at < 0) return "other";
    return this.sent.length > 0 ? "late" : "last";
  }
}
