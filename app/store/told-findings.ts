import type { FindingOn, SiteFinding } from "#core/findings/finding";
import { openOf, type SetAside } from "#core/findings/set-aside";
import type { SiteAuditPart } from "../workers/site.worker";

/** What is found across pages, on one of them. */
export interface FoundOn {
  group: SiteFinding;
  on: FindingOn;
}

/** What the rules across pages find, and which of it concerns each page. */
export interface SiteFindings {
  /** Without the places where it was set aside. */
  all: readonly SiteFinding[];
  ofPage: ReadonlyMap<string, readonly FoundOn[]>;
  /** With what was set aside. */
  everyOfPage: ReadonlyMap<string, readonly FoundOn[]>;
}

export const NOTHING: SiteFindings = { all: [], ofPage: new Map(), everyOfPage: new Map() };

/** Findings by page, kept up finding by finding. */
class ByPage {
  readonly pages = new Map<string, FoundOn[]>();

  add(group: SiteFinding): void {
    for (const on of group.on) {
      // A new list each time: who shows a page's findings sees by it that they have changed.
      this.pages.set(on.page, [...(this.pages.get(on.page) ?? []), { group, on }]);
    }
  }

  take(group: SiteFinding): void {
    for (const { page } of group.on) {
      const left = (this.pages.get(page) ?? []).filter((one) => one.group !== group);
      if (left.length > 0) this.pages.set(page, left);
      else this.pages.delete(page);
    }
  }
}

/** What a site's rules across pages find, put together from what the worker tells. */
export class Told {
  private readonly every = new Map<number, SiteFinding & { on: FindingOn[] }>();
  private readonly everyByPage = new ByPage();
  private fresh: number[] = [];
  /** The open part of each finding; null where all of it was set aside. */
  private readonly open = new Map<number, SiteFinding | null>();
  private openByPage = this.everyByPage;
  private setAsides: readonly SetAside[] = [];

  /** Takes a part in; what is found where it was the last one. */
  take(part: SiteAuditPart): SiteFindings | null {
    if ("gone" in part) {
      for (const number of part.gone) this.forget(number);
      for (const { number, ...finding } of part.come) this.every.set(number, { ...finding, on: [] });
      this.fresh.push(...part.come.map(({ number }) => number));
      return null;
    }
    if ("places" in part) {
      for (const [number, on] of part.places) this.every.get(number)?.on.push(...on);
      return null;
    }
    const asides = part.setAsides;
    const again = JSON.stringify(asides) !== JSON.stringify(this.setAsides);
    this.setAsides = asides;
    for (const number of this.fresh) {
      const finding = this.every.get(number);
      if (finding) this.everyByPage.add(finding);
    }
    if (again) {
      this.open.clear();
      this.openByPage = asides.length === 0 ? this.everyByPage : new ByPage();
    }
    for (const number of again ? this.every.keys() : this.fresh) this.sortOut(number);
    this.fresh = [];
    return {
      all: [...this.open.values()].flatMap((finding) => finding ?? []),
      ofPage: this.openByPage.pages,
      everyOfPage: this.everyByPage.pages,
    };
  }

  private sortOut(number: number): void {
    const finding = this.every.get(number);
    if (!finding) return;
    const [open = null] = openOf([finding], this.setAsides);
    this.open.set(number, open);
    if (open && this.openByPage !== this.everyByPage) this.openByPage.add(open);
  }

  private forget(number: number): void {
    const finding = this.every.get(number);
    const open = this.open.get(number);
    if (finding) this.everyByPage.take(finding);
    if (open && this.openByPage !== this.everyByPage) this.openByPage.take(open);
    this.every.delete(number);
    this.open.delete(number);
  }
}
