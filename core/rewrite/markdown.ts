import { isScalar, parseDocument, type Scalar } from "yaml";
import { type FrontMatter, readFrontMatter } from "../page/front-matter.ts";
import type { Heading, Page } from "../page/page.ts";
import type { Patch } from "./patch.ts";
import type { Step } from "./step.ts";

/** The front-matter name of each field, in the order in which they are added. */
const NAMES = {
  "set-title": "title",
  "set-description": "description",
  "set-slug": "slug",
  "set-canonical": "canonical",
};

type FieldStep = Extract<Step, { op: keyof typeof NAMES }>;
const isFieldStep = (step: Step): step is FieldStep => step.op in NAMES;

export const lineEnding = (source: string) => (/\r\n/.test(source.slice(0, 2000)) ? "\r\n" : "\n");

/** A value as YAML on one line: plain where that reads back as the same text, else in double quotes. */
function scalarText(value: string, type?: string): string {
  if (type === "QUOTE_SINGLE") return `'${value.replaceAll("'", "''")}'`;
  if (type !== "QUOTE_DOUBLE") {
    const read = parseDocument(`k: ${value}`, { logLevel: "silent" });
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

/** Where a value stands in the file, or null where the name is not there. */
function scalarOf(front: FrontMatter, name: string): Scalar | null {
  const pair = front.map?.items.find(({ key }) => isScalar(key) && key.value === name);
  return pair && isScalar(pair.value) ? pair.value : null;
}

function fieldPatches(source: string, steps: readonly FieldStep[]): Patch[] {
  if (steps.length === 0) return [];
  const front = readFrontMatter(source);
  const newline = lineEnding(source);
  const patches: Patch[] = [];
  const missing: string[] = [];
  for (const { op, value } of [...steps].sort((a, b) => ORDER.indexOf(a.op) - ORDER.indexOf(b.op))) {
    const name = NAMES[op];
    const node = front && scalarOf(front, name);
    if (!node?.range || !front) {
      missing.push(`${name}: ${scalarText(value)}${newline}`);
      continue;
    }
    if (node.value === value) continue;
    const [from, to] = [front.start + node.range[0], front.start + node.range[1]];
    const block = node.type === "BLOCK_LITERAL" || node.type === "BLOCK_FOLDED";
    const lead = source[from - 1] === ":" ? " " : "";
    patches.push({ start: from, end: to, text: `${lead}${scalarText(value, node.type)}${block ? newline : ""}` });
  }
  if (missing.length > 0) {
    const at = front?.end ?? 0;
    const text = front ? missing.join("") : `---${newline}${missing.join("")}---${newline}${newline}`;
    patches.push({ start: at, end: at, text });
  }
  return patches;
}

const ORDER = Object.keys(NAMES);

/** Characters that would begin markup stand behind a backslash (CommonMark 2.4). */
export const escapeMarkdown = (text: string) => text.replace(/[\\`*_[\]<&~]/g, "\\$&").replace(/#+$/, (s) => `\\${s}`);

type HeadingStep = Exclude<Step, FieldStep | { op: "patch" }>;

function headingPatches(source: string, heading: Heading, step: HeadingStep): Patch[] {
  const { start, startEnd, endStart, end } = heading.range;
  const hashes = /^#{1,6}/.exec(source.slice(start, end))?.[0].length ?? 0;
  // What follows the text: closing hashes, or the line below that makes it a heading.
  const underline = hashes ? null : /\r?\n[ \t]*(?:=+|-+)[ \t]*$/.exec(source.slice(endStart, end));
  const underlineStart = underline ? endStart + underline.index : end;
  if (step.op === "set-heading-text") {
    const part = heading.parts[step.part];
    if (part) return [{ ...part.range, text: escapeMarkdown(step.partText) }];
    return [{ start: start + hashes, end: start + hashes, text: ` ${escapeMarkdown(step.value)}` }];
  }
  if (step.op === "set-heading-level") {
    if (hashes) return [{ start, end: start + hashes, text: "#".repeat(step.level) }];
    if (step.level <= 2 && underline) {
      const mark = step.level === 1 ? "=" : "-";
      return [{ start: underlineStart, end, text: underline[0].replace(/[=-]/g, mark) }];
    }
    return [
      { start, end: start, text: `${"#".repeat(step.level)} ` },
      { start: underlineStart, end, text: "" },
    ];
  }
  // remove-heading: the line stays as a paragraph, with empty lines around it as paragraphs need.
  if (heading.text === "") return [{ start, end, text: "" }];
  const newline = lineEnding(source);
  const glued = /^\r?\n[^\r\n]/.test(source.slice(end, end + 3)) ? newline : "";
  const gluedBefore = /[^\r\n]\r?\n$/.test(source.slice(Math.max(0, start - 3), start)) ? newline : "";
  return [
    { start, end: hashes ? startEnd : start, text: gluedBefore },
    { start: endStart, end, text: glued },
  ];
}

/** The patches that carry out steps in a Markdown file: fields in its front matter, headings and blocks in its body. */
export function markdownPatches(page: Page, steps: readonly Step[]): Patch[] {
  const patches = fieldPatches(page.source, steps.filter(isFieldStep));
  for (const step of steps) {
    if (step.op === "patch") for (const patch of step.change.patches) patches.push(patch);
    const heading = "index" in step ? page.headings[step.index] : undefined;
    if (heading && "index" in step) patches.push(...headingPatches(page.source, heading, step));
  }
  return patches;
}
