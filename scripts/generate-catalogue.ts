// Writes core/rules/rules.generated.ts: every rule that stands in a folder of core/rules, by subject and name; and
// facts.generated.ts: what is told of them, for who does not look for anything.
import { readdirSync, writeFileSync } from "node:fs";
import { type Rule, toldOf } from "../core/rules/rule.ts";
import { SUBJECTS } from "../core/rules/subjects.ts";

const folder = new URL("../core/rules/", import.meta.url);
const found: { name: string; file: string; rule: Rule }[] = [];
for (const subject of Object.keys(SUBJECTS)) {
  const files = readdirSync(new URL(`${subject}/`, folder)).filter((file) => /^(?!.*\.test\.).*\.ts$/.test(file));
  for (const file of files.sort()) {
    const exported: Record<string, unknown> = await import(new URL(`${subject}/${file}`, folder).href);
    for (const [name, value] of Object.entries(exported)) {
      if (typeof value !== "object" || !value || !("reach" in value)) continue;
      const rule = value as Rule;
      const { id } = rule;
      if (`${id}.ts` !== `${subject}/${file}`) throw new Error(`The rule ${id} stands in ${subject}/${file}.`);
      found.push({ name, file: `./${subject}/${file}`, rule });
    }
  }
}
writeFileSync(
  new URL("rules.generated.ts", folder),
  `// Made by \`npm run generate\`, from the folders beside it.
${found.map(({ name, file }) => `import { ${name} } from "${file}";`).join("\n")}
import type { Rule } from "./rule.ts";

/** Every rule, by subject and name. */
export const RULES: readonly Rule[] = [
${found.map(({ name }) => `  ${name},`).join("\n")}
];
`,
);
writeFileSync(
  new URL("facts.generated.ts", folder),
  `// Made by \`npm run generate\`, from the rules beside it.
import type { RuleTold } from "./rule.ts";

/** What is told of every rule, without what looks for it: a tenth of its size. */
export const FACTS: readonly RuleTold[] = ${JSON.stringify(found.map(({ rule }) => toldOf(rule)))};
`,
);
