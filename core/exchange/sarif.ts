import { TOLD } from "../rules/told.ts";
import type { Weight } from "../settings/setting.ts";
import type { PageEntry, SiteEntry } from "./audit-report.ts";

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

type Told = Pick<PageEntry["findings"][number], "rule" | "weight" | "message">;

const result = ({ rule, weight, message }: Told, locations: object[]) => ({
  ruleId: rule,
  level: LEVELS[weight],
  message: { text: message },
  locations,
});

const artifact = (file: string) => ({ artifactLocation: { uri: uriOf(file) } });

/** The results of one page. */
export const pageResults = ({ file, findings }: PageEntry): object[] =>
  findings.map((finding) => {
    const { line, column } = finding;
    const region = line === null ? {} : { region: { startLine: line, startColumn: column } };
    return result(finding, [{ physicalLocation: { ...artifact(file), ...region } }]);
  });

/** The result of a finding across pages. */
export const siteResult = (finding: SiteEntry): object =>
  result(
    finding,
    finding.pages.map((file) => ({ physicalLocation: artifact(file) })),
  );

/** A run in SARIF 2.1.0 (OASIS Standard, 27 March 2020) with these results, and the rules that they are of. */
export function sarifAround(results: readonly unknown[], used: Iterable<string>): object {
  const ids = new Set(used);
  const rules = [...TOLD.values()]
    .filter((rule) => ids.has(rule.id))
    .map((rule) => ({
      id: rule.id,
      shortDescription: { text: rule.finds },
      fullDescription: { text: rule.why },
      defaultConfiguration: { level: LEVELS[rule.weight] },
    }));
  return {
    $schema: "https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/sarif-schema-2.1.0.json",
    version: "2.1.0",
    runs: [{ columnKind: "utf16CodeUnits", results, tool: { driver: { name: "Keen Quill", rules } } }],
  };
}
