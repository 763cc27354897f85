import type { Finding } from "../findings/finding.ts";
import { type Page, positionOf } from "../page/page.ts";
import { featuresOf } from "../structured-data/features.ts";
import { type Entity, nameOf, textOfValue, type Value } from "../structured-data/graph.ts";
import { dataOf } from "../structured-data/page-data.ts";

type ReportedValue = string | number | boolean | EntityReport | { id: string };

interface EntityReport {
  type: string[];
  id: string | null;
  properties: Record<string, ReportedValue[]>;
}

/** What is told of a page's structured data; its shape is documented in docs/cli.md. */
export interface DataReport {
  version: 1;
  blocks: number;
  entities: EntityReport[];
  features: { feature: string; entity: string; earned: boolean; missing: string[] }[];
  findings: {
    rule: string;
    weight: Finding["weight"];
    message: string;
    /** JSON pointer within the block (RFC 6901), behind its number; null for what stands in the markup. */
    pointer: string | null;
    line: number;
    column: number;
  }[];
}

const reportOf = (value: Value): ReportedValue => {
  if (value.kind === "entity") return entityReport(value.entity);
  if (value.kind === "number") return value.number;
  if (value.kind === "truth") return value.truth;
  return value.kind === "reference" ? { id: value.id } : textOfValue(value);
};

export const entityReport = ({ types, id, properties }: Entity): EntityReport => ({
  type: types,
  id,
  properties: Object.fromEntries(properties.map(({ name, values }) => [name, values.map(reportOf)])),
});

/** Everything about a page's structured data, with the findings that concern it. */
export function dataReport(page: Page, findings: readonly Finding[]): DataReport {
  const data = dataOf(page);
  return {
    version: 1,
    blocks: data.blocks.length,
    entities: data.roots.map(entityReport),
    features: featuresOf(data).map(({ feature, entity, missing }) => ({
      feature: feature.shows,
      entity: [...entity.types, nameOf(entity)].filter(Boolean).join(" "),
      earned: missing.length === 0 && !feature.retired,
      missing: missing.map(({ label }) => label),
    })),
    findings: findings.flatMap(({ rule, weight, message, at }) => {
      if (at.part !== "data") return [];
      const { line, column } = positionOf(page.source, at.range.start);
      const pointer = at.pointer.startsWith("markup") ? null : at.pointer;
      return [{ rule, weight, message, pointer, line, column }];
    }),
  };
}
