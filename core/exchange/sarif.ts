import { fingerprint } from "../page/fingerprint.ts";
import type { RuleTold } from "../rules/rule.ts";
import { sourceLink } from "../rules/source-link.ts";
import { TOLD } from "../rules/told.ts";
import type { Weight } from "../settings/setting.ts";
import type { FindingEntry, FindingsEntry, SiteEntry } from "./audit-report.ts";

const LEVELS: Record<Weight, string> = { must: "error", should: "warning", may: "note" };

/**
 * A file's path as a URI reference (RFC 3986, 4.1): each segment with what it reserves escaped. A first segment with a colon
 * would be taken for a scheme (4.2).
 */
function uriOf(file: string): string {
  if (/^https?:\/\//i.test(file) && URL.canParse(file)) return new URL(file).href;
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

type Told = Pick<FindingEntry, "rule" | "weight" | "message" | "key">;

/** One name for one finding, from run to run, wherever it has moved to in its file (SARIF 2.1.0, 3.27.17). */
const fingerprintOf = ({ rule, key }: Told, file: string) => fingerprint(JSON.stringify([rule, key, file]));

const result = (found: Told, file: string, locations: object[]) => ({
  ruleId: found.rule,
  level: LEVELS[found.weight],
  message: { text: found.message },
  locations,
  partialFingerprints: { "finding/v1": fingerprintOf(found, file) },
});

const artifact = (file: string) => ({ artifactLocation: { uri: uriOf(file) } });

/** The results of one page. */
export const pageResults = ({ file, findings }: FindingsEntry): object[] =>
  findings.map((finding) => {
    const { line, column } = finding;
    const region = line === null ? {} : { region: { startLine: line, startColumn: column } };
    return result(finding, file, [{ physicalLocation: { ...artifact(file), ...region } }]);
  });

/** The result of a finding across pages. */
export const siteResult = (finding: SiteEntry): object =>
  result(
    finding,
    finding.pages[0] ?? "",
    finding.pages.map((file) => ({ physicalLocation: artifact(file) })),
  );

/** A rule as SARIF describes it, with a link where its source is published. */
function described({ id, finds, why, weight, source }: RuleTold): object {
  const link = sourceLink(source);
  return {
    id,
    shortDescription: { text: finds },
    fullDescription: { text: why },
    help: { text: source.text ? `${why} Source: ${source.text}.` : why },
    ...(link && { helpUri: link }),
    defaultConfiguration: { level: LEVELS[weight] },
  };
}

/** A run in SARIF 2.1.0 (OASIS Standard, 27 March 2020) with these results, and the rules that they are of. */
export function sarifAround(results: readonly unknown[], used: Iterable<string>, version: string): object {
  const ids = new Set(used);
  const rules = [...TOLD.values()].filter(({ id }) => ids.has(id)).map(described);
  return {
    $schema: "https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/sarif-schema-2.1.0.json",
    version: "2.1.0",
    runs: [
      {
        columnKind: "utf16CodeUnits",
        results,
        tool: { driver: { name: "Keen Quill", semanticVersion: version, rules } },
      },
    ],
  };
}
