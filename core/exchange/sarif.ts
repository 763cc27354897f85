import { TOLD } from "../rules/told.ts";
import type { Weight } from "../settings/setting.ts";
import type { AuditReport } from "./audit-report.ts";

const LEVELS: Record<Weight, string> = { must: "error", should: "warning", may: "note" };

/**
 * A file's path as a URI reference (RFC 3986, 4.1): each segment with what it reserves escaped. A first segment with a colon
 * would be taken for a scheme (4.2).
 */
function uriOf(file: string): string {
  const escaped = file
    .toWellFormed()
    .replaceAll("\\", "/")
    .split("/")
    .map((segment) =>
      encodeURIComponent(segment).replace(/[!'()*]/g, (c) => `%${c.charCodeAt(0).toString(16).toUpperCase()}`),
    )
    .join("/");
  return file.startsWith("//") ? `/.${escaped}` : escaped;
}

/** An audit as SARIF 2.1.0 (OASIS Standard, 27 March 2020). */
export function sarifOf(report: AuditReport): object {
  const used = new Set([
    ...report.pages.flatMap((p) => p.findings.map((f) => f.rule)),
    ...report.site.findings.map((f) => f.rule),
  ]);
  const rules = [...TOLD.values()]
    .filter((rule) => used.has(rule.id))
    .map((rule) => ({
      id: rule.id,
      shortDescription: { text: rule.finds },
      fullDescription: { text: rule.why },
      defaultConfiguration: { level: LEVELS[rule.weight] },
    }));
  const ofPages = report.pages.flatMap((page) =>
    page.findings.map((f) => ({
      ruleId: f.rule,
      level: LEVELS[f.weight],
      message: { text: f.message },
      locations: [
        {
          physicalLocation: {
            artifactLocation: { uri: uriOf(page.file) },
            ...(f.line !== null && { region: { startLine: f.line, startColumn: f.column } }),
          },
        },
      ],
    })),
  );
  const ofSite = report.site.findings.map((f) => ({
    ruleId: f.rule,
    level: LEVELS[f.weight],
    message: { text: f.message },
    locations: f.pages.map((file) => ({ physicalLocation: { artifactLocation: { uri: uriOf(file) } } })),
  }));
  return {
    $schema: "https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/sarif-schema-2.1.0.json",
    version: "2.1.0",
    runs: [
      {
        tool: { driver: { name: "Keen Quill", rules } },
        columnKind: "utf16CodeUnits",
        results: [...ofPages, ...ofSite],
      },
    ],
  };
}
