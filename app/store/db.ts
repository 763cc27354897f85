import Dexie, { type EntityTable, type Table } from "dexie";
import type { FetchFault } from "#core/address/fetch-answer";
import type { Validity } from "#core/exchange/validity";
import type { Charset } from "#core/page/charset";
import type { OriginalKind, Unread } from "#core/page/original";
import type { PageKind } from "#core/page/page-kind";
import type { Conflict } from "#core/rewrite/carry-over";
import type { Edit } from "#core/rewrite/edits";
import type { HouseStyle } from "#core/rules/house-style";
import type { PageSummary } from "#core/rules/rule";
import type { Weight } from "#core/rules/setting";
import { loseStorage } from "./lost";
import { upgradeOriginal, upgradePage, upgradeRedraft, upgradeSummary } from "./migrations";

/** A filter of the table that the editor has named and kept: the query of the screen's address. */
export interface KeptFilter {
  name: string;
  query: string;
}

export interface SiteRecord {
  id: string;
  name: string;
  /** Base of addresses, for pages that state none. */
  address: string;
  houseStyle: HouseStyle;
  broughtInAt: string;
  filters?: KeptFilter[];
}

/** What is the editor's own of a page: what undo compares. */
export interface PageOwn {
  id: string;
  siteId: string;
  /** Place in the order in which pages were brought in. */
  position: number;
  file: string;
  /** As brought in, or as the editor corrected it; a slug that was redrafted is in `slug`. */
  address: string;
  /** Id of the original in use: bringing in again makes a new one. */
  original: string;
  format: OriginalKind;
  kind: PageKind;
  kindBy: "guess" | "editor";
  phrase: string;
  edits: number;
  /** Fields whose text follows a pattern. */
  patterned: ("title" | "description")[];
  /** Changes that could not be carried over, for the editor to decide. */
  conflicts: number;
  /** Changes that the site has taken over. */
  settled: number;
  ready: boolean;
  /** What the redraft said when it was last handed over; null before that. */
  handed: string | null;
}

/** What follows from a page as its redraft leaves it: worked out again whenever its stamp is not the site's. */
export interface PageDerived {
  /** A sitemap names it; told by the queues that brought it in. */
  inSitemap?: boolean;
  /** Addresses that redirect to it, as far as they were fetched. */
  redirectedFrom?: string[];
  name: string;
  title: string;
  titlePx: number;
  titleCut: boolean;
  description: string;
  descriptionPx: number;
  descriptionCut: boolean;
  slug: string;
  h1: string;
  /** Headings of each level, 1 to 6. */
  levels: number[];
  /** The first thing that is wrong with the outline. */
  outlineFault: string;
  words: number;
  paragraphs: number;
  lists: number;
  pictures: number;
  withoutAlt: number;
  links: number;
  /** Types of the structured data, outermost first. */
  types: string[];
  counts: Record<Weight, number>;
  /** Rules that found something, without what was set aside. */
  rules: string[];
  /** What the redraft says now, to be compared with `handed`. */
  says: string;
  stamp: string;
}

/** What the table and its filters need of a page: about a kilobyte. */
export type PageRecord = PageOwn & PageDerived;

export interface SummaryRecord extends PageSummary {
  siteId: string;
}

export interface OriginalRecord {
  id: string;
  siteId: string;
  kind: OriginalKind;
  /** Compressed with deflate. */
  packed: Uint8Array;
  charset: Charset;
  headers?: Readonly<Record<string, string>>;
  unread?: Unread;
}

/** A picture or style sheet that came in beside the pages. Its bytes are apart, so that all sizes can be read at once. */
export interface FileRecord {
  /** Site and path. */
  id: string;
  siteId: string;
  /** Path of its address. */
  path: string;
  type: string;
  /** Of a picture, in its own pixels; 0 where that is not known. */
  width: number;
  height: number;
}

export interface FileBytesRecord {
  id: string;
  siteId: string;
  bytes: Uint8Array;
}

/** What a check of a page's HTML found. */
export interface CheckRecord {
  /** The page's id. */
  id: string;
  siteId: string;
  /** Names the source that was checked: its original, and what the redraft said. */
  of: string;
  messages: Validity[];
  /** Messages beyond those that are kept. */
  more: number;
  /** Why it could not be checked; "" where it was. */
  fault: string;
}

