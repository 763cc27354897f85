import { DESCRIPTIONS } from "./descriptions.generated.ts";

let read: ReadonlyMap<string, string> | null = null;

/** What schema.org says that a type, property or member means; "" where it does not know it. Loaded by itself: it is long. */
export function describe(name: string): string {
  read ??= new Map(
    DESCRIPTIONS.split("\n").map((line) => {
      const tab = line.indexOf("\t");
      return tab < 0 ? [line, ""] : [line.slice(0, tab), line.slice(tab + 1)];
    }),
  );
  return read.get(name) ?? "";
}
