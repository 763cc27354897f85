// Writes docs/rules.md from the catalogue.
import { writeFileSync } from "node:fs";
import { CATALOGUE } from "../core/rules/catalogue.ts";

const subjects = Map.groupBy(CATALOGUE.values(), (rule) => rule.id.split("/")[0] ?? "");
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
