import { baseAddress } from "./files.ts";
import { readStyle } from "./house-style.ts";
import { onThread } from "./threads.ts";

interface SuggestOptions {
  phrase: string;
  style?: string;
  base: string;
  format: "text" | "json";
}

/** Titles and descriptions out of a page's own words. */
export async function suggestCommand(file: string, options: SuggestOptions): Promise<void> {
  const basis = { phrase: options.phrase, style: await readStyle(options.style) };
  const report = await onThread("suggestForFile", { file, root: ".", base: baseAddress(options.base) }, basis);
  if (options.format === "json") {
    process.stdout.write(`${JSON.stringify(report, null, 2)}\n`);
    return;
  }
  const list = (name: string, texts: typeof report.titles) =>
    texts.length === 0
      ? [`${name}: none`]
      : [
          name,
          ...texts.flatMap(({ text, px, reasons }) => [
            `  ${text}`,
            `    ${Math.round(px)} px; it ${reasons.join(", ")}`,
          ]),
        ];
  process.stdout.write(
    `${[...list("Titles", report.titles), ...list("Descriptions", report.descriptions)].join("\n")}\n`,
  );
}
