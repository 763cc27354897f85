import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";

const root = new URL("../../", import.meta.url);
const words = readFileSync(new URL("docs/words.md", root), "utf8");
const labels = [...words.matchAll(/^\| (?!not +\||-)(\S.*?) +\| /gm)].map(([, label = ""]) => label);
const names = (/in its name: (.*)\.$/m.exec(words)?.[1] ?? "").split(", ");

const sources = ["app", "core", "server", "cli"].flatMap((folder) =>
  readdirSync(new URL(`${folder}/`, root), { recursive: true, encoding: "utf8" })
    .filter((file) => /\.tsx?$/.test(file) && !/\.(?:test|generated)\.tsx?$/.test(file))
    .map((file) => ({ file: `${folder}/${file}`, text: readFileSync(new URL(`${folder}/${file}`, root), "utf8") })),
);

/** Names that a file declares for others or for itself as a whole, and those of the members of its types. */
const declared = (text: string): string[] =>
  [
    ...text.matchAll(/^(?:export )?(?:async )?(?:const|let|function\*?|class|interface|type) (\w+)/gm),
    ...text.matchAll(/^ {2}(?:readonly )?(\w+)\??(?:\(.*\))?: [^{}]*;$/gm),
  ].map(([, name = ""]) => name);

describe("words that were given up", () => {
  it("are listed", () => {
    expect([labels.length, names.length]).toEqual([16, 7]);
  });

  it.each(labels)("“%s” is no label of a screen", (label) => {
    const escaped = label.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
    const shown = new RegExp(`(?:["'\`>]|^\\s*)${escaped}(?:["'\`<]|\\s*$)`, "m");
    expect(sources.filter(({ text }) => shown.test(text)).map(({ file }) => file)).toEqual([]);
  });

  it("are no part of a name", () => {
    const given = new Set(names);
    const found = sources.flatMap(({ file, text }) =>
      declared(text)
        .filter((name) => name.split(/(?=[A-Z])|_/).some((part) => given.has(part.toLowerCase())))
        .map((name) => `${file} ${name}`),
    );
    expect(found).toEqual([]);
  });
});
