import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { audit } from "../audit/auditor.ts";
import { readPage } from "../page/read.ts";
import { applyToPage } from "../rewrite/apply.ts";
import { type Edit, withEdit } from "../rewrite/edits.ts";
import { DEFAULT_HOUSE_STYLE } from "../settings/house-style.ts";
import { expandBeyond } from "../structured-data/expand-beyond.ts";
import { offeredFor } from "../structured-data/offered.ts";
import { dataOf, placedBlock } from "../structured-data/page-data.ts";
import { pathOfPointer } from "../structured-data/patch-json.ts";
import { addEntity } from "./add-entity.ts";
import { addProperty, blanksOf } from "./add-property.ts";
import { proposalsFor } from "./compose.ts";
import { changedData, dataEdit, keepingEvidence, newDataEdit, writtenData } from "./data-edit.ts";
import { linkable } from "./link-entity.ts";
import { moreQuestions } from "./more-questions.ts";
import { stateOnPage } from "./site-wide.ts";
import { takenOut } from "./taken-out.ts";
import { askOnPage, lastPlaceUnder, questionTagUnder, writeOnPage } from "./write-on-page.ts";

const address = "https://a.example/visit/lamp";
const page = (body: string, data = "") =>
  readPage(
    `<!doctype html><html lang=en><head><title>Lamp</title>${data && `<script type="application/ld+json">${data}</script>`}</head><body><main>${body}</main></body></html>`,
    { address },
  );
/** As JSON has it, which knows no zero below zero. */
const asJson = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
const at = (text: string, pointer: string): unknown =>
  pathOfPointer(pointer).reduce<unknown>((value, step) => (value as Record<string, unknown>)[step], JSON.parse(text));

describe("saying more of an entity", () => {
  const event = '{"@context":"https://schema.org","@type":"Event","name":"Talk","performer":"Odile"}';

  it("makes the things on the way, with the kinds that schema.org means", () => {
    const place = addProperty(event, [], "location.address", { "@type": "PostalAddress", streetAddress: "East Quay" });
    expect(JSON.parse(place.text).location).toEqual({
      "@type": "Place",
      address: { "@type": "PostalAddress", streetAddress: "East Quay" },
    });
    const price = addProperty(place.text, [], "offers.price", "6.00", { priceCurrency: "GBP" });
    expect(JSON.parse(price.text).offers).toEqual({ "@type": "Offer", price: "6.00", priceCurrency: "GBP" });
    expect(at(price.text, price.pointer)).toBe("6.00");
  });

  it("goes into things that are there, and stands beside values that are", () => {
    const offered = '{"@type":"Event","offers":[{"@type":"Offer","name":"Seat"}]}';
    const priced = addProperty(offered, [], "offers.price", "6.00", { priceCurrency: "GBP" });
    expect(JSON.parse(priced.text).offers).toEqual([
      { "@type": "Offer", name: "Seat", price: "6.00", priceCurrency: "GBP" },
    ]);
    const two = addProperty(event, [], "performer", "Edwin");
    expect(JSON.parse(two.text).performer).toEqual(["Odile", "Edwin"]);
    expect(two.moved).toEqual({ from: "/performer", to: "/performer/0" });
    const three = addProperty(two.text, [], "performer", "Agnes");
    expect(JSON.parse(three.text).performer).toEqual(["Odile", "Edwin", "Agnes"]);
    expect(three.moved).toBeNull();
    // A thing beside a text that is not one.
    expect(JSON.parse(addProperty(event, [], "performer.name", "Edwin").text).performer).toEqual([
      "Odile",
      { "@type": "Person", name: "Edwin" },
    ]);
  });

  it("leaves everything else as it is written", () => {
    const names = fc.stringMatching(/^x[a-z]{1,6}$/);
    fc.assert(
      fc.property(
        fc.dictionary(names, fc.jsonValue()),
        fc.string(),
        fc.constantFrom(0, 2, "\t"),
        (own, value, indent) => {
          const text = JSON.stringify({ "@type": "Event", ...own }, null, indent);
          const said = addProperty(text, [], "location.name", value);
          expect(JSON.parse(said.text)).toEqual(
            asJson({
              "@type": "Event",
              ...own,
              location: { "@type": "Place", name: value },
            }),
          );
          expect(at(said.text, said.pointer)).toBe(value);
        },
      ),
    );
  });

  it("offers what features need, then what they recommend, then what is said of most things", () => {
    const names = offeredFor(["Event"], ["name"]).map(({ name }) => name);
    expect(names.slice(0, 2)).toEqual(["startDate", "location"]);
    expect(names).not.toContain("name");
    const at = (name: string) => names.indexOf(name);
    expect(at("eventStatus")).toBeLessThan(at("url"));
    expect(at("url")).toBeLessThan(at("remainingAttendeeCapacity"));
    expect(offeredFor(["Event"], [])[0]?.why).toBe("needed for the dates and place");
    // Superseded names are not offered.
    expect(names).not.toContain("attendees");
    expect(new Set(names).size).toBe(names.length);
  });

  it("begins with the blanks that its features need", () => {
    const shown = page("<h1>Talk</h1>", event);
    const [entity] = dataOf(shown).roots;
    const blanks = entity ? blanksOf(dataOf(shown), entity) : [];
    expect(blanks.slice(0, 2)).toMatchObject([
      { path: "startDate", weight: "needed", feature: "dates and place" },
      { path: "location.address", label: "a place", weight: "needed" },
    ]);
    expect(blanks.at(-1)?.weight).toBe("recommended");
  });
});

