import { contentHeadings } from "../page/body.ts";
import type { Page } from "../page/page.ts";
import { escapeText } from "../rewrite/markup.ts";

export type OutlineFormat = "text" | "markdown" | "html";

/** The outline of the content, to be pasted elsewhere: indented text, a Markdown list, or nested HTML lists. */
export function outlineAs(page: Page, format: OutlineFormat): string {
  const lines = contentHeadings(page)
    .filter(({ heading }) => heading.text !== "")
    .map(({ heading: { level, text } }) => ({ level: Math.min(6, level), text }));
  if (format === "text") return lines.map(({ level, text }) => `${"  ".repeat(level - 1)}H${level} ${text}`).join("\n");
  if (format === "markdown")
    return lines
      .map(({ level, text }) => `${"  ".repeat(level - 1)}- ${text.replace(/[\\`*_[\]<]/g, "\\$&")}`)
      .join("\n");
  let html = "";
  const open: number[] = [];
  for (const { level, text } of lines) {
    while (open.length > 0 && (open.at(-1) as number) > level) {
      html += "</li></ul>";
      open.pop();
    }
    if (open.at(-1) === level) html += "</li>";
    else {
      html += "<ul>";
      open.push(level);
    }
    html += `<li>${escapeText(text)}`;
  }
  return html + "</li></ul>".repeat(open.length);
}
