import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { DEFAULT_HOUSE_STYLE } from "#core/settings/house-style";
import { openCache } from "./cache.ts";
import type { FileToRead } from "./files.ts";
import { auditPage } from "./work.ts";

/** A cache with one page in it, whose offer ends on the given day, audited on 1 December 2026. */
async function keptPage(until: string) {
  const folder = mkdtempSync(join(tmpdir(), "kq-"));
  const file = join(folder, "a.html");
  const offer = JSON.stringify({ "@context": "https://schema.org", "@type": "Offer", priceValidUntil: until });
  writeFileSync(file, `<title>Lamp</title><script type="application/ld+json">${offer}</script>`);
  const read: FileToRead = { file, root: folder, base: "https://quay.example/" };
  const basis = (today: string) => ({ phrase: "", phrases: null, houseStyle: DEFAULT_HOUSE_STYLE, today });
  const on = (today: string) => openCache(join(folder, "cache"), basis(today));
  const audited = await auditPage(read, basis("2026-12-01"));
  on("2026-12-01").put(read, audited);
  const entry = readdirSync(join(folder, "cache"), { recursive: true, encoding: "utf8" }).find((name) =>
    name.endsWith(".entry"),
  );
  return { read, on, audited, entry: join(folder, "cache", entry ?? "") };
}

describe("findings that are kept in a folder", () => {
  it("are used on the days on which they hold", async () => {
    const { read, on, audited } = await keptPage("2026-12-09");
    const plain = JSON.parse(JSON.stringify(audited));
    expect(["2026-12-01", "2026-12-09"].map((day) => on(day).get(read))).toEqual([plain, plain]);
    expect(on("2026-12-10").get(read)).toBeNull();
    const passed = await keptPage("2026-11-30");
    expect(passed.on("2026-12-01").get(passed.read)).not.toBeNull();
    expect(passed.on("2026-11-30").get(passed.read)).toBeNull();
  });

  it.each(["{}", "[]", "5", "", "\n{}", `${"0".repeat(64)}\n{}`, "not JSON"])(
    "are none where a file says %j",
    async (text) => {
      const { read, on, entry } = await keptPage("2026-12-09");
      const whole = readFileSync(entry, "utf8");
      writeFileSync(entry, text);
      expect(on("2026-12-01").get(read)).toBeNull();
      writeFileSync(entry, whole.slice(0, -10));
      expect(on("2026-12-01").get(read)).toBeNull();
      writeFileSync(entry, whole);
      expect(on("2026-12-01").get(read)).not.toBeNull();
    },
  );
});
