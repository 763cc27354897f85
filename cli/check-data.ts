import type { DataReport } from "#core/exchange/data-report";
import { localDay } from "#core/rules/today";
import { WEIGHTS, type Weight } from "#core/settings/setting";
import { CommandFault } from "./fault.ts";
import { baseAddress } from "./files.ts";
import { startThreads, TookTooLong } from "./threads.ts";

export async function checkDataCommand(
  file: string,
  options: { format: "text" | "json"; base: string; failOn: Weight },
): Promise<void> {
  const base = baseAddress(options.base);
  const threads = startThreads(1);
  let report: DataReport;
  try {
    report = await threads.run("checkDataOfFile", { file, root: ".", base }, localDay());
  } catch (error) {
    throw error instanceof TookTooLong ? new CommandFault(`${file} ${error.message}.`) : error;
  } finally {
    await threads.end();
  }
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
