import type { Page } from "#core/page/page";
import { readPage } from "#core/page/read";
import { removeAttribute, setAttribute } from "#core/rewrite/markup";
import type { Patch } from "#core/rewrite/patch";
import { pictureAt } from "#core/site/facets/pictures";

/** Begins the names of our marks: a page's own source cannot know it. */
const OURS = `data-${Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) => byte.toString(16)).join("")}`;
export const INDEX = `${OURS}-index`;
export const CHOSEN = `${OURS}-chosen`;
const [OUTLINE, LANDMARK] = [`${OURS}-outline`, `${OURS}-landmark`];

/** Each heading's level before it, each landmark a bracket at its left with its name: as in the outline, and in ink only. */
const MARKS = `
[${OUTLINE}]::before{content:attr(${OUTLINE});font:400 11px/1 monospace;letter-spacing:0;text-transform:none;color:#274C9B;background:#fff;padding:2px 3px;margin-right:.6em;vertical-align:middle}
[${CHOSEN}]{text-decoration:underline;text-decoration-color:#274C9B;text-decoration-thickness:2px;text-underline-offset:4px}
[${LANDMARK}]{box-shadow:inset 2px 0 0 #7B8088;padding-left:8px}
[${LANDMARK}]::before{content:attr(${LANDMARK});display:block;font:400 11px/1.5 monospace;letter-spacing:0;text-transform:none;color:#4A4E55;background:#fff;width:max-content;padding:0 3px}
[${OUTLINE}]{cursor:pointer}
img{outline:1px solid #7B8088;min-width:24px;min-height:16px}
`;

/** Nothing is fetched, run or sent from inside the frame. */
const POLICY = `default-src 'none'; style-src 'unsafe-inline'; img-src blob: data:`;

/** What a page in a frame may show beside its own source: addresses within this tab of pictures, texts of style sheets. */
export interface Beside {
  picture(src: string): string | null;
  style(href: string): string | null;
}

/** Pictures and style sheets that a page names. */
export function namedBeside(page: Page): { pictures: string[]; styles: string[] } {
  const at = (src: string | null) => pictureAt({ src }, page) ?? [];
  return {
    pictures: page.images.flatMap(({ src }) => at(src)),
    styles: page.headLinks.flatMap(({ rel, href }) => (rel.includes("stylesheet") ? at(href) : [])),
  };
}

/**
 * A source to be shown in a frame without scripts and network: each heading bears its level and index, each landmark its
 * name, its styles the nonce that lets them through the policy that frames inherit.
 */
export function framedSource(source: string, address: string, nonce: string, beside: Beside): string {
  const page = readPage(source, { address });
  const marked = [
    ...Array.from(page.headings, ({ range, level }, i) => ({
      range,
      marks: `${OUTLINE}="H${level}" ${INDEX}="${i}"`,
    })),
    ...page.landmarks.map(({ range, kind }) => ({ range, marks: `${LANDMARK}="${kind}"` })),
  ];
  const replaced: Patch[] = [
    ...page.images.flatMap((image) => {
      const url = image.src && beside.picture(image.src);
      return url && image.range.start >= 0
        ? [setAttribute(source, image.range, "src", url), ...removeAttribute(source, image.range, "srcset")]
        : [];
    }),
    ...page.headLinks.flatMap(({ rel, href, range }) => {
      const text = rel.includes("stylesheet") && href && range ? beside.style(href) : null;
      // A style sheet that says </style> would end itself.
      return text && range
        ? [{ start: range.start, end: range.end, text: `<style>${text.replaceAll("</", "<\\/")}</style>` }]
        : [];
    }),
  ];
  for (const { range, marks } of marked) {
    const tag = /^<[a-z][^\s/>]*/i.exec(source.slice(range.start, range.startEnd))?.[0];
    const at = range.start + (tag?.length ?? 0);
    if (range.start >= 0 && tag) replaced.push({ start: at, end: at, text: ` ${marks}` });
  }
  let html = "";
  let at = 0;
  for (const one of replaced.sort((a, b) => a.start - b.start || a.end - b.end)) {
    if (one.start < at) continue;
    html += source.slice(at, one.start) + one.text;
    at = one.end;
  }
  html += source.slice(at);
  // Links in the head would look names up, and a base would lead the page's own links elsewhere.
  const styled = html.replace(/<(\/?)(link|base)\b/gi, "<$1x-$2").replace(/<style\b/gi, `<style nonce="${nonce}"`);
  const head = `<meta http-equiv="Content-Security-Policy" content="${POLICY}"><style nonce="${nonce}">${MARKS}</style>`;
  const doctype = /^\s*<!doctype[^>]*>/i.exec(styled)?.[0] ?? "";
  return doctype + head + styled.slice(doctype.length);
}