export interface RedraftRecord {
  pageId: string;
  siteId: string;
  edits: Edit[];
  conflicts: Conflict[];
  settled: Edit[];
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

/** How far a queue may go. */
export interface QueueLimits {
  /** Requests at one time to one host. */
  atOnce: number;
  /** Most pages that are brought in. */
  pages: number;
  /** Links followed from the start page; 0 follows none. */
  depth: number;
  /** Only addresses whose path begins so. */
  below: string;
}

/** Pages that are being fetched: everything that is needed to go on after a reload. */
export interface QueueRecord {
  id: string;
  siteId: string;
  /** What it was begun with, in the editor's words. */
  name: string;
  from: "addresses" | "sitemap" | "links" | "again";
  limits: QueueLimits;
  state: "running" | "stopped" | "done";
  startedAt: string;
  /** What the editor should know of sitemaps and robots.txt. */
  notes: string[];
}

export type ItemState = "waiting" | "brought-in" | "failed" | "forbidden" | "left-out";

export interface QueueItem {
  id: number;
  queueId: string;
  address: string;
  wanted: "page" | "sitemap";
  /** Links away from the start. */
  depth: number;
  state: ItemState;
  fault: FetchFault | null;
  /** Why, in words; "" where it was brought in. */
  why: string;
  /** Where it redirects to. */
  redirectsTo?: string;
  tries: number;
  /** Milliseconds of the clock before which it is not asked again. */
  notBefore: number;
}

export type RecordedTable = "sites" | "pages" | "redrafts" | "setAsides";

export interface Change {
  table: RecordedTable;
  key: string;
  before: unknown;
  after: unknown;
}

/** One thing the editor did, with what it replaced; a long one is several records of one group. */
export interface ActionRecord {
  id: number;
  siteId: string;
  at: string;
  label: string;
  /** Actions of one kind on one field that follow each other closely are one. */
  merge: string | null;
  /** Records of one group are undone together. */
  group: string | null;
  undone: 0 | 1;
  changes: Change[];
}

/** Version of the schema; what changed between them is in `migrations.ts`. */
export const SCHEMA_VERSION = 4;
export const DATABASE = "keen-quill";

export class Desk extends Dexie {
  sites!: EntityTable<SiteRecord, "id">;
  pages!: EntityTable<PageRecord, "id">;
  summaries!: EntityTable<SummaryRecord, "id">;
  originals!: EntityTable<OriginalRecord, "id">;
  redrafts!: EntityTable<RedraftRecord, "pageId">;
  setAsides!: EntityTable<SetAsideRecord, "id">;
  files!: EntityTable<FileRecord, "id">;
  fileBytes!: EntityTable<FileBytesRecord, "id">;
  checks!: EntityTable<CheckRecord, "id">;
  queues!: EntityTable<QueueRecord, "id">;
  queueItems!: Table<QueueItem, number, Omit<QueueItem, "id">>;
  actions!: Table<ActionRecord, number, Omit<ActionRecord, "id">>;

  constructor() {
    super(DATABASE);
    this.version(1).stores({
      sites: "id",
      pages: "id, siteId",
      summaries: "id, siteId",
      originals: "pageId, siteId",
      redrafts: "pageId, siteId",
      setAsides: "id, siteId",
      actions: "++id, [siteId+undone]",
    });
    // A table's key cannot be changed: originals move over to a table of another name and back.
    this.version(2)
      .stores({ moving: "id", queues: "id, siteId", queueItems: "++id, [queueId+state], &[queueId+address]" })
      .upgrade(async (tx) => {
        await tx.table("originals").each((record) => tx.table("moving").put(upgradeOriginal(record)));
        await tx
          .table("pages")
          .toCollection()
          .modify((page, ref) => {
            ref.value = upgradePage(page);
          });
        await tx
          .table("summaries")
          .toCollection()
          .modify((summary, ref) => {
            ref.value = upgradeSummary(summary);
          });
        await tx
          .table("redrafts")
          .toCollection()
          .modify((redraft, ref) => {
            ref.value = upgradeRedraft(redraft);
          });
        // Actions hold records as they were; they cannot be undone into the new ones.
        await tx.table("actions").clear();
      });
    this.version(2.1).stores({ originals: null });
    this.version(3)
      .stores({ originals: "id, siteId" })
      .upgrade((tx) => tx.table("moving").each((record) => tx.table("originals").put(record)));
    this.version(3.1).stores({ moving: null });
    this.version(SCHEMA_VERSION).stores({ files: "id, siteId", fileBytes: "id, siteId", checks: "id, siteId" });
    // Another tab deletes or upgrades it: left alone, the database would be opened anew, empty, at the next write.
    this.on("versionchange", ({ newVersion }) => {
      this.close();
      loseStorage(newVersion === null ? "deleted" : "upgraded");
      return false;
    });
    // Dexie opens a newer database as well as it can (its versions are tens of ours); what it does not know it would lose.
    this.on("ready", () => {
      const found = Math.floor(this.backendDB().version / 10);
      if (found > SCHEMA_VERSION) throw new Dexie.VersionError(`version ${found}`);
      // Only where the browser closes it by itself, such as when a site's data are cleared.
      this.backendDB().addEventListener("close", () => {
        this.close();
        loseStorage("deleted");
      });
    });
  }
}

let desk: Desk | null = null;

/** The database of this browser; opened at its first use, which only happens in the browser. */
export function db(): Desk {
  desk ??= new Desk();
  return desk;
}
