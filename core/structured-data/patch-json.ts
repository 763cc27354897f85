import { applyEdits, modify, type Node } from "jsonc-parser";
import { nodeAt, type Path } from "./json-text.ts";

/** How a text of JSON is set: what its lines are indented by and end in. A text of one line has no lines to keep. */
interface Setting {
  indent: string;
  line: string;
}

const settingOf = (text: string): Setting | null =>
  /[\n\r]/.test(text.trim())
    ? { indent: /[{[]\s*[\r\n]([ \t]+)/.exec(text)?.[1] ?? "  ", line: text.includes("\r\n") ? "\r\n" : "\n" }
    : null;

/** A value as JSON that stands behind `margin`. */
const written = (value: unknown, setting: Setting | null, margin: string): string =>
  setting === null
    ? JSON.stringify(value)
    : JSON.stringify(value, null, setting.indent).replaceAll("\n", setting.line + margin);

const marginOf = (text: string, offset: number): string =>
  /(?:^|[\r\n])([ \t]*)[^\r\n]*$/.exec(text.slice(0, offset))?.[1] ?? "";

/** A text of JSON with one value replaced or added; everything else stays as it is written. `undefined` takes it out. */
export function replaceValue(text: string, path: Path, value: unknown): string {
  if (value === undefined) return applyEdits(text, modify(text, [...path], undefined, {}));
  const node = nodeAt(text, path);
  if (node) {
    const { offset, length } = node;
    // A long list or thing takes lines of its own only where what it replaces has them, or none stood there before.
    const lines = text.slice(offset, offset + length).includes("\n") || !node.children;
    const setting = lines && typeof value === "object" ? settingOf(text) : null;
    return text.slice(0, offset) + written(value, setting, marginOf(text, offset)) + text.slice(offset + length);
  }
  const around = nodeAt(text, path.slice(0, -1));
  const name = path.at(-1);
  if (!around?.children || name === undefined) return applyEdits(text, modify(text, [...path], value, {}));
  return inserted(text, around, typeof name === "string" ? name : null, value);
}

/** A text with one more member behind the others of an object, or one more item of a list. */
function inserted(text: string, { offset, length, children = [] }: Node, name: string | null, value: unknown): string {
  const setting = settingOf(text);
  const [first, second] = children;
  const last = children.at(-1);
  const member = first?.children?.[1] && name !== null ? first.children : null;
  const colon = member?.[0] && member[1] ? text.slice(member[0].offset + member[0].length, member[1].offset) : ": ";
  const key = name === null ? "" : JSON.stringify(name) + (first || setting ? colon : ":");
  if (!first || !last) {
    const own = marginOf(text, offset);
    const [inner, outer] = setting ? [setting.line + own + setting.indent, setting.line + own] : ["", ""];
    const made = inner + key + written(value, setting, own + (setting?.indent ?? "")) + outer;
    return text.slice(0, offset + 1) + made + text.slice(offset + length - 1);
  }
  const end = last.offset + last.length;
  // A line for each, or all in one line as they stand.
  const apart = /[\r\n]/.test(text.slice(offset, first.offset));
  const margin = marginOf(text, first.offset);
  const between = second ? text.slice(first.offset + first.length, second.offset) : colon.endsWith(" ") ? ", " : ",";
  const comma = apart && setting ? `,${setting.line}${margin}` : /[\r\n]/.test(between) ? ", " : between;
  return text.slice(0, end) + comma + key + written(value, apart ? setting : null, margin) + text.slice(end);
}

/** The way that a JSON pointer names (RFC 6901); whole numbers are places in arrays. */
export const pathOfPointer = (pointer: string): (string | number)[] =>
  pointer
    .split("/")
    .slice(1)
    .map((step) => (/^\d+$/.test(step) ? Number(step) : step.replaceAll("~1", "/").replaceAll("~0", "~")));
