import type { Original } from "./original.ts";
import type { Page } from "./page.ts";

/** A page of which nothing has been read yet. */
export function emptyPage(
  address: string,
  source: string,
  { kind, charset, headers = {} }: Pick<Original, "kind" | "charset" | "headers">,
): Page {
  return {
    address,
    source,
    charset,
    fault: null,
    format: kind,
    headers,
    values: {},
    doctype: null,
    quirks: false,
    language: null,
    base: null,
    titles: [],
    metas: [],
    headLinks: [],
    headings: [],
    blocks: [],
    lists: [],
    tables: [],
    links: [],
    images: [],
    videos: [],
    controls: [],
    fields: [],
    frames: [],
    sections: [],
    landmarks: [],
    data: [],
    comments: [],
    ids: [],
    anchorNames: [],
    repeated: [],
    insecure: [],
    swallowing: [],
    headEndedBy: null,
    scripts: 0,
    anchors: { htmlStartEnd: -1, headStartEnd: -1, headFirst: -1, headEnd: -1 },
  };
}
