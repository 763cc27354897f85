// Tests read Markdown without asking what a page is written in.
import { loadMarkdown } from "./load-markdown.ts";

await loadMarkdown({ kind: "markdown" });
