// Writes core/measure/faces.generated.ts from the fonts that the application ships.
// One table a face: the subsets as the style sheet's unicode-range splits them (Chromium shapes each in its own file, so
// kerning never crosses from one file to another), with advance widths and the kerning of GPOS, in font units.
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import * as fontkit from "fontkit";

const require = createRequire(import.meta.url);

interface Font {
  unitsPerEm: number;
  characterSet: number[];
  glyphForCodePoint(codePoint: number): { id: number; advanceWidth: number };
  GPOS?: Gpos;
}
interface Coverage {
  version: number;
  glyphs?: number[];
  rangeRecords?: { start: number; end: number; startCoverageIndex: number }[];
}
interface ClassDef {
  version: number;
  startGlyph?: number;
  classValueArray?: number[];
  classRangeRecord?: { start: number; end: number; class: number }[];
}
interface PairPos {
  version: number;
  coverage: Coverage;
  pairSets?: { toArray?(): PairValue[]; length: number }[] & { toArray?(): unknown };
  classDef1?: ClassDef;
  classDef2?: ClassDef;
  classRecords?: { toArray(): { toArray?(): { value1?: { xAdvance?: number } }[] }[] };
}
interface PairValue {
  secondGlyph: number;
  value1?: { xAdvance?: number };
}
interface Gpos {
  scriptList: { tag: string; script: { defaultLangSys: { featureIndexes: number[] } | null } }[];
  featureList: { tag: string; feature: { lookupListIndexes: number[] } }[];
  lookupList: { toArray(): { lookupType: number; subTables: unknown[] }[] };
}

function coverageIndex(coverage: Coverage, glyph: number): number {
  if (coverage.version === 1) return coverage.glyphs?.indexOf(glyph) ?? -1;
  for (const r of coverage.rangeRecords ?? []) {
    if (glyph >= r.start && glyph <= r.end) return r.startCoverageIndex + glyph - r.start;
  }
  return -1;
}

function classOf(def: ClassDef | undefined, glyph: number): number {
  if (!def) return 0;
  if (def.version === 1) return def.classValueArray?.[glyph - (def.startGlyph ?? 0)] ?? 0;
  for (const r of def.classRangeRecord ?? []) if (glyph >= r.start && glyph <= r.end) return r.class;
  return 0;
}

// fontkit hands out lazy arrays; each subtable is turned into plain ones once.
const list = (value: unknown): unknown[] =>
  value && typeof (value as { toArray?: unknown }).toArray === "function"
    ? (value as { toArray(): unknown[] }).toArray()
    : ((value as unknown[]) ?? []);

type Kern = (left: number, right: number) => number;

/** The kerning that applies to text of a script: HarfBuzz takes the script's own features, else the default script's. */
function kernOf(font: Font, script: string): Kern {
  const gpos = font.GPOS;
  if (!gpos) return () => 0;
  const indexes = new Set<number>();
  const own = gpos.scriptList.find((s) => s.tag === script) ?? gpos.scriptList.find((s) => s.tag === "DFLT");
  for (const at of own?.script.defaultLangSys?.featureIndexes ?? []) {
    const record = gpos.featureList[at];
    if (record?.tag === "kern") for (const i of record.feature.lookupListIndexes) indexes.add(i);
  }
  const lookups = list(gpos.lookupList) as { lookupType: number; subTables: unknown[] }[];
  const tables = [...indexes]
    .sort((a, b) => a - b)
    .map((i) => {
      const lookup = lookups[i];
      return list(lookup?.subTables).map((sub) => {
        const table = (lookup?.lookupType === 9 ? (sub as { extension: PairPos }).extension : sub) as PairPos;
        const sets = table.version === 1 ? list(table.pairSets).map((set) => list(set) as PairValue[]) : [];
        const records =
          table.version === 2
            ? list(table.classRecords).map((r) => list(r) as { value1?: { xAdvance?: number } }[])
            : [];
        return { table, sets, records };
      });
    });
  return (left, right) => {
    let sum = 0;
    for (const subs of tables) {
      for (const { table, sets, records } of subs) {
        const at = coverageIndex(table.coverage, left);
        if (at < 0) continue;
        if (table.version === 1) {
          const pair = sets[at]?.find((p) => p.secondGlyph === right);
          if (!pair) continue;
          sum += pair.value1?.xAdvance ?? 0;
          break;
        }
        if (table.version === 2) {
          sum += records[classOf(table.classDef1, left)]?.[classOf(table.classDef2, right)]?.value1?.xAdvance ?? 0;
          break;
        }
      }
    }
    return sum;
  };
}

