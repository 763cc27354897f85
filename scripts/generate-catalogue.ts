// Writes core/rules/rules.generated.ts: every rule that stands in a folder of core/rules, by subject and name.
import { readdirSync, writeFileSync } from "node:fs";
import type { Rule } from "../core/rules/rule.ts";
import { SUBJECTS } from "../core/rules/subjects.ts";

const folder = new URL("../core/rules/", import.meta.url);
const found: { name: string; file: string }[] = [];
for (const subject of Object.keys(SUBJECTS)) {
  const files = readdirSync(new URL(`${subject}/`, folder)).filter((file) => /^(?!.*\.test\.).*\.ts$/.test(file));
  for (const file of files.sort()) {
    const exported: Record<string, unknown> = await import(new URL(`${subject}/${file}`, folder).href);
    for (const [name, value] of Object.entries(exported)) {
      const id = typeof value === "object" && value && "reach" in value ? (value as Rule).id : null;
      if (id === null) continue;
      if (`${id}.ts` !== `${subject}/${file}`) throw new Error(`The rule ${id} stands in ${subject}/${file}.`);
      found.push({ name, file: `./${subject}/${file}` });
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
