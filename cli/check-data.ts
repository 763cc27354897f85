import type { DataReport } from "#core/exchange/data-report";
import { localDay } from "#core/rules/today";
import { WEIGHTS, type Weight } from "#core/settings/setting";
import { baseAddress } from "./files.ts";
import { onThread } from "./threads.ts";

export async function checkDataCommand(
  file: string,
  options: { format: "text" | "json"; base: string; failOn: Weight },
): Promise<void> {
  const read = { file, root: ".", base: baseAddress(options.base) };
  const report = await onThread("checkDataOfFile", read, localDay());
  process.stdout.write(options.format === "json" ? `${JSON.stringify(report, null, 2)}\n` : inText(file, report));
  const gates = WEIGHTS.slice(0, WEIGHTS.indexOf(options.failOn) + 1);
  if (report.findings.some(({ weight }) => gates.includes(weight))) process.exitCode = 1;
}

function inText(file: string, { entities, features, findings }: DataReport): string {
  const lines = [
    entities.length === 0
      ? `${file}: no structured data`
      : `${file}: ${entities.map(({ type }) => type.join(" and ") || "an entity without type").join(", ")}`,
    ...features.map(({ feature, earned, missing }) =>
      earned
        ? `search results may show the ${feature}`
        : missing.length > 0
          ? `for the ${feature} it still needs ${missing.join(", ")}`
          : `the ${feature} is shown no longer, or only for some sites`,
    ),
    ...findings.map(({ weight, line, column, message, rule }) => `${line}:${column}  ${weight}  ${message}  ${rule}`),
  ];
  return `${lines.join("\n")}\n`;
}
