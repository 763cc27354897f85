import { table } from "./table";

/** A phrase that the site's pages may be found for. */
export interface PhraseRecord {
  id: string;
  siteId: string;
  /** As somebody wrote it. */
  text: string;
  /** Searches a month; null where it is not known. */
  volume: number | null;
  /** What further columns of the list said, by their headings. */
  more: Record<string, string>;
}

export const phrases = table<PhraseRecord>()({
  name: "phrases",
  since: 9,
  indexes: "id, siteId",
  undo: "own",
  transacted: true,
  backup: true,
  fields: ({ joi, id, text, count }) => ({
    id,
    siteId: id,
    text,
    volume: count.allow(null),
    more: joi.object().pattern(joi.string(), text),
  }),
});
