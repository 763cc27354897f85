import { actions } from "./actions";
import { changes } from "./changes";
import { checks } from "./checks";
import { derived } from "./derived";
import { facets } from "./facets";
import { fileBytes, files } from "./files";
import { learnt } from "./learnt";
import { lineUps, rivals } from "./line-ups";
import { originals } from "./originals";
import { overviews } from "./overviews";
import { pages } from "./pages";
import { figures, periods } from "./performance";
import { phrases } from "./phrases";
import { queueItems, queues } from "./queues";
import { redirects } from "./redirects";
import { setAsides } from "./set-asides";
import { sites } from "./sites";
import { takes } from "./takes";

/** Every table of this browser's storage. Database, undo and backup are made from it. */
export const TABLES = {
  sites,
  pages,
  phrases,
  periods,
  figures,
  redirects,
  changes,
  takes,
  lineUps,
  rivals,
  setAsides,
  learnt,
  derived,
  facets,
  originals,
  files,
  fileBytes,
  checks,
  overviews,
  queues,
  queueItems,
  actions,
} as const;

type Tables = typeof TABLES;
export type TableName = keyof Tables;

/** Tables that `transact` writes. */
export type Written = { [N in TableName]: Tables[N] extends { transacted?: true } ? N : never }[TableName];

export type RecordOf<N extends TableName> = NonNullable<Tables[N]["record"]>;

export const TABLE_NAMES = Object.keys(TABLES) as TableName[];

export const WRITTEN = TABLE_NAMES.filter((name) => TABLES[name].transacted) as Written[];
