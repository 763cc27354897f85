import { describe, expect, it } from "vitest";
import { readPage } from "../page/read.ts";
import { DEFAULT_LIMITS } from "../settings/house-style.ts";
import { inProof, type Proof, type ProofPage, proofHtml } from "./proof.ts";
import { readReturnedProof } from "./returned-proof.ts";

const page = (n: number): ProofPage => ({
  address: `https://quay.example/boats/${n}?a=1&b=<2>`,
  language: "en",
  phrase: "boat hire",
  was: { title: "Boats", description: "Old boats." },
  is: {
    title: `Boat hire <b>by</b> the hour, at the old quay, with oars and ropes and all ${n}`,
    description: "Boats are hired by the hour & the day.",
  },
  changes: [
    {
      id: `c${n}`,
      field: "title",
      was: "Boats",
      is: `Boat hire <b>by</b> the hour ${n}`,
      reason: 'so that "boat hire" is in it',
    },
  ],
  takes: [{ id: `t${n}`, letter: "A", title: "Hire a boat", description: "", reason: "" }],
});
const proof = (pages: number): Proof => ({
  site: { id: "s1", name: "Quay & Sons" },
  at: "2026-11-28T10:00:00.000Z",
  pages: Array.from({ length: pages }, (_, n) => page(n)),
});
const bytes = (text: string) => new TextEncoder().encode(text);

describe("a proof", () => {
  it("shows results before and after on both devices, changes, takes and reasons, and writes what was typed as it was typed", () => {
    const html = proofHtml(proof(1), DEFAULT_LIMITS);
    const read = readPage(html, { address: "https://x.example/" });
    const text = read.blocks.map((block) => block.text).join("\n");
    expect(text).toContain("Boat hire <b>by</b> the hour");
    expect(text).toContain('Because: so that "boat hire" is in it');
    expect(html.match(/class="result (?:desktop|mobile)"/g)).toHaveLength(6);
    expect(html).toContain("<span><b>Boats</b> are <b>hired</b> by the hour &amp; the day.</span>");
    expect(html).toContain(" …</span>");
    expect(html).toContain("Take A");
    // Nothing is loaded, and nothing that was typed is markup.
    expect(html).not.toMatch(/<(?:link|img|iframe)\b|\bsrc=|https?:\/\/(?!quay)/);
    expect(html).not.toContain("hire <b>by</b>");
    expect(read.titles[0]?.text).toBe("Proof: Quay & Sons");
  });

  it("of 200 pages is no larger than 3 MB", () => {
    expect(bytes(proofHtml(proof(200), DEFAULT_LIMITS)).length).toBeLessThan(3 * 1024 * 1024);
  });
});

it("holds of a long text its beginning, and tells two of them apart", () => {
  const [a, b] = ["a", "b"].map((end) => inProof("x".repeat(9000) + end));
  expect(a).not.toBe(b);
  expect(a?.length).toBeLessThan(2100);
  expect(inProof("Boats")).toBe("Boats");
});

describe("a proof that comes back", () => {
  const answers = [
    {
      change: "c1",
      page: "https://quay.example/",
      field: "title",
      is: "=Boat hire, by the hour",
      verdict: "approved",
      comment: "",
    },
    {
      change: "c2",
      page: "https://quay.example/",
      field: "title",
      is: "Oars",
      verdict: "sent-back",
      comment: 'Say "oars, and ropes"',
    },
    { take: "t1", page: "https://quay.example/", field: "take A", is: "", verdict: "preferred", comment: "" },
  ];
  const file = (more: object) =>
    bytes(JSON.stringify({ format: "keen-quill proof", version: 1, site: { id: "s1" }, by: "Ada", answers, ...more }));
  const read = (source: Uint8Array) => {
    const result = readReturnedProof(source);
    if ("reason" in result) throw new Error(result.reason);
    return result;
  };

  it("is read as JSON, and as a spreadsheet has kept it", () => {
    const fromJson = read(file({}));
    expect(fromJson).toMatchObject({ siteId: "s1", by: "Ada" });
    expect(fromJson.answers.map(({ change, take, verdict }) => [change, take, verdict])).toEqual([
      ["c1", "", "approved"],
      ["c2", "", "sent-back"],
      ["", "t1", "preferred"],
    ]);
    const csv =
      "proof of;change;take;page;field;is;verdict;comment;by\r\n" +
      "s1;c1;;https://quay.example/;title;'=Boat hire, by the hour;approved;;Ada\r\n" +
      's1;c2;;https://quay.example/;title;Oars;sent-back;"Say ""oars, and ropes""";Ada\r\n' +
      "s1;;t1;https://quay.example/;take A;;preferred;;Ada\r\n";
    expect(read(bytes(csv))).toEqual(fromJson);
  });

  it("that is none, is damaged, of a newer version, or without an answer, says so", () => {
    const reason = (source: Uint8Array) => {
      const result = readReturnedProof(source);
      return "reason" in result ? result.reason : "";
    };
    expect(reason(bytes('{"a":1}'))).toContain("no answer to a proof");
    expect(reason(bytes('{"a":'))).toContain("damaged");
    expect(reason(bytes("a,b\n1,2\n"))).toContain("no answer to a proof");
    expect(reason(bytes(""))).not.toBe("");
    expect(reason(file({ version: 2 }))).toContain("newer version");
    expect(reason(file({ answers: [{ change: "c1", verdict: "", comment: " " }, null, 3] }))).toBe(
      "Nothing is answered in it.",
    );
  });
});
