import { contentBlocks } from "../../page/body.ts";
import { languageOf } from "../../page/page.ts";
import { dateIn } from "../../structured-data/dates.ts";
import { about, type Recogniser, segmentsOf } from "./collecting.ts";
import { bare, labelled } from "./labelled.ts";

const TOLD = /^(?:published|posted|written|updated|last (?:updated|changed)|by|veröffentlicht|par|publié)\b/i;
const CHANGED = /^(?:updated|last (?:updated|changed)|zuletzt|mis à jour)/i;
const BY = /\b(?:by|von|par)\s+((?:\p{Lu}[\p{L}’'.-]*)(?:\s+(?:\p{Lu}[\p{L}’'.-]*|de|van|von|du|of))*)/u;

/** A text with a date or an author: what the page itself says of when and by whom it was written. */
export const article: Recogniser = ({ page, organisation }) => {
  const entity = about(page, "headline");
  if (!entity) return null;
  const language = languageOf(page);
  const meta = (...names: string[]) =>
    page.metas.find((one) => names.includes(one.name ?? "") || names.includes(one.property ?? ""))?.content?.trim() ??
    "";
  // Lines of their own, not sentences of the text.
  const lines = contentBlocks(page).filter(({ block }) => block.text.length < 160 && TOLD.test(block.text));
  const published = lines.find(({ block }) => !CHANGED.test(block.text) && dateIn(block.text, language));
  const changed = lines.find(({ block }) => CHANGED.test(block.text) && dateIn(block.text, language));
  const dated = (line: typeof published, name: string, other: string) => {
    const date = line && dateIn(line.block.text, language);
    if (line && date) entity.from([name], date.start, line.index, date.exact);
    else if (other) entity.set([name], other);
    return Boolean(date) || other !== "";
  };
  const hasDate = dated(published, "datePublished", meta("article:published_time", "date") || (page.values.date ?? ""));
  dated(changed, "dateModified", meta("article:modified_time", "last-modified"));
  const signed = lines.find(({ block }) => BY.test(block.text));
  const author = labelled(page, /^(?:author|written by|text|autor(?:in)?|auteur)$/i);
  const stated = meta("author", "article:author") || page.values.author || page.values["author.name"] || "";
  const name = signed ? BY.exec(signed.block.text)?.[1] : author ? bare(author.value) : stated;
  if (name) {
    entity.set(["author", "@type"], "Person");
    const block = signed?.index ?? author?.block;
    if (block === undefined) entity.set(["author", "name"], name);
    else entity.from(["author", "name"], bare(name), block);
  }
  if (!hasDate && !name) return null;
  if (organisation) entity.set(["publisher"], { "@type": "Organization", name: organisation.name });
  const folders = segmentsOf(page).slice(0, -1);
  const type = folders.includes("blog") ? "BlogPosting" : folders.includes("news") ? "NewsArticle" : "Article";
  const parts = [hasDate && "date", name && "author"].filter(Boolean).join(" and ");
  return entity.proposal(type, `a headline with its ${parts}`);
};
