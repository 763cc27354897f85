import { readFileSync } from "node:fs";
import { type DataReport, dataReport } from "#core/exchange/data-report";
import { originalFromText } from "#core/page/original";
import type { Page } from "#core/page/page";
import { readPage } from "#core/page/read";
import { audit } from "#core/rules/audit";
import { DEFAULT_HOUSE_STYLE } from "#core/rules/house-style";
import { WEIGHTS, type Weight } from "#core/rules/setting";
import { localDay } from "#core/rules/today";
import { expandBeyond } from "#core/structured-data/expand-beyond";
import { CommandFault } from "./fault.ts";
import { baseAddress, readPageFile } from "./files.ts";

/** A file of JSON-LD as a page that holds nothing else. */
function pageOfJson(file: string, address: string): Page {
  let source: string;
  try {
    source = readFileSync(file, "utf8").replace(/^\ufeff/, "");
  } catch {
    throw new CommandFault(`${file} could not be read.`);
  }
  const empty = readPage(originalFromText("<!doctype html>"), { address });
  return { ...empty, source, data: [{ text: source, range: { start: 0, end: source.length } }] };
}

export async function checkDataCommand(
  file: string,
  options: { format: "text" | "json"; base: string; failOn: Weight },
): Promise<void> {
  const base = baseAddress(options.base);
  const isJson = /\.(?:jsonld|json)$/i.test(file);
  const page = isJson ? pageOfJson(file, base) : readPageFile(file, ".", base).page;
  await expandBeyond(page);
  const today = localDay();
  const report = dataReport(page, audit(page, { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today }));
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
        ? `can earn the ${feature}`
        : missing.length > 0
          ? `for the ${feature} it still needs ${missing.join(", ")}`
          : `the ${feature} is shown no longer, or only for some sites`,
    ),
    ...findings.map(({ weight, line, column, message, rule }) => `${line}:${column}  ${weight}  ${message}  ${rule}`),
  ];
  return `${lines.join("\n")}\n`;
}
