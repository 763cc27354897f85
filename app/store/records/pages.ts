import { type Audience, EVERYONE } from "#core/page/found-for";
import type { OriginalKind } from "#core/page/original";
import type { PageKind } from "#core/page/page-kind";
import { table } from "./table";

/** What is the editor's own of a page. What follows from it is in `derived`, what was learnt elsewhere in `learnt`. */
export interface StoredPage {
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
  /** As the editor chose it; null where it is guessed. */
  chosenKind: PageKind | null;
  /** The target phrase; "" where there is none. */
  phrase: string;
  supporting: string[];
  /** Whom it is for. */
  audience: Audience;
  ready: boolean;
  /** It was written here and has not been seen on the site: an export holds it, changed or not. */
  isNew: boolean;
  /** When it was last handed over; null before that. */
  handedAt: string | null;
  /** Something that was handed over is no part of the redraft any more. */
  withdrawn: boolean;
  /** When it was first not there any more as the site was brought in again (ISO 8601); null while it is there. */
  goneSince: string | null;
}

/** What is said of a page when it first comes in. */
export const NEW_PAGE = {
  chosenKind: null,
  phrase: "",
  supporting: [] as string[],
  audience: EVERYONE,
  ready: false,
  isNew: false,
  handedAt: null,
  withdrawn: false,
  goneSince: null,
} satisfies Partial<StoredPage>;

export const pages = table<StoredPage>()({
  name: "pages",
  indexes: "id, siteId",
  undo: "own",
  transacted: true,
  backup: true,
  defaults: { isNew: false },
  unseen: ["ready", "isNew", "handedAt", "withdrawn", "goneSince", "position", "file"],
  passing: ["handedAt", "withdrawn"],
  upgrades: {
    6: (page) => ({ goneSince: null, ...page }),
    9: (page) => ({ supporting: [], ...page }),
    10: (page) => ({ audience: EVERYONE, ...page }),
  },
  fields: ({ joi, id, text, texts, count, kind, format }) => ({
    id,
    siteId: id,
    position: count,
    file: text,
    address: text,
    original: id,
    format,
    chosenKind: kind.allow(null),
    phrase: text,
    supporting: texts,
    audience: joi.object({ of: joi.valid("everyone", "country", "place").required(), name: text.required() }),
    ready: joi.boolean(),
    isNew: joi.boolean(),
    handedAt: joi.string().isoDate().allow(null),
    withdrawn: joi.boolean(),
    goneSince: joi.string().isoDate().allow(null),
  }),
});
