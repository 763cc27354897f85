import type { Node } from "yaml";
import { type FrontMatter, readFrontMatter } from "../page/front-matter.ts";
import { markdownParsers } from "../page/load-markdown.ts";
import type { Patch } from "./patch.ts";

/** Names of front matter, in the order in which they are added. */
const ORDER = ["title", "description", "slug", "canonical"];

export const lineEnding = (source: string) => (/\r\n/.test(source.slice(0, 2000)) ? "\r\n" : "\n");

/** A value as YAML on one line: plain where that reads back as the same text, else in double quotes. */
function scalarText(value: string, type?: string): string {
  if (type === "QUOTE_SINGLE") return `'${value.replaceAll("'", "''")}'`;
  if (type !== "QUOTE_DOUBLE") {
    const { isScalar, parseDocument } = markdownParsers();
    const read = parseDocument(`k: ${value}`, { logLevel: "silent", prettyErrors: false });
    const node = read.get("k", true);
    if (
      read.errors.length === 0 &&
      isScalar(node) &&
      node.type === "PLAIN" &&
      node.value === value &&
      !/[:#]$/.test(value)
    )
      return value;
  }
  return JSON.stringify(value);
}

/** What stands behind a name in the file, a list too; null where the name is not there. */
function standsBehind(front: FrontMatter, name: string): Node | null {
  const { isNode, isScalar } = markdownParsers();
  const pair = front.map?.items.find(({ key }) => isScalar(key) && key.value === name);
  return pair && isNode(pair.value) ? pair.value : null;
}

/** The patches that set texts in a file's front matter, which is made where there is none. */
export function frontMatterPatches(source: string, fields: readonly { name: string; value: string | null }[]): Patch[] {
  if (fields.length === 0) return [];
  const front = readFrontMatter(source);
  const { isScalar } = markdownParsers();
  const newline = lineEnding(source);
  const patches: Patch[] = [];
  const missing: string[] = [];
  for (const { name, value } of [...fields].sort((a, b) => ORDER.indexOf(a.name) - ORDER.indexOf(b.name))) {
    if (value === null) continue;
    const node = front && standsBehind(front, name);
    if (!node?.range || !front) {
      missing.push(`${name}: ${scalarText(value)}${newline}`);
      continue;
    }
    const scalar = isScalar(node) ? node : null;
    if (scalar?.value === value) continue;
    const [from, to] = [front.start + node.range[0], front.start + node.range[1]];
    const before = source[from - 1];
    const lead = before === ":" ? " " : before === "\n" ? "  " : "";
    // A block, be it of text or a list, reaches to the end of its last line.
    const block = to > from && source[to - 1] === "\n";
    const text = scalarText(value, scalar?.type ?? undefined);
    patches.push({ start: from, end: to, text: `${lead}${text}${block ? newline : ""}` });
  }
  if (missing.length > 0) {
    const at = front?.end ?? 0;
    const text = front ? missing.join("") : `---${newline}${missing.join("")}---${newline}${newline}`;
    patches.push({ start: at, end: at, text });
  }
  return patches;
}

/** Characters that would begin markup stand behind a backslash (CommonMark 2.4). */
export const escapeMarkdown = (text: string) => text.replace(/[\\`*_[\]<&~]/g, "\\$&").replace(/#+$/, (s) => `\\${s}`);
