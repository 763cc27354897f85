import { execFileSync, spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";

const root = fileURLToPath(new URL("..", import.meta.url));
const bin = join(root, "bin", "keen-quill.mjs");
const demo = join(root, "demo", "gullhaven");
const run = (...args: string[]) =>
  spawnSync(process.execPath, [bin, ...args], { encoding: "utf8", maxBuffer: 1 << 26 });

describe("keen-quill", () => {
  it("audits a folder, and its exit code says what was found", () => {
    const { stdout, status } = run("audit", demo, "--base", "https://www.gullhaven.example/", "--format", "json");
    const report = JSON.parse(stdout);
    expect(report.version).toBe(1);
    expect(report.pages).toHaveLength(38);
    expect(status).toBe(1);
    const clean = join(mkdtempSync(join(tmpdir(), "kq-")), "clean.html");
    writeFileSync(
      clean,
      "<!DOCTYPE html><html lang=en><head><meta charset=utf-8><meta name=viewport content='width=device-width'><title>A lightship</title></head><h1>Lightship</h1>",
    );
    expect(run("audit", clean).status).toBe(0);
    expect(run("audit", clean, "--fail-on", "may").status).toBe(1);
  });

  it("says what cannot be run, with exit code 2", () => {
    for (const args of [
      ["audit", "no/such/folder"],
      ["audit", demo, "--format", "xml"],
      ["audit", demo, "--base", "ftp://x"],
      ["nonsense"],
    ]) {
      const { status, stderr } = run(...args);
      expect([args.join(" "), status]).toEqual([args.join(" "), 2]);
      expect(stderr).not.toMatch(/\n\s+at /);
    }
  });

  it("measures a text", () => {
    const { stdout } = run(
      "measure",
      "Lightship Museum opening times, prices and the last boat back to shore",
      "--format",
      "json",
    );
    const result = JSON.parse(stdout);
    expect(result.title.desktop.lost).toBe("to shore");
    expect(result.description.desktop.lost).toBe("");
  });

  it("applies edits into another folder, and refuses what it cannot do", () => {
    const out = mkdtempSync(join(tmpdir(), "kq-"));
    const edits = join(out, "edits.json");
    const file = "visit/opening-times.html";
    const heading = { text: "Easter and the bank holidays" };
    writeFileSync(
      edits,
      JSON.stringify({
        version: 1,
        pages: [
          {
            file,
            edits: [
              { op: "set-title", value: "Opening times" },
              { op: "set-heading-level", heading, level: 3 },
              { op: "remove-heading", heading: { text: "not there" } },
            ],
          },
        ],
      }),
    );
    const { status, stderr } = run("apply", edits, demo, "--out", out);
    expect(status).toBe(1);
    expect(stderr).toContain("not there");
    const was = readFileSync(join(demo, file), "utf8").split("\n");
    const is = readFileSync(join(out, file), "utf8").split("\n");
    expect(is.filter((line, i) => line !== was[i])).toEqual([
      "  <title>Opening times</title>",
      "    <h3>Easter and the bank holidays</h3>",
    ]);
  });

  it("checks structured data, in a page and by itself", () => {
    const page = run("check-data", join(demo, "ship/radio-room.html"), "--format", "json");
    expect(page.status).toBe(1);
    const report = JSON.parse(page.stdout);
    expect(report).toMatchObject({ version: 1, blocks: 2 });
    expect(report.features[0]).toMatchObject({ feature: "headline with date and picture", earned: true, missing: [] });
    expect(report.findings).toContainEqual({
      rule: "data/unknown-property",
      weight: "must",
      message: "schema.org has no property “headlin”. Nearest: headline.",
      pointer: "0/@graph/0/headlin",
      line: 16,
      column: 7,
    });
    const file = join(mkdtempSync(join(tmpdir(), "keen-quill-")), "lamp.jsonld");
    writeFileSync(
      file,
      '{"@context":"https://schema.org","@reverse":{"about":{"@type":"Article"}},"@type":"Product","nme":"Lamp"}',
    );
    expect(run("check-data", file).stdout).toContain("schema.org has no property “nme”. Nearest: name.");
    expect(run("check-data", join(demo, "none.html")).status).toBe(2);
  });

  it("lists the rules", () => {
    const { rules } = JSON.parse(
      execFileSync(process.execPath, [bin, "rules", "--format", "json"], { encoding: "utf8" }),
    );
    expect(rules.find((r: { id: string }) => r.id === "title/missing")).toMatchObject({
      weight: "must",
      source: { kind: "standard" },
    });
  });
});
