import type { Page } from "./page.ts";

/** What a page's JSON-LD says, flattened for patterns and for guessing its kind. Checking it is another matter. */
export interface StructuredValues {
  /** Every `@type`, outermost first, without the vocabulary's address. */
  types: string[];
  /** First value of each property path, such as `offers.price`, from the outermost entities. */
  values: Readonly<Record<string, string>>;
}

const NOTHING: StructuredValues = { types: [], values: {} };
const remembered = new WeakMap<Page["data"], StructuredValues>();

/** Reads all JSON-LD blocks; one that is no JSON says nothing here. */
export function structuredValues(page: Page): StructuredValues {
  if (page.data.length === 0) return NOTHING;
  let read = remembered.get(page.data);
  if (!read) {
    const types: string[] = [];
    const values: Record<string, string> = {};
    for (const { text } of page.data) {
      try {
        collect(JSON.parse(text), "", types, values, 0);
      } catch {
        // Its syntax is checked where structured data is.
      }
    }
    read = { types, values };
    remembered.set(page.data, read);
  }
  return read;
}

function collect(node: unknown, path: string, types: string[], values: Record<string, string>, depth: number): void {
  if (depth > 12 || node === null || node === undefined) return;
  if (Array.isArray(node)) {
    for (const item of node) collect(item, path, types, values, depth + 1);
    return;
  }
  if (typeof node !== "object") {
    if (path && values[path] === undefined) values[path] = String(node);
    return;
  }
  for (const [name, value] of Object.entries(node)) {
    if (name === "@type") {
      for (const type of Array.isArray(value) ? value : [value]) types.push(String(type).replace(/^.*[/#:]/, ""));
    } else if (name === "@graph") collect(value, path, types, values, depth + 1);
    else if (name === "@value" || name === "@id") {
      if (path && values[path] === undefined && name === "@value") values[path] = String(value);
    } else if (!name.startsWith("@")) collect(value, path ? `${path}.${name}` : name, types, values, depth + 1);
  }
}