describe("saying it on the page too", () => {
  const before = page(
    "<h1>Talk</h1><p>Come aboard.</p><h2>Where</h2><p>In the saloon.</p>",
    '{"@context":"https://schema.org","@type":"Event","name":"Talk"}',
  );
  const was = before.data[0]?.text ?? "";

  it("writes the words under a heading and ties the value to them", () => {
    const said = addProperty(was, [], "doorTime", "2026-12-03T18:30");
    const redrafted = { original: before, edits: [], page: before, written: [] };
    const result = writeOnPage(
      redrafted,
      lastPlaceUnder(before, 1),
      [{ tag: "p", text: "Doors open: 3 December 2026, 18:30" }],
      "a",
      was,
      said,
      [{ pointer: said.pointer, words: "3 December 2026, 18:30" }],
    );
    const edits = "edits" in result ? result.edits : [];
    const { page: after, refused } = applyToPage(before, edits);
    expect(refused).toEqual([]);
    expect(after.blocks.at(-1)?.text).toBe("Doors open: 3 December 2026, 18:30");
    expect(JSON.parse(after.data[0]?.text ?? "").doorTime).toBe("2026-12-03T18:30");
    expect(writtenData(edits)[0]?.evidence).toMatchObject([{ pointer: "/doorTime", heading: "Where" }]);
    const context = { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-26", written: writtenData(edits) };
    expect(audit(after, context).filter(({ rule }) => rule === "data/stale-evidence")).toEqual([]);
  });

  it("puts a question with its answer behind the last one, on the page and in the data", () => {
    const faq = page(
      "<h1>Questions</h1><h2>Is there a lift?</h2><p>No.</p><h2>May dogs come?</h2><p>Yes.</p><p>On a lead.</p><aside><h2>Shop</h2></aside>",
    );
    const [proposal] = proposalsFor(faq);
    let edits: Edit[] = proposal ? [addEntity({ page: faq, written: [] }, proposal, "blocks", "f")] : [];
    for (const [question, answer] of [
      ["Is there soup?", "On Thursdays."],
      ["Is there more?", "There is."],
    ] as const) {
      const { page: now } = applyToPage(faq, edits);
      const [entity] = dataOf(now).roots;
      const result =
        entity &&
        askOnPage(
          { original: faq, edits, page: now, written: writtenData(edits) },
          entity,
          now.data[0]?.text ?? "",
          [question, answer],
          question,
        );
      if (!result || "reason" in result) throw new Error("refused");
      edits = result.edits.reduce<Edit[]>((all, one) => withEdit(all, one), edits);
    }
    const { page: after, refused } = applyToPage(faq, edits);
    expect(refused).toEqual([]);
    expect(Array.from(after.headings, ({ text }) => text)).toEqual([
      "Questions",
      "Is there a lift?",
      "May dogs come?",
      "Is there soup?",
      "Is there more?",
      "Shop",
    ]);
    const stated = JSON.parse(after.data[0]?.text ?? "").mainEntity;
    expect(stated).toHaveLength(4);
    expect(stated[3]).toEqual({
      "@type": "Question",
      name: "Is there more?",
      acceptedAnswer: { "@type": "Answer", text: "There is." },
    });
    const context = { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-26", written: writtenData(edits) };
    const found = audit(after, context).map(({ rule }) => rule);
    expect(found.filter((rule) => /stale|not-on-page/.test(rule))).toEqual([]);
    expect(writtenData(edits)[0]?.evidence).toHaveLength(8);
  });

  it("finds the questions that the data has not, and ties them to the page", () => {
    const body =
      "<h1>Questions</h1><h2>Is there a lift?</h2><p>No.</p><h2>May dogs come?</h2><p>Yes.</p><p>On a lead.</p>";
    const single =
      '{"@context":"https://schema.org","@type":"FAQPage","mainEntity":{"@type":"Question","name":"Is there a  lift?","acceptedAnswer":{"@type":"Answer","text":"No."}}}';
    const shown = page(body, single);
    const held = [
      { value: single, evidence: [{ pointer: "/mainEntity/name", exact: "lift", before: "", after: "", heading: "" }] },
    ];
    const more = moreQuestions({ page: shown, written: held });
    expect(more?.count).toBe(1);
    const after = applyToPage(shown, more ? [more.edit] : []).page;
    const { mainEntity } = JSON.parse(after.data[0]?.text ?? "");
    expect(mainEntity.map(({ name }: { name: string }) => name)).toEqual(["Is there a  lift?", "May dogs come?"]);
    expect(mainEntity[1].acceptedAnswer.text).toBe("Yes.\nOn a lead.");
    const pointers = more && "evidence" in more.edit && more.edit.evidence?.map(({ pointer }) => pointer);
    expect(pointers).toEqual(["/mainEntity/0/name", "/mainEntity/1/name", "/mainEntity/1/acceptedAnswer/text"]);
    expect(moreQuestions({ page: after, written: [] })).toBeNull();
    expect(moreQuestions({ page: page(body), written: [] })).toBeNull();
  });

  it("puts a first question into the content, not into what stands around it", () => {
    const faq = page(
      "<h1>Visit</h1><h2>Before you come</h2><p>Bring a coat.</p></main><footer><h2>Any questions?</h2><p>Write to us.</p></footer>",
      '{"@context":"https://schema.org","@type":"FAQPage"}',
    );
    const [entity] = dataOf(faq).roots;
    const redrafted = { original: faq, edits: [], page: faq, written: [] };
    const result = entity && askOnPage(redrafted, entity, faq.data[0]?.text ?? "", ["Is there soup?", "Yes."], "q");
    const after = applyToPage(faq, result && "edits" in result ? result.edits : []).page;
    expect(Array.from(after.headings, ({ level, text }) => `${level} ${text}`)).toEqual([
      "1 Visit",
      "2 Before you come",
      "3 Is there soup?",
      "2 Any questions?",
    ]);
  });

  it("is refused where nothing can be written", () => {
    const bare = page("", '{"@context":"https://schema.org","@type":"FAQPage"}');
    const [entity] = dataOf(bare).roots;
    if (!entity) throw new Error("no entity");
    const redrafted = { original: bare, edits: [], page: bare, written: [] };
    expect(askOnPage(redrafted, entity, bare.data[0]?.text ?? "", ["a?", "b"], "x")).toHaveProperty("reason");
  });
});

describe("a new entity", () => {
  const entity = { "@type": "Event", name: "Talk" };
  const evidence = [{ pointer: "/name", exact: "Talk", before: "", after: "", heading: "" }];
  const state = (shown: ReturnType<typeof page>, how: "blocks" | "graph") => {
    const edit = addEntity({ page: shown, written: [] }, { entity, evidence }, how, "a");
    const { page: after, refused } = applyToPage(shown, [edit]);
    expect(refused).toEqual([]);
    return { data: after.data.map(({ text }) => JSON.parse(text)), edit };
  };

  it("stands in a block of its own, or in one graph as the house style says", () => {
    expect(state(page("<p>x</p>"), "blocks").data).toEqual([{ "@context": "https://schema.org", ...entity }]);
    const begun = state(page("<p>x</p>"), "graph");
    expect(begun.data).toEqual([{ "@context": "https://schema.org", "@graph": [entity] }]);
    expect(begun.edit).toMatchObject({ evidence: [{ pointer: "/@graph/0/name" }] });
  });

  it("joins a graph that is there, and leaves what stands beside it", () => {
    const there = '{"@context":"https://schema.org","@graph":[{"@type":"Person","name":"Odile"}]}';
    const { data, edit } = state(page("<p>x</p>", there), "graph");
    expect(data).toEqual([
      { "@context": "https://schema.org", "@graph": [{ "@type": "Person", name: "Odile" }, entity] },
    ]);
    expect(edit).toMatchObject({ evidence: [{ pointer: "/@graph/1/name" }] });
    const alone = '{"@context":"https://schema.org","@type":"Person","name":"Odile"}';
    expect(state(page("<p>x</p>", alone), "graph").data).toHaveLength(2);
  });
});

describe("a change of a block", () => {
  const was = '{"list":[{"name":"a"},{"name":"b"},{"name":"c"}],"x":1}';
  const evidence = ["/list/0/name", "/list/1/name", "/list/2/name", "/x"].map((pointer) => ({
    pointer,
    exact: pointer,
    before: "",
    after: "",
    heading: "",
  }));
  const written = [{ value: was, evidence }];

  it("keeps the evidence that is held, moved with what moves up", () => {
    expect(changedData(written, was, "{}")).toMatchObject({ evidence });
    const edit = takenOut(written, was, ["list", 1]);
    expect(edit).toMatchObject({ value: '{"list":[{"name":"a"},{"name":"c"}],"x":1}' });
    expect("evidence" in edit && edit.evidence?.map(({ pointer, exact }) => [pointer, exact])).toEqual([
      ["/list/0/name", "/list/0/name"],
      ["/list/1/name", "/list/2/name"],
      ["/x", "/x"],
    ]);
    const gone = takenOut(written, was, ["x"]);
    expect("evidence" in gone && gone.evidence).toHaveLength(3);
  });
  it("of a fix keeps it too, unless it brings its own", () => {
    expect(keepingEvidence(written, dataEdit(was, "{}"))).toMatchObject({ evidence });
    expect(keepingEvidence(written, dataEdit(was, "{}", []))).toMatchObject({ evidence: [] });
    const title = { op: "set-title", value: "x", was: null } as const;
    expect(keepingEvidence(written, title)).toBe(title);
  });
  it("of a block without evidence has none", () => {
    expect(changedData([], was, "{}")).toMatchObject({ evidence: [] });
    expect(newDataEdit("a", "{}")).toMatchObject({ was: null });
  });
});

describe("a block that had to be expanded", () => {
  it("is read in full, and is not patched: nobody knows where its values stand", async () => {
    const shown = page(
      "<p>x</p>",
      '{"@context":{"@vocab":"http://schema.org/","of":"@nest"},"@type":"Person","of":{"name":"Odile"}}',
    );
    expect(dataOf(shown).beyond).toEqual([0]);
    expect(await expandBeyond(shown)).toBe(true);
    const data = dataOf({ ...shown });
    const [person] = data.roots;
    if (!person) throw new Error("no entity");
    expect(person.properties.map(({ name }) => name)).toEqual(["name"]);
    expect(placedBlock(data, person.place)).toBeUndefined();
    expect(linkable(data, { ...person }, ["Person"], undefined, address)).toEqual([]);
    const own = { type: "Organization", name: "Odile" };
    const asked = { what: "organisation", organisation: own } as const;
    // Only what is placed is brought up to date; the entity of another kind is left alone.
    expect(stateOnPage({ page: shown, written: [] }, asked, "blocks", "a")).toHaveProperty("edits");
  });
});

describe("a link to another entity", () => {
  const shown = page(
    "<p>x</p>",
    '{"@context":"https://schema.org","@graph":[{"@type":"Event","name":"Talk"},{"@type":"Person","name":"Odile"},{"@type":"Person","@id":"#edwin","name":"Edwin"}]}',
  );
  const data = dataOf(shown);
  it("leads to those of the right kind, which get an @id where they have none", () => {
    const [event] = data.roots;
    if (!event) throw new Error("no entity");
    const own = { type: "Organization", name: "Museum" };
    const found = linkable(data, event, ["Person", "Organization"], own, address);
    expect(found.map(({ id }) => id)).toEqual([
      `${address}#person`,
      `${address}#edwin`,
      "https://a.example/#organization",
    ]);
    expect(JSON.parse(found[0]?.names?.text ?? "")["@graph"][1]).toEqual({
      "@type": "Person",
      name: "Odile",
      "@id": `${address}#person`,
    });
    expect(found[1]?.names).toBeNull();
    expect(linkable(data, event, ["Place"], own, address)).toEqual([]);
  });
});

it.each([
  [undefined, "h2"],
  [{ level: 1, text: "Lamps" }, "h2"],
  [{ level: 2, text: "Oil" }, "h3"],
  [{ level: 2, text: "Which oil?" }, "h2"],
  [{ level: 6, text: "Wicks" }, "h6"],
] as const)("a question under %j is an %s: no level is left out", (heading, tag) => {
  expect(questionTagUnder(heading)).toBe(tag);
});
