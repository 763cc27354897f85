import type { DeviceReport, ResultReport } from "#core/exchange/result-report";
import { localDay } from "#core/rules/today";
import { baseAddress } from "./files.ts";
import { readStyle } from "./house-style.ts";
import { onThread } from "./threads.ts";

interface ResultOptions {
  query: string;
  style?: string;
  base: string;
  format: "text" | "json";
}

/** What both devices show of a page for a query, and why. */
export async function resultCommand(file: string, options: ResultOptions): Promise<void> {
  const basis = { query: options.query, style: await readStyle(options.style), today: localDay() };
  const report = await onThread("resultOfFile", { file, root: ".", base: baseAddress(options.base) }, basis);
  process.stdout.write(options.format === "json" ? `${JSON.stringify(report, null, 2)}\n` : inText(report));
}

function inText({ desktop, mobile, parts, instead, drawn }: ResultReport): string {
  const device = (name: string, { trail, title, description }: DeviceReport) => {
    const [first = "", ...others] = description.lines;
    return [name, trail.join(" › "), ...title.lines, description.lead + first, ...others, ""];
  };
  const lines = [
    ...device("On desktop", desktop),
    ...device("On mobile", mobile),
    ...parts.map(({ id, shown, why, needs }) => {
      const what = shown.length > 0 ? shown.join(" · ") : "not there";
      return `${id}: ${what.replace(/[.!?]$/, "")}. ${why}${needs.length > 0 ? ` It needs ${needs.join(", ")}.` : ""}`;
    }),
    "",
    ...instead.map(({ why, text }) => `${why} “${text}”`),
    drawn
      ? `Where the description is passed over: “${drawn.text}”`
      : "There is no text that a description could be drawn from.",
  ];
  return `${lines.join("\n")}\n`;
}
