import { isMap, isScalar, isSeq, parseDocument, type YAMLMap } from "yaml";

/** YAML between two lines of three hyphens at the start of a Markdown file; offsets in UTF-16 code units of the file. */
export interface FrontMatter {
  /** Where the YAML begins and ends. */
  start: number;
  end: number;
  /** Where the body begins. */
  bodyStart: number;
  map: YAMLMap | null;
  /** Why the YAML cannot be read, with its line in the file; null where it can. */
  fault: string | null;
}

const FENCES = /^---[ \t]*\r?\n([\s\S]*?)^(?:---|\.\.\.)[ \t]*(?:\r?\n|$)/m;

/** Reads front matter (YAML 1.2); null where the file has none. */
export function readFrontMatter(source: string): FrontMatter | null {
  const match = FENCES.exec(source);
  if (match?.index !== 0) return null;
  const yaml = match[1] ?? "";
  const start = source.indexOf("\n") + 1;
  const bounds = { start, end: start + yaml.length, bodyStart: match[0].length };
  const document = parseDocument(yaml, { strict: true, uniqueKeys: true });
  const [error] = document.errors;
  if (error) {
    const line = (error.linePos?.[0].line ?? 1) + 1;
    return { ...bounds, map: null, fault: `line ${line}: ${error.message.split(" at line")[0]}` };
  }
  if (document.contents !== null && !isMap(document.contents)) {
    return { ...bounds, map: null, fault: "line 2: it holds no names with values" };
  }
  return { ...bounds, map: document.contents as YAMLMap | null, fault: null };
}

/** All values by name: nested names joined by a dot, lists by ", ". */
export function valuesOf({ map }: FrontMatter): Record<string, string> {
  const values: Record<string, string> = {};
  const add = (name: string, node: unknown, depth: number) => {
    if (depth > 8) return;
    if (isScalar(node)) {
      const { value, source } = node;
      values[name] = value === null ? "" : typeof value === "string" ? value : (source ?? String(value));
    } else if (isSeq(node)) {
      values[name] = node.items
        .filter(isScalar)
        .map((item) => String(item.value))
        .join(", ");
    } else if (isMap(node)) {
      for (const { key, value } of node.items) {
        if (isScalar(key)) add(name ? `${name}.${String(key.value)}` : String(key.value), value, depth + 1);
      }
    }
  };
  if (map) add("", map, 0);
  return values;
}
