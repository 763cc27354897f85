import type { FetchFault } from "#core/address/fetch-answer";
import { table } from "./table";

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

export const queues = table<QueueRecord>()({
  name: "queues",
  indexes: "id, siteId",
  undo: "follows",
  backup: true,
  fields: ({ joi, id, text, texts, count }) => ({
    id,
    siteId: id,
    name: text,
    from: joi.string().valid("addresses", "sitemap", "links", "again"),
    limits: joi.object({ atOnce: count, pages: count, depth: count, below: text }),
    state: joi.string().valid("running", "stopped", "done"),
    startedAt: joi.string().isoDate(),
    notes: texts,
  }),
});

export const queueItems = table<QueueItem>()({
  name: "queueItems",
  optional: ["redirectsTo"],
  indexes: "++id, [queueId+state], &[queueId+address]",
  undo: "follows",
  backup: true,
  owner: "queueId",
  fields: ({ joi, id, text, count }) => ({
    id: count,
    queueId: id,
    address: text,
    wanted: joi.string().valid("page", "sitemap"),
    depth: count,
    state: joi.string().valid("waiting", "brought-in", "failed", "forbidden", "left-out"),
    fault: joi.any(),
    why: text,
    redirectsTo: text,
    tries: count,
    notBefore: count,
  }),
});
