import type { Original } from "./original.ts";

type Parsers = typeof import("./markdown-parsers.ts");

let parsers: Parsers | null = null;

/** Loads what parses Markdown and YAML, which is large, for an original that needs it: before it is read. */
export async function loadMarkdown({ kind }: Pick<Original, "kind">): Promise<void> {
  if (kind === "markdown") parsers ??= await import("./markdown-parsers.ts");
}

/** What parses Markdown and YAML. Throws where no Markdown was loaded. */
export function markdownParsers(): Parsers {
  if (!parsers) throw new Error("What parses Markdown was not loaded.");
  return parsers;
}
