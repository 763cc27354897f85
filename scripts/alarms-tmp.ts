import { readdirSync, readFileSync, statSync } from "node:fs";
import { originalFromBytes } from "/work/main/core/page/original.ts";
import { readPage } from "/work/main/core/page/read.ts";
import { audit } from "/work/main/core/rules/audit.ts";
import { DEFAULT_HOUSE_STYLE } from "/work/main/core/rules/house-style.ts";

const folder = process.env.DOCS ?? "/usr/share/doc/apache2-doc/manual";
const step = Number(process.argv[2] ?? 10);
const show = new Set((process.argv[3] ?? "").split(","));
const n = Number(process.argv[4] ?? 8);
const files = readdirSync(folder, { recursive: true, encoding: "utf8" })
  .filter((f) => f.endsWith(".html") && statSync(`${folder}/${f}`).isFile())
  .slice(Number(process.env.FROM ?? 0));
const counts = new Map<string, [number, number, string]>();
const shown = new Map<string, number>();
for (let i = 0; i < files.length; i += step) {
  const page = readPage(originalFromBytes(new Uint8Array(readFileSync(`${folder}/${files[i]}`))), {
    address: `https://www.docs.example/${files[i]}`,
  });
  const seen = new Set<string>();
  for (const f of audit(page, { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-27" })) {
    const c = counts.get(f.rule) ?? [0, 0, f.weight];
    c[0]++;
    if (!seen.has(f.rule)) {
      c[1]++;
      seen.add(f.rule);
    }
    counts.set(f.rule, c);
    if (show.has(f.rule)) {
      const k = shown.get(f.rule) ?? 0;
      if (k < n * 20 && k % 7 === 0) console.log(`${files[i]}: ${f.rule}: ${f.message.slice(0, 220)}`);
      shown.set(f.rule, k + 1);
    }
  }
}
if (!process.argv[3])
  for (const [r, [a, b, w]] of [...counts].sort((x, y) => y[1][0] - x[1][0]))
    console.log(String(a).padStart(7), String(b).padStart(6), w, r);
