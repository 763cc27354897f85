import { describe, expect, it } from "vitest";
import { readFrontMatter, valuesOf } from "./front-matter.ts";

const values = (yaml: string) => {
  const front = readFrontMatter(`---\n${yaml}\n---\nBody\n`);
  return front && valuesOf(front);
};

// YAML 1.2.2: example 2.2 (mapping of scalars), 2.3 (mapping of sequences) and the core schema's null and numbers (10.3).
describe("front matter", () => {
  it("is read by name", () => {
    expect(values("hr:  65    # Home runs\navg: 0.278 # Batting average\nrbi: 147")).toEqual({
      hr: "65",
      avg: "0.278",
      rbi: "147",
    });
    expect(values("american:\n- Boston Red Sox\n- Detroit Tigers")).toEqual({
      american: "Boston Red Sox, Detroit Tigers",
    });
  });

  it("joins nested names by a dot, keeps numbers and dates as written, and takes null for nothing", () => {
    expect(values("author:\n  name: Una Perrin\n  since: 2024-05-01\nprice: 12.50\nnote: ~")).toEqual({
      "author.name": "Una Perrin",
      "author.since": "2024-05-01",
      price: "12.50",
      note: "",
    });
  });

  it("stands at the start alone, between its own lines", () => {
    expect(readFrontMatter("Text\n---\ntitle: no\n---\n")).toBeNull();
    expect(readFrontMatter("---\nnever closed: 1\n")).toBeNull();
    const front = readFrontMatter("---\r\ntitle: a\r\n---\r\nBody");
    expect(front && "---\r\ntitle: a\r\n---\r\nBody".slice(front.bodyStart)).toBe("Body");
  });

  it("with a fault says on which line of the file", () => {
    expect(readFrontMatter("---\ntitle: a\ntitle: b\n---\n")?.fault).toMatch(/^line 3: /);
    expect(readFrontMatter('---\ntitle: "never closed\n---\n')?.fault).toMatch(/^line /);
    expect(readFrontMatter("---\n- a\n- b\n---\n")?.fault).toBe("line 2: it holds no names with values");
    expect(readFrontMatter("---\ntitle: a\n--- b\n---\n")?.fault).toBe("line 3: a second document begins");
    expect(readFrontMatter("---\ntitle: a\n}}}\n}\n---\n")?.fault).toMatch(/^line 3: /);
    expect(values("")).toEqual({});
  });
});
