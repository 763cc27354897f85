import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { originalFromText } from "../page/original.ts";
import { readPage } from "../page/read.ts";
import { applyToPage, applyToSource } from "../rewrite/apply.ts";
import { audit } from "../rules/audit.ts";
import { DEFAULT_HOUSE_STYLE } from "../rules/house-style.ts";
import { proposalsFor } from "./compose.ts";
import { dataEdit, newDataEdit, writtenData } from "./data-edit.ts";
import { evidenceIn, followEvidence } from "./evidence.ts";
import { replaceValue, safeInScript } from "./patch-json.ts";

const page = (body: string, address = "https://a.example/visit/lamp", head = "") =>
  readPage(
    `<!doctype html><html lang=en><head><title>Lamp | Museum</title>${head}</head><body><main>${body}</main></body></html>`,
    { address },
  );
const proposed = (type: string, ...args: Parameters<typeof page>) => {
  const found = proposalsFor(page(...args)).find((one) => one.type === type);
  return found ? { ...found, json: JSON.parse(found.value) } : null;
};

describe("a page proposes what it shows", () => {
  it("questions with answers, from headings, terms and summaries", () => {
    for (const body of [
      "<h1>Before you come</h1><h2>Is there a lift?</h2><p>No.<h2>May dogs come?</h2><p>Yes.<p>On a lead.",
      "<h1>Before you come</h1><dl><dt>Is there a lift?<dd>No.<dt>May dogs come?<dd>Yes.<dd>On a lead.</dl>",
      "<h1>Before you come</h1><details><summary>Is there a lift?</summary><p>No.</details><details><summary>May dogs come?</summary><p>Yes.<p>On a lead.</details>",
    ]) {
      const faq = proposed("FAQPage", body);
      expect(faq?.found).toBe("2 questions with answers, under “Before you come”");
      expect(faq?.json.mainEntity[1]).toEqual({
        "@type": "Question",
        name: "May dogs come?",
        acceptedAnswer: { "@type": "Answer", text: "Yes.\nOn a lead." },
      });
    }
    expect(proposed("FAQPage", "<h1>Is this one?</h1><p>No.")).toBeNull();
  });

  it("a price, stock and numbers", () => {
    const product = proposed(
      "Product",
      "<h1>Lamp kit</h1><p>£64.00, in stock. ISBN 978-0-306-40615-7",
      "https://a.example/shop/kit",
    );
    expect(product?.json).toMatchObject({
      name: "Lamp kit",
      isbn: "978-0-306-40615-7",
      offers: { price: "64.00", priceCurrency: "GBP", availability: "https://schema.org/InStock" },
    });
    expect(proposed("Product", "<h1>Prices</h1><p>Adults pay £9")).toBeNull();
  });

  it("a date with its time", () => {
    const at = (text: string) =>
      proposed("Event", `<h1>Talk</h1><p>${text}`, "https://a.example/events/talk")?.json.startDate;
    expect(at("On 3 December 2026 at seven o’clock in the evening")).toBe("2026-12-03T19:00");
    expect(at("December 3rd, 2026, 7 pm")).toBe("2026-12-03T19:00");
    expect(at("3 December 2026")).toBe("2026-12-03");
    expect(at("some day")).toBeUndefined();
  });

  it("a recipe’s lists and time", () => {
    const recipe = proposed(
      "Recipe",
      "<h1>Stew</h1><h2>Ingredients</h2><ul><li>beef<li>onions</ul><h2>Method</h2><ol><li>Soak.<li>Cook it for forty minutes.</ol>",
    );
    expect(recipe?.json).toMatchObject({ recipeIngredient: ["beef", "onions"], cookTime: "PT40M" });
    expect(recipe?.json.recipeInstructions).toHaveLength(2);
  });

  it("days with hours", () => {
    const open = proposed(
      "LocalBusiness",
      "<h1>Hours</h1><ul><li>Tue–Fri 10:00–17:00<li>Saturday 9 am to 1 pm</ul><table><tr><td>Sunday<td>11.00-15.30</table>",
    );
    expect(
      open?.json.openingHoursSpecification.map((one: { opens: string; closes: string; dayOfWeek: string[] }) => [
        one.dayOfWeek.length,
        one.opens,
        one.closes,
      ]),
    ).toEqual([
      [4, "10:00", "17:00"],
      [1, "09:00", "13:00"],
      [1, "11:00", "15:30"],
    ]);
  });

  it("a trail, from a navigation that says so, else from the address", () => {
    const nav = proposed(
      "BreadcrumbList",
      "<h1>Lamp</h1></main><nav aria-label=Breadcrumb><a href=/>Start</a> <a href=/visit/>Visit</a></nav>",
    );
    expect(nav?.json.itemListElement.map(({ name }: { name: string }) => name)).toEqual(["Start", "Visit", "Lamp"]);
    expect(proposed("BreadcrumbList", "<h1>Lamp</h1>")?.json.itemListElement[0]).toMatchObject({
      name: "Visit",
      item: "https://a.example/visit/",
    });
  });

  it("that reads back as it was meant, and passes its own checks", () => {
    const words = fc.stringMatching(/^[A-Za-z][A-Za-z0-9 ,’“”<>&é-]{0,30}$/).filter((text) => text.trim() !== "");
    const plain = (text: string) => text.replaceAll("&", "&amp;").replaceAll("<", "&lt;");
    fc.assert(
      fc.property(words, fc.array(fc.tuple(words, words), { minLength: 2, maxLength: 4 }), (title, pairs) => {
        const body = `<h1>${plain(title)}</h1>${pairs.map(([q, a]) => `<h2>${plain(q.trim())}?</h2><p>${plain(a)}</p>`).join("")}`;
        const before = page(body);
        const edits = proposalsFor(before).map((one, i) => newDataEdit(String(i), one.value, one.evidence));
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
          expect(patched.replace(JSON.stringify(text), "")).toBe(json.replace(JSON.stringify(value[name]), ""));
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
