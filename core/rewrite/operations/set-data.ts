import type { Page } from "../../page/page.ts";
import { safeInScript, sameBlock } from "../../structured-data/block-text.ts";
import type { Evidence } from "../../structured-data/evidence.ts";
import { readJson, SLIPS } from "../../structured-data/json-text.ts";
import { mergeJson } from "../../structured-data/merge-json.ts";
import { holderFor } from "../bytes.ts";
import { insertHeadElement, lineEndingNear } from "../insert.ts";
import { wholeLine } from "../markup.ts";
import type { Patch } from "../patch.ts";
import {
  type Carried,
  type Carrying,
  CHANGED,
  type Operation,
  type Planned,
  patched,
  SETTLED,
  type Shape,
  setsWhatWas,
  valueIn,
} from "./operation.ts";

/**
 * The text of a JSON-LD script element; "" takes the element out, and where there was none one is added to the head. Of
 * several that say the same all are changed alike; with `of`, how many there were, one of them is taken out.
 */
export interface SetData extends Shape {
  op: "set-data";
  id: string;
  value: string;
  was: string | null;
  evidence?: Evidence[];
  of?: number;
}

/** JSON with escapes for the letters that a character set lacks: a reference would be read as it stands in a script. */
function inCharset(json: string, charset: string): string {
  const holds = holderFor(charset);
  if (!holds || /^[\x20-\x7e\s]*$/.test(json)) return json;
  const escaped = (char: string) =>
    Array.from({ length: char.length }, (_, i) => `\\u${char.charCodeAt(i).toString(16).padStart(4, "0")}`).join("");
  return Array.from(json, (char) => (holds(char) ? char : escaped(char))).join("");
}

function plan(page: Page, { value, was, of }: SetData): Planned {
  const { source } = page;
  const json = value === "" ? null : readJson(value);
  if (json && "fault" in json) return `This is no JSON: ${SLIPS[json.fault.slip]}.`;
  const text = inCharset(safeInScript(value), page.charset.name);
  if (was === null) {
    if (value === "" || page.data.some((block) => sameBlock(block.text, text))) return null;
    const line = lineEndingNear(source, Math.max(0, page.anchors.headStartEnd));
    const html = `<script type="application/ld+json">\n${text.trim()}\n</script>`.replace(/\r\n?|\n/g, line);
    return patched({ patches: [insertHeadElement(page, "other", html)] });
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
  return patched({ patches });
}

function carry(edit: SetData, { page, handed, handing, plan }: Carrying<SetData>): Carried<SetData> {
  const planned = plan(edit);
  if (planned === null) return SETTLED;
  // What was handed over earlier has been taken over; the editor has gone on since.
  const there = handed && page.data.find(({ text }) => sameBlock(text, handed.value));
  if (there) return { kept: { ...edit, was: there.text } };
  return typeof planned === "string" ? merge(edit, planned, page, handing?.before ?? null) : { kept: edit };
}

/** Structured data that the site has changed too: both changes are merged, and asked about is only what both have changed. */
function merge(edit: SetData, reason: string, page: Page, before: Page | null): Carried<SetData> {
  const there = before && changedBlock(edit, page, before);
  if (edit.was === null || !there) return { conflict: { now: null, reason, mine: { ...edit, was: null } } };
  const at = { ...edit, was: there };
  if (edit.value === "") return { conflict: { now: there, reason: CHANGED, mine: at } };
  const merged = mergeJson(edit.was, edit.value, there);
  if (!merged) return { conflict: { now: there, reason: CHANGED, mine: at } };
  const { theirs, mine, clashes } = merged;
  if (clashes.length === 0) return theirs === there ? SETTLED : { kept: { ...at, value: theirs } };
  const names = clashes.map(({ pointer }) => pointer.slice(1).replaceAll("/", ", "));
  return {
    conflict: {
      now: there,
      reason: `You and the site have both changed ${names.join("; ")}.${theirs === there ? "" : " Your other changes are kept either way."}`,
      mine: { ...at, value: mine },
      theirs: theirs === there ? null : { ...at, value: theirs },
      clashes,
    },
  };
}

/** The block of structured data that has become of an edit's; null where that cannot be told. */
function changedBlock(edit: SetData, page: Page, before: Page): string | null {
  const was = (text: string, others: Page) => others.data.some((block) => sameBlock(block.text, text));
  const fresh = page.data.filter(({ text }) => !was(text, before));
  if (fresh.length === 1) return fresh[0]?.text ?? null;
  const own = edit.was === null ? "" : nameOfData(edit.was);
  const alike = fresh.filter(({ text }) => nameOfData(text) === own);
  return alike.length === 1 ? (alike[0]?.text ?? null) : null;
}

/** What a block says that it is about: the types and names of its outermost things. */
function nameOfData(text: string): string {
  const read = readJson(text);
  const name = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(name);
    if (typeof value !== "object" || value === null) return null;
    const { "@type": type, "@id": id, name: called, "@graph": graph } = value as Record<string, unknown>;
    return [type, id ?? called, graph === undefined ? null : name(graph)];
  };
  return "value" in read ? JSON.stringify(name(read.value)) : text;
}

export const setData: Operation<SetData> = {
  called: "structured data",
  schema: ({ joi, id, value, nothing, text }) => ({
    id,
    value,
    was: nothing,
    evidence: joi.array().items(
      joi.object({
        pointer: text.required(),
        exact: text.required(),
        before: text.required(),
        after: text.required(),
        heading: text.required(),
      }),
    ),
    of: joi.number().integer().min(2),
  }),
  nodes: () => [],
  is: valueIn,
  isNothing: setsWhatWas,
  plan: { html: plan },
  carry,
  sample: ({ data }, { fc }) => {
    const json = fc
      .constantFrom("Event", "Product", "Nothing")
      .map((type) => JSON.stringify({ "@context": "https://schema.org", "@type": type, name: "The <lamp>" }, null, 2));
    return fc
      .tuple(fc.constantFrom(null, ...data.map(({ text }) => text)), fc.oneof(json, fc.constant("")))
      .map(([was, value]): SetData => {
        const of = data.filter(({ text }) => text === was).length;
        const edit = { op: "set-data" as const, id: was === null ? "new" : `of ${was.length}`, value, was };
        return value === "" && of > 1 ? { ...edit, of } : edit;
      });
  },
};
