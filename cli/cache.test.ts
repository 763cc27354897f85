import {
  appendFileSync,
  cpSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  statSync,
  utimesSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it, vi } from "vitest";
import { DEFAULT_HOUSE_STYLE } from "#core/settings/house-style";
import { openCache } from "./cache.ts";
import type { FileToRead } from "./files.ts";
import { type AuditBasis, auditPage } from "./work.ts";

const basisOn = (today: string): AuditBasis => ({
  phrase: "",
  phrases: null,
  houseStyle: DEFAULT_HOUSE_STYLE,
  today,
  format: "text",
  hashed: true,
});

/** A folder of pages, each with an offer that ends on the given day, and a cache beside them. */
function pagesUntil(until: string, names = ["a"]) {
  const folder = mkdtempSync(join(tmpdir(), "kq-"));
  const offer = JSON.stringify({ "@context": "https://schema.org", "@type": "Offer", priceValidUntil: until });
  const reads = names.map((name): FileToRead => {
    const file = join(folder, `${name}.html`);
    writeFileSync(file, `<title>Lamp ${name}</title><script type="application/ld+json">${offer}</script>`);
    // Changed long before it is audited.
    utimesSync(file, 1_700_000_000, 1_700_000_000);
    return { file, root: folder, base: "https://quay.example/" };
  });
  return { cache: join(folder, "cache"), reads };
}

/** A run that audits what is not kept; the titles of what is taken from the cache. */
async function run(cache: string, reads: readonly FileToRead[], day = "2026-12-01"): Promise<string[]> {
  const opened = openCache(cache, basisOn(day));
  const kept: string[] = [];
  for (const read of reads) {
    const page = opened.get(read);
    if (page) kept.push(page.facets.title);
    else opened.put(read, await auditPage(read, basisOn(day)));
  }
  opened.keep();
  return kept;
}

const filesOf = (cache: string, ending: string) =>
  readdirSync(cache).flatMap((file) => (file.endsWith(ending) ? [join(cache, file)] : []));
const only = (cache: string, ending: string) => filesOf(cache, ending)[0] ?? "";

