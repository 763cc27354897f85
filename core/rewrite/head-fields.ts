import { languageOf, type MetaElement, type Page } from "../page/page.ts";
import { readPage } from "../page/read.ts";
import { attributePlaces } from "../page/start-tag.ts";
import { readJson, SLIPS } from "../structured-data/json-text.ts";
import { safeInScript, sameBlock } from "../structured-data/patch-json.ts";
import { holderFor } from "./bytes.ts";
import { cleanValue, type Edit, type HeadEdit } from "./edits.ts";
import { insertHeadElement, lineEndingNear } from "./insert.ts";
import { escapeAttribute, setAttribute, wholeLine } from "./markup.ts";
import { removeMarkupData } from "./markup-data.ts";
import type { Patch } from "./patch.ts";
import type { BodyChange } from "./step.ts";

const METAS = { "set-robots": "robots", "set-keywords": "keywords", "set-viewport": "viewport" } as const;

export const isHeadEdit = (edit: Edit): edit is HeadEdit =>
  edit.op === "set-language" ||
  edit.op === "add-to-head" ||
  edit.op === "set-data" ||
  edit.op === "remove-markup-data" ||
  edit.op in METAS;

/** The first `meta` of a name. */
export const metaOf = (page: Page, name: string): MetaElement | undefined =>
  page.metas.find((meta) => meta.name === name);

/** How an edit of the head is carried out; null where it is in place already, or a reason for refusing. */
export function planHead(page: Page, edit: HeadEdit): BodyChange | null | string {
  if (edit.op === "add-to-head") return addToHead(page, edit.value);
  if (edit.op === "set-data") return setData(page, edit);
  if (edit.op === "remove-markup-data") return removeMarkupData(page);
  const value = cleanValue(edit.value);
  if (edit.op === "set-language") {
    if (value === languageOf(page)) return null;
    if (value === "") return "A page cannot be without a language. Type its tag, such as en-GB.";
    const { htmlStartEnd } = page.anchors;
    const start = htmlStartEnd < 0 ? -1 : page.source.lastIndexOf("<", htmlStartEnd - 1);
    if (start < 0) return "The source has no html element to say the language on. Add one there first.";
    const range = { start, startEnd: htmlStartEnd, endStart: -1, end: htmlStartEnd };
    // XML's own attribute says the same to other programs (HTML 3.2.6.2: the two must agree).
    const xml = attributePlaces(page.source, start, htmlStartEnd).some(({ name }) => name === "xml:lang");
    const names = xml ? ["lang", "xml:lang"] : ["lang"];
    return { patches: names.map((name) => setAttribute(page.source, range, name, value)) };
  }
  const name = METAS[edit.op];
  const meta = metaOf(page, name);
  if (value === (meta?.content ?? "")) return null;
  if (meta?.range) return { patches: [setAttribute(page.source, meta.range, "content", value)] };
  return {
    patches: [insertHeadElement(page, "other", `<meta name="${name}" content="${escapeAttribute(value, '"')}"`)],
  };
}

/** Why the head may not hold a piece of markup (HTML 4.2.1, metadata content); null where it may. */
export function notForHead(html: string): string | null {
  if (!/<[a-z]/i.test(html)) return "There is no element in it. Paste the whole code, with its angle brackets.";
  const source = `<!doctype html><html><head>${html}</head><body></body></html>`;
  const { headEndedBy, swallowing, anchors } = readPage(source, { address: "https://a.example/" });
  if (headEndedBy)
    return headEndedBy.tag === null
      ? "Text cannot stand in the head."
      : `A ${headEndedBy.tag} element cannot stand in the head.`;
  return swallowing.length > 0 || anchors.headEnd < 0 ? "Something in it is not closed." : null;
}

function addToHead(page: Page, value: string): BodyChange | null | string {
  const html = value.trim();
  const wrong = notForHead(html);
  if (wrong) return wrong;
  if (page.source.includes(html)) return null;
  return { patches: [insertHeadElement(page, "other", html)] };
}

/** JSON with escapes for the letters that a character set lacks: a reference would be read as it stands in a script. */
function inCharset(json: string, charset: string): string {
  const holds = holderFor(charset);
  if (!holds || /^[\x20-\x7e\s]*$/.test(json)) return json;
  const escaped = (char: string) =>
    Array.from({ length: char.length }, (_, i) => `\\u${char.charCodeAt(i).toString(16).padStart(4, "0")}`).join("");
  return Array.from(json, (char) => (holds(char) ? char : escaped(char))).join("");
}

function setData(page: Page, { value, was, of }: Extract<HeadEdit, { op: "set-data" }>): BodyChange | null | string {
  const { source } = page;
  const json = value === "" ? null : readJson(value);
  if (json && "fault" in json) return `This is no JSON: ${SLIPS[json.fault.slip]}.`;
  const text = inCharset(safeInScript(value), page.charset.name);
  if (was === null) {
    if (value === "" || page.data.some((block) => sameBlock(block.text, text))) return null;
    const line = lineEndingNear(source, Math.max(0, page.anchors.headStartEnd));
    const html = `<script type="application/ld+json">\n${text.trim()}\n</script>`.replace(/\r\n?|\n/g, line);
    return { patches: [insertHeadElement(page, "other", html)] };
  }
  const equal = page.data.filter((one) => one.text === was);
  if (of !== undefined && equal.length !== of)
    return equal.length === of - 1
      ? null
      : "The JSON-LD does not stand as often as when this was changed. Change it again.";
  if (equal.length === 0) {
    const made = value === "" || page.data.some((one) => sameBlock(one.text, text));
    return made ? null : "The JSON-LD is not as it was when this was changed. Change it again.";
  }
  if (text === was) return null;
  const patches: Patch[] = [];
  for (const { range } of of === undefined ? equal : equal.slice(-1)) {
    const { start, end } = range;
    if (value !== "") patches.push({ start, end, text });
    else {
      const close = /^<\/script[^>]*>/i.exec(source.slice(end))?.[0].length;
      if (!close) return "The script element is not closed in the source. Close it there first.";
      patches.push(wholeLine(source, source.lastIndexOf("<", start - 1), end + close));
    }
  }
  return { patches };
}
