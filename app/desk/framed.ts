import type { Page } from "#core/page/page";
import { readPage } from "#core/page/read";

/** Marks each heading and landmark, in ink only: what is shown is the page's own. */
const MARKS = `
[data-outline]::before{content:attr(data-outline);font:600 11px/1 monospace;color:#274C9B;background:#fff;border:1px solid #274C9B;padding:1px 3px;margin-right:6px;vertical-align:middle}
[data-chosen]{outline:2px solid #274C9B;outline-offset:3px}
nav,aside,footer,header,main,[role=navigation],[role=complementary],[role=contentinfo],[role=banner],[role=main]{outline:1px dashed #7B8088;outline-offset:-1px}
[data-outline]{cursor:pointer}
img{outline:1px solid #7B8088;min-width:24px;min-height:16px}
`;

/** Nothing is fetched, run or sent from inside the frame. */
const POLICY = `default-src 'none'; style-src 'unsafe-inline'`;

/**
 * A source to be shown in a frame without scripts and network: each heading bears its level and index, its styles the nonce
 * that lets them through the policy that frames inherit.
 */
export function framedSource(source: string, address: string, nonce: string): string {
  const page = readPage(source, { address });
  const insertions = page.headings
    .filter(({ range }) => range.start >= 0)
    .map(({ range, level }, index) => {
      const name = /^<[a-z][^\s/>]*/i.exec(source.slice(range.start, range.startEnd))?.[0].length ?? 3;
      return { at: range.start + name, text: ` data-outline="H${level}" data-index="${index}"` };
    });
  let html = "";
  let at = 0;
  for (const one of insertions.toSorted((a, b) => a.at - b.at)) {
    html += source.slice(at, one.at) + one.text;
    at = one.at;
  }
  html += source.slice(at);
  // Links in the head would look names up, and a base would lead the page's own links elsewhere.
  const styled = html.replace(/<(\/?)(link|base)\b/gi, "<$1x-$2").replace(/<style\b/gi, `<style nonce="${nonce}"`);
  const head = `<meta http-equiv="Content-Security-Policy" content="${POLICY}"><style nonce="${nonce}">${MARKS}</style>`;
  const doctype = /^\s*<!doctype[^>]*>/i.exec(styled)?.[0] ?? "";
  return doctype + head + styled.slice(doctype.length);
}

/** Whether a page's body is made by a script when it is opened: then there is next to nothing to show. */
export const isMadeByScript = (page: Page): boolean => page.blocks.length < 3 && page.scripts > 0;
