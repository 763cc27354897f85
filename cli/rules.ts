import { CATALOGUE } from "#core/rules/catalogue";

export function rulesCommand(options: { format: "text" | "json" }): void {
  const rules = [...CATALOGUE.values()].map(({ id, weight, finds, why, source, off }) => ({
    id,
    weight,
    finds,
    why,
    source,
    on: !off,
  }));
  if (options.format === "json") {
    process.stdout.write(`${JSON.stringify({ version: 1, rules }, null, 2)}\n`);
    return;
  }
  for (const { id, weight, finds, source, on } of rules) {
    process.stdout.write(
      `${id}  ${weight}${on ? "" : ", off by default"}\n  ${finds}\n  ${source.kind}${source.text ? `: ${source.text}` : ""}\n`,
    );
  }
}
