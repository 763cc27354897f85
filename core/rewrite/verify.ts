import type { Original } from "../page/original.ts";
import type { Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "./apply.ts";
import type { Edit, Refusal } from "./edits.ts";

const byText = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

/** What rules see of a page, positions and node keys apart: one text a subject. */
export function seenOf(page: Page): Record<string, string> {
  const json = (value: unknown) => JSON.stringify(value);
  return {
    address: page.address,
    title: json(page.titles.map(({ text, where }) => [text, where])),
    meta: json(
      page.metas.map((m) => json([m.name, m.property, m.httpEquiv, m.charset, m.content, m.where])).sort(byText),
    ),
    links: json(page.headLinks.map((l) => json([l.rel, l.href, l.hreflang, l.where])).sort(byText)),
    head: json([
      page.doctype?.name,
      page.doctype?.publicId,
      page.doctype?.systemId,
      page.quirks,
      page.language?.value,
      page.base,
    ]),
    headings: json(
      Array.from(page.headings, (h) => [
        h.level,
        h.text,
        h.tag,
        h.levelFrom,
        h.landmark,
        h.block,
        h.classNames,
        h.id,
        h.phrasing,
        h.inComments,
      ]),
    ),
    body: json(
      page.blocks.map((b) => [
        b.tag,
        b.text,
        b.landmark,
        b.heading,
        b.classNames,
        b.bold,
        b.direction,
        b.element !== null,
      ]),
    ),
    lists: json(page.lists.map((l) => [l.ordered, l.items, l.landmark])),
    tables: json(page.tables.map((t) => [t.rows, t.landmark])),
    anchors: json(page.links.map((l) => [l.href, l.text, l.title, l.landmark, l.silent, l.block])),
    images: json(
      page.images.map((i) => [i.src, i.alt, i.title, i.width, i.height, i.link, i.heading, i.labelled, i.silent]),
    ),
    videos: json(page.videos.map((v) => [v.framed, v.src, v.poster, v.title, v.heading])),
    controls: json(page.controls.map((c) => [c.tag, c.role, c.name, c.href, c.onclick, c.silent])),
    fields: json(page.fields.map((f) => [f.tag, f.type, f.name, f.placeholder, f.silent])),
    frames: json(page.frames.map((f) => [f.src, f.name, f.silent])),
    sections: json(page.sections.map((s) => s.named)),
    swallowing: json(page.swallowing.map((s) => [s.what, s.name])),
    ended: json([page.headEndedBy?.tag, page.scripts]),
    landmarks: json(page.landmarks.map((l) => [l.kind, l.label])),
    data: json(page.data.map((d) => d.text)),
    comments: json(page.comments.map((c) => c.text)),
    ids: json([page.ids.map((i) => i.id), page.anchorNames]),
    insecure: json(page.insecure.map((i) => [i.tag, i.address])),
    repeated: json(page.repeated.map((r) => [r.tag, r.times])),
  };
}

/** The first subject in which two pages differ, or null. */
export function firstDifference(one: Page, other: Page): string | null {
  const a = seenOf(one);
  const b = seenOf(other);
  return Object.keys(a).find((subject) => a[subject] !== b[subject]) ?? null;
}

export interface Handed {
  bytes: Uint8Array;
  refused: Refusal[];
}

/** Reads bytes in the character set of the original, however that was known. */
function reread(original: Original, bytes: Uint8Array, address: string): Page {
  return readPage({ ...original, bytes }, { address });
}

/**
 * The patched source, read again and compared with what the editor saw. An edit that the source does not bear out is left
 * out and refused with a reason; the others are made.
 */
export function handOver(original: Original, edits: readonly Edit[], options: { address: string }): Handed {
  const page = readPage(original, options);
  const whole = applyToSource(original, edits, { ...options, page });
  const wanted = applyToPage(page, edits).page;
  const holds = (bytes: Uint8Array, expected: Page) =>
    firstDifference(reread(original, bytes, expected.address), expected) === null;
  if (holds(whole.bytes, wanted)) return { bytes: whole.bytes, refused: whole.refused };
  const good: Edit[] = [];
  const refused: Refusal[] = [...whole.refused];
  for (const edit of edits) {
    const trial = [...good, edit];
    const { bytes } = applyToSource(original, trial, { ...options, page });
    if (holds(bytes, applyToPage(page, trial).page)) good.push(edit);
    else
      refused.push({
        edit,
        reason:
          "The source is built in such a way that this change would alter something else on the page. Change it by hand.",
      });
  }
  return { bytes: applyToSource(original, good, { ...options, page }).bytes, refused };
}