function parseRanges(text: string): [number, number][] {
  return text.split(",").map((part) => {
    const [from, to] = part.trim().slice(2).split("-");
    return [Number.parseInt(from ?? "0", 16), Number.parseInt(to ?? from ?? "0", 16)];
  });
}

/** Kerning as classes: characters with the same row and the same column share a number. */
function pack(codePoints: number[], kern: (a: number, b: number) => number) {
  const rows = codePoints.map((a) => codePoints.map((b) => kern(a, b)));
  const group = (vectors: number[][]) => {
    const numbers = new Map<string, number>([[vectors[0]?.map(() => 0).join() ?? "", 0]]);
    const classes = vectors.map((v) => {
      const key = v.join();
      const known = numbers.get(key) ?? numbers.size;
      numbers.set(key, known);
      return known;
    });
    return { classes, count: numbers.size };
  };
  const left = group(rows);
  const right = group(codePoints.map((_, i) => rows.map((row) => row[i] ?? 0)));
  const values: number[][] = [];
  for (let c = 1; c < left.count; c++) {
    const row = rows[left.classes.indexOf(c)] ?? [];
    const sparse: number[] = [];
    for (let d = 1; d < right.count; d++) {
      const value = row[right.classes.indexOf(d)] ?? 0;
      if (value) sparse.push(d, value);
    }
    values.push(sparse);
  }
  return { left: left.classes, right: right.classes, values };
}

/** OpenType's tags of scripts, by the beginning of a subset's name; the others are Latin. */
const SCRIPTS: Readonly<Record<string, string>> = { greek: "grek", cyrillic: "cyrl", hebrew: "hebr" };

const faces: Record<string, unknown> = {};
/** The subsets in the order in which they are taken: the style sheet's last rule for a character is the one that counts. */
function subsetsOf(family: string): string[] {
  const css = readFileSync(require.resolve(`@fontsource/${family}/400.css`), "utf8");
  return [...css.matchAll(new RegExp(`/\\* ${family}-([a-z-]+)-400-normal \\*/`, "g"))]
    .map((m) => m[1] ?? "")
    .reverse();
}

for (const family of ["arimo", "roboto"]) {
  const subsets = subsetsOf(family);
  const unicode = JSON.parse(readFileSync(require.resolve(`@fontsource/${family}/unicode.json`), "utf8"));
  for (const weight of [400, 700]) {
    const out = [];
    let unitsPerEm = 0;
    for (const subset of subsets) {
      const file = require.resolve(`@fontsource/${family}/files/${family}-${subset}-${weight}-normal.woff2`);
      const font = fontkit.create(readFileSync(file)) as unknown as Font;
      unitsPerEm = font.unitsPerEm;
      const ranges = parseRanges(unicode[subset]);
      const has = new Set(font.characterSet);
      const points: number[] = [];
      for (const [from, to] of ranges) for (let c = from; c <= to; c++) if (has.has(c)) points.push(c);
      points.sort((a, b) => a - b);
      const glyphs = new Map(points.map((c) => [c, font.glyphForCodePoint(c)]));
      const [, script = "latn"] = Object.entries(SCRIPTS).find(([name]) => subset.startsWith(name)) ?? [];
      const kern = kernOf(font, script);
      const id = (c: number) => glyphs.get(c)?.id ?? 0;
      const { left, right, values } = pack(points, (a, b) => kern(id(a), id(b)));
      // Code points as differences keep the table small.
      const steps = points.map((c, i) => c - (points[i - 1] ?? 0));
      out.push({ subset, steps, widths: points.map((c) => glyphs.get(c)?.advanceWidth ?? 0), left, right, values });
    }
    faces[`${family}-${weight}`] = { unitsPerEm, subsets: out };
  }
}

const target = new URL("../core/measure/faces.generated.ts", import.meta.url);
writeFileSync(
  target,
  `// Made by scripts/generate-measures.ts from @fontsource/arimo and @fontsource/roboto. Do not edit.
export interface SubsetTable { subset: string; steps: number[]; widths: number[]; left: number[]; right: number[]; values: number[][] }
export interface FaceTable { unitsPerEm: number; subsets: SubsetTable[] }
export type FaceName = ${Object.keys(faces)
    .map((f) => JSON.stringify(f))
    .join(" | ")};
export const faceTables: Record<FaceName, FaceTable> = JSON.parse(${JSON.stringify(JSON.stringify(faces))});
`,
);