describe("findings that are kept in a folder", () => {
  it("are used on the days on which they hold", async () => {
    const { cache, reads } = pagesUntil("2026-12-09");
    expect(await run(cache, reads)).toEqual([]);
    expect(await run(cache, reads)).toEqual(["Lamp a"]);
    expect(await run(cache, reads, "2026-12-09")).toEqual(["Lamp a"]);
    expect(await run(cache, reads, "2026-12-10")).toEqual([]);
    expect(await run(cache, reads, "2026-12-10")).toEqual(["Lamp a"]);
    expect(await run(cache, reads)).toEqual([]);
  });

  it("are what an audit found, and those of one format are not another’s", async () => {
    const { cache, reads } = pagesUntil("2026-12-09");
    const [read] = reads as [FileToRead];
    await run(cache, reads);
    const audited = await auditPage(read, basisOn("2026-12-01"));
    expect(openCache(cache, basisOn("2026-12-01")).get(read)).toEqual(JSON.parse(JSON.stringify(audited)));
    expect(openCache(cache, { ...basisOn("2026-12-01"), format: "json" }).get(read)).toBeNull();
    expect(openCache(cache, { ...basisOn("2026-12-01"), phrase: "lamp" }).get(read)).toBeNull();
  });

  it("are not those of a file that has changed, whatever its size and its time say", async () => {
    const { cache, reads } = pagesUntil("2026-12-09", ["a", "b"]);
    const [{ file }] = reads as [FileToRead];
    await run(cache, reads);
    // As young as the index: it may have changed again within one tick of the clock.
    const write = (text: string) => {
      const { mtime } = statSync(file);
      writeFileSync(file, readFileSync(file, "utf8").replace(/Lamp .|Wick ./, text));
      utimesSync(file, mtime, mtime);
    };
    const now = Date.now() / 1000;
    utimesSync(file, now, now);
    expect(await run(cache, reads)).toEqual(["Lamp a", "Lamp b"]);
    write("Wick c");
    expect(await run(cache, reads)).toEqual(["Lamp b"]);
    expect(await run(cache, reads)).toEqual(["Wick c", "Lamp b"]);
    appendFileSync(file, "<p>more");
    expect(await run(cache, reads)).toEqual(["Lamp b"]);
  });

  it("are not those of a file that was changed while the run went on, within one tick of the clock", async () => {
    const { cache, reads } = pagesUntil("2026-12-09");
    const [read] = reads as [FileToRead];
    const start = Date.now();
    vi.useFakeTimers({ now: start, toFake: ["Date"] });
    try {
      utimesSync(read.file, start / 1000, start / 1000);
      const opened = openCache(cache, basisOn("2026-12-01"));
      opened.put(read, await auditPage(read, basisOn("2026-12-01")));
      writeFileSync(read.file, readFileSync(read.file, "utf8").replace("Lamp a", "Wick a"));
      utimesSync(read.file, start / 1000, start / 1000);
      vi.setSystemTime(start + 60_000);
      opened.keep();
      expect(await run(cache, reads)).toEqual([]);
      expect(await run(cache, reads)).toEqual(["Wick a"]);
    } finally {
      vi.useRealTimers();
    }
  });

  it("are used where the folder is copied elsewhere, and the files with it", async () => {
    const { cache, reads } = pagesUntil("2026-12-09", ["a", "b"]);
    await run(cache, reads);
    const elsewhere = mkdtempSync(join(tmpdir(), "kq-"));
    cpSync(cache, elsewhere, { recursive: true });
    for (const { file } of reads) writeFileSync(file, readFileSync(file));
    expect(await run(elsewhere, reads)).toEqual(["Lamp a", "Lamp b"]);
  });

  it.each(["{}", "[]", "5", "", "null", "not JSON", '{"rows":null}', '{"rows":{"a":{}}}'])(
    "are none where the index says %j",
    async (text) => {
      const { cache, reads } = pagesUntil("2026-12-09");
      await run(cache, reads);
      writeFileSync(only(cache, ".index"), text);
      expect(await run(cache, reads)).toEqual([]);
      expect(await run(cache, reads)).toEqual(["Lamp a"]);
    },
  );

  it("are none of a row that says another type, or leads out of the folder", async () => {
    const { cache, reads } = pagesUntil("2026-12-09");
    await run(cache, reads);
    const index = only(cache, ".index");
    const whole = readFileSync(index, "utf8");
    const { rows } = JSON.parse(whole);
    const [[key, row]] = Object.entries<Record<string, unknown>>(rows) as [[string, Record<string, unknown>]];
    const wrong = { size: "1", since: null, days: null, pack: "../a.html", at: -1, length: 1e15, sum: "0", hash: 5 };
    for (const [name, value] of Object.entries(wrong)) {
      writeFileSync(index, JSON.stringify({ rows: { [key]: { ...row, [name]: value } } }));
      expect([name, openCache(cache, basisOn("2026-12-01")).get(reads[0] as FileToRead)]).toEqual([name, null]);
    }
    writeFileSync(index, whole);
    expect(await run(cache, reads)).toEqual(["Lamp a"]);
  });

  it("are those of the records that are whole", async () => {
    const { cache, reads } = pagesUntil("2026-12-09", ["a", "b"]);
    await run(cache, reads);
    const pack = only(cache, ".pack");
    const whole = readFileSync(pack);
    writeFileSync(pack, whole.subarray(0, whole.length - 10));
    expect(await run(cache, reads)).toEqual(["Lamp a"]);
    expect(await run(cache, reads)).toEqual(["Lamp a", "Lamp b"]);
    for (const file of filesOf(cache, ".pack")) writeFileSync(file, "");
    expect(await run(cache, reads)).toEqual([]);
  });

  it("are in few packs, however many runs have left some", async () => {
    const { cache, reads } = pagesUntil("2026-12-09", ["a", "b", "c"]);
    for (let i = 0; i < 20; i++) {
      appendFileSync(reads[i % 3]?.file ?? "", "<p>");
      await run(cache, reads);
    }
    const named = new Set(readFileSync(only(cache, ".index"), "utf8").match(/[\w-]+\.pack/g));
    expect(named.size).toBeLessThan(9);
    // Those that are named no more go when no run can still be writing them.
    const old = Date.now() / 1000 - 7200;
    for (const file of filesOf(cache, ".pack")) utimesSync(file, old, old);
    expect(await run(cache, reads)).toHaveLength(3);
    expect(filesOf(cache, ".pack")).toHaveLength(named.size);
    expect(filesOf(cache, ".part")).toEqual([]);
  });

  it("are shared by two runs at one time", async () => {
    const { cache, reads } = pagesUntil("2026-12-09", ["a", "b"]);
    const [a, b] = reads as [FileToRead, FileToRead];
    const [one, two] = [openCache(cache, basisOn("2026-12-01")), openCache(cache, basisOn("2026-12-01"))];
    one.put(a, await auditPage(a, basisOn("2026-12-01")));
    two.put(b, await auditPage(b, basisOn("2026-12-01")));
    one.keep();
    two.keep();
    expect(await run(cache, reads)).toEqual(["Lamp a", "Lamp b"]);
  });
});
