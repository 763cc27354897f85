import { readPage } from "#core/page/read";

/** Each heading's level before it, each landmark a bracket at its left with its name: as in the outline, and in ink only. */
const MARKS = `
[data-outline]::before{content:attr(data-outline);font:400 11px/1 monospace;letter-spacing:0;text-transform:none;color:#274C9B;margin-right:.6em;vertical-align:middle}
[data-chosen]{text-decoration:underline;text-decoration-color:#274C9B;text-decoration-thickness:2px;text-underline-offset:4px}
[data-landmark]{box-shadow:inset 2px 0 0 #7B8088;padding-left:8px}
[data-landmark]::before{content:attr(data-landmark);display:block;font:400 11px/1.5 monospace;letter-spacing:0;text-transform:none;color:#4A4E55}
[data-outline]{cursor:pointer}
img{outline:1px solid #7B8088;min-width:24px;min-height:16px}
`;

/** Nothing is fetched, run or sent from inside the frame. */
const POLICY = `default-src 'none'; style-src 'unsafe-inline'`;

/**
 * A source to be shown in a frame without scripts and network: each heading bears its level and index, each landmark its
 * name, its styles the nonce that lets them through the policy that frames inherit.
 */
export function framedSource(source: string, address: string, nonce: string): string {
  const page = readPage(source, { address });
  const marked = [
    ...Array.from(page.headings, ({ range, level }, i) => ({
      range,
      marks: `data-outline="H${level}" data-index="${i}"`,
    })),
    ...page.landmarks.map(({ range, kind }) => ({ range, marks: `data-landmark="${kind}"` })),
  ];
  const insertions = marked.flatMap(({ range, marks }) => {
    const tag = /^<[a-z][^\s/>]*/i.exec(source.slice(range.start, range.startEnd))?.[0];
    return range.start < 0 || !tag ? [] : [{ at: range.start + tag.length, text: ` ${marks}` }];
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
