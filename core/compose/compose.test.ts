import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { audit } from "../audit/auditor.ts";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { safeInScript } from "../structured-data/block-text.ts";
import { evidenceIn, followEvidence } from "../structured-data/evidence.ts";
import { replaceValue } from "../structured-data/patch-json.ts";
import { addEntity } from "./add-entity.ts";
import { proposalsFor } from "./compose.ts";
import { dataEdit, newDataEdit, writtenData } from "./data-edit.ts";

const page = (body: string, address = "https://a.example/visit/lamp", head = "") =>
  readPage(
    `<!doctype html><html lang=en><head><title>Lamp | Museum</title>${head}</head><body><main>${body}</main></body></html>`,
    { address },
  );
describe("composed data", () => {
  it("reads back as it was meant, and passes its own checks", () => {
    const words = fc.stringMatching(/^[A-Za-z][A-Za-z0-9 ,’“”<>&é-]{0,30}$/).filter((text) => text.trim() !== "");
    const plain = (text: string) => text.replaceAll("&", "&amp;").replaceAll("<", "&lt;");
    fc.assert(
      fc.property(words, fc.array(fc.tuple(words, words), { minLength: 2, maxLength: 4 }), (title, pairs) => {
        const body = `<h1>${plain(title)}</h1>${pairs.map(([q, a]) => `<h2>${plain(q.trim())}?</h2><p>${plain(a)}</p>`).join("")}`;
        const before = page(body);
        const edits = proposalsFor(before).map((one, i) =>
          addEntity({ page: before, written: [] }, one, "blocks", String(i)),
        );
        const { page: after, refused } = applyToPage(before, edits);
        expect(refused).toEqual([]);
        expect(after.data.map(({ text }) => JSON.parse(text))).toEqual(
          edits.map((edit) => edit.op === "set-data" && JSON.parse(edit.value)),
        );
        const context = {
          phrase: null,
          houseStyle: DEFAULT_HOUSE_STYLE,
          today: "2026-11-23",
          written: writtenData(edits),
        };
        const found = audit(after, context).filter(({ rule, weight }) => rule.startsWith("data/") && weight !== "may");
        expect(found).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});

describe("JSON in a script element", () => {
  it("never ends it or begins a comment in it", () => {
    const json = JSON.stringify({ name: "</script><!-- <script> x\u2028" });
    expect(safeInScript(json)).not.toMatch(/<\/script|<!--|<script/i);
    expect(JSON.parse(safeInScript(json))).toEqual(JSON.parse(json));
  });

  it("is patched in one value, whatever its formatting", () => {
    fc.assert(
      fc.property(
        fc.dictionary(fc.stringMatching(/^[a-z]{1,6}$/), fc.string(), { minKeys: 1 }),
        fc.string(),
        fc.constantFrom(0, 1, 2, "\t"),
        (value, text, indent) => {
          const json = JSON.stringify(value, null, indent);
          const [name = ""] = Object.keys(value);
          const patched = replaceValue(json, [name], text);
          expect(JSON.parse(patched)).toEqual({ ...value, [name]: text });
          // The first colon stands behind the first name.
          const at = json.indexOf(JSON.stringify(value[name]), json.indexOf(":"));
          const behind = json.slice(at + JSON.stringify(value[name]).length);
          expect(patched).toBe(json.slice(0, at) + JSON.stringify(text) + behind);
        },
      ),
    );
  });

  it("is added, changed, taken out, and what is no JSON is refused with the reason", () => {
    const source =
      '<!doctype html>\n<html lang="en">\n<head>\n  <title>Lamp</title>\n</head>\n<body><p>x</p></body>\n</html>\n';
    const original = originalFromText(source);
    const run = (bytes: Uint8Array, ...edits: Parameters<typeof applyToSource>[1]) => {
      const result = applyToSource({ ...original, bytes }, edits, { address: "https://a.example/" });
      return result.refused[0]?.reason ?? new TextDecoder().decode(result.bytes);
    };
    const added = run(original.bytes, newDataEdit("a", '{"@type": "Product"}'));
    expect(added).toContain(
      '<title>Lamp</title>\n  <script type="application/ld+json">\n{"@type": "Product"}\n</script>\n',
    );
    const bytes = new TextEncoder().encode(added);
    expect(run(bytes, newDataEdit("a", '{"@type": "Product"}'))).toBe(added);
    expect(run(bytes, dataEdit('\n{"@type": "Product"}\n', '{"@type": "Book"}'))).toContain(
      '+json">{"@type": "Book"}</script>',
    );
    expect(run(bytes, dataEdit('\n{"@type": "Product"}\n', ""))).not.toContain("script");
    expect(run(original.bytes, newDataEdit("a", '{"@type": }'))).toContain("This is no JSON");
  });
});

// W3C Web Annotation Data Model, 4.2.4: a quotation with what stands before and after it.
describe("evidence", () => {
  const before = page("<h1>Lift</h1><p>There is no lift to the main deck.</p><p>Come early.</p>");
  const evidence = evidenceIn(before, 1, "no lift", "/x");
  it("is found again, or what stands in its place", () => {
    expect(evidence).toMatchObject({
      before: "Lift\nThere is ",
      after: " to the main deck.\nCome early.",
      heading: "Lift",
    });
    expect(followEvidence(before, evidence)).toEqual({ state: "there" });
    expect(followEvidence(page("<h1>Lift</h1><p>There is a ramp to the main deck."), evidence)).toEqual({
      state: "changed",
      now: "a ramp",
    });
    expect(followEvidence(page("<h1>Lift</h1><p>Closed."), evidence)).toEqual({ state: "gone" });
  });
  it("of a whole block is found by its neighbours", () => {
    const whole = evidenceIn(before, 1, "There is no lift to the main deck.", "/x");
    expect(followEvidence(page("<h1>Lift</h1><p>There is one now.</p><p>Come early.</p>"), whole)).toEqual({
      state: "changed",
      now: "There is one now.",
    });
  });
});
