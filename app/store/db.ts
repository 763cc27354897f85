import Dexie, { type EntityTable, type Table } from "dexie";
import type { Charset } from "#core/page/charset";
import type { Edit } from "#core/rewrite/edits";
import type { HouseStyle } from "#core/rules/house-style";
import type { PageSummary } from "#core/rules/rule";
import type { Weight } from "#core/rules/setting";

export interface SiteRecord {
  id: string;
  name: string;
  /** Base of addresses, for pages that state none. */
  address: string;
  houseStyle: HouseStyle;
  broughtInAt: string;
}

/** What the table and its filters need of a page: about half a kilobyte. */
export interface PageRecord {
  id: string;
  siteId: string;
  /** Place in the order in which pages were brought in. */
  position: number;
  file: string;
  /** As brought in, or as the editor corrected it; a slug that was redrafted is in `slug`. */
  address: string;
  name: string;
  title: string;
  titlePx: number;
  titleCut: boolean;
  description: string;
  descriptionPx: number;
  descriptionCut: boolean;
  slug: string;
  phrase: string;
  counts: Record<Weight, number>;
  edits: number;
  ready: boolean;
}

export interface SummaryRecord extends PageSummary {
  siteId: string;
}

export interface OriginalRecord {
  pageId: string;
  siteId: string;
  kind: "html";
  /** Compressed with deflate. */
  packed: Uint8Array;
  charset: Charset;
}

export interface RedraftRecord {
  pageId: string;
  siteId: string;
  edits: Edit[];
}

/** A finding that is left as it is, for a reason: here, on a page, or a rule on the whole site. */
export interface SetAsideRecord {
  id: string;
  siteId: string;
  scope: "place" | "page" | "site";
  rule: string;
  pageId: string | null;
  /** The finding's key, for one place. */
  key: string | null;
  reason: string;
}

export type RecordedTable = "sites" | "pages" | "summaries" | "redrafts" | "setAsides";

export interface Change {
  table: RecordedTable;
  key: string;
  before: unknown;
  after: unknown;
}

/** One thing the editor did, with what it replaced. */
export interface ActionRecord {
  id: number;
  siteId: string;
  at: string;
  label: string;
  /** Actions of one kind on one field that follow each other closely are one. */
  merge: string | null;
  undone: 0 | 1;
  changes: Change[];
}

/** Version of the schema; a migration for each is in `openDatabase`. */
export const SCHEMA_VERSION = 1;

class Desk extends Dexie {
  sites!: EntityTable<SiteRecord, "id">;
  pages!: EntityTable<PageRecord, "id">;
  summaries!: EntityTable<SummaryRecord, "id">;
  originals!: EntityTable<OriginalRecord, "pageId">;
  redrafts!: EntityTable<RedraftRecord, "pageId">;
  setAsides!: EntityTable<SetAsideRecord, "id">;
  actions!: Table<ActionRecord, number, Omit<ActionRecord, "id">>;

  constructor() {
    super("keen-quill");
    this.version(SCHEMA_VERSION).stores({
      sites: "id",
      pages: "id, siteId",
      summaries: "id, siteId",
      originals: "pageId, siteId",
      redrafts: "pageId, siteId",
      setAsides: "id, siteId",
      actions: "++id, [siteId+undone]",
    });
    // Dexie opens a newer database as well as it can (its versions are tens of ours); what it does not know it would lose.
    this.on("ready", () => {
      const found = Math.floor(this.backendDB().version / 10);
      if (found > SCHEMA_VERSION) throw new Dexie.VersionError(`version ${found}`);
    });
  }
}

let desk: Desk | null = null;

/** The database of this browser; opened at its first use, which only happens in the browser. */
export function db(): Desk {
  desk ??= new Desk();
  return desk;
}
