// Writes docs/rules.md from the catalogue.
import { writeFileSync } from "node:fs";
import { CATALOGUE } from "../core/rules/catalogue.ts";
import type { RuleFacts } from "../core/rules/rule.ts";

const subjects = new Map<string, RuleFacts[]>();
for (const rule of CATALOGUE.values()) {
  const subject = rule.id.split("/")[0] ?? "";
  subjects.set(subject, [...(subjects.get(subject) ?? []), rule]);
}
const sections = [...subjects].map(([subject, rules]) => {
  const rows = rules.map(
    ({ id, weight, finds, why, source, off }) =>
      `| \`${id}\` | ${weight}${off ? ", off by default" : ""} | ${finds}. ${why} | ${source.kind}${source.text ? `: ${source.text}` : ""} |`,
  );
  return `## ${subject}\n\n| id | weight | finds, and why | source |\n|---|---|---|---|\n${rows.join("\n")}\n`;
});
writeFileSync(
  new URL("../docs/rules.md", import.meta.url),
  `# The rules\n\nMade from the catalogue by \`npm run generate\`: ${CATALOGUE.size} rules. Weights are those of RFC 2119. A finding can be set aside with a reason: at one place, on a page, or for a rule on the whole site.\n\n${sections.join("\n")}`,
);
