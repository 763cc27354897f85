import { describe, expect, it } from "vitest";
import { readAssignments, readPhraseTable, readTypedPhrases, readVolume } from "./phrase-table.ts";

const tableOf = (rows: string[][]) => ({ rows, numbers: rows.map((_, i) => i + 1), notes: [] });

describe("searches a month as they are written", () => {
  it.each([
    ["880", 880],
    ["1,300", 1300],
    ["1.300", 1300],
    ["1 300", 1300],
    ["1’300", 1300],
    ["1,300,000", 1_300_000],
    ["1.2k", 1200],
    ["1,2 Tsd", 1200],
    ["2M", 2_000_000],
    ["10 – 100", 55],
    ["100-1,000", 550],
    ["1K+", 1000],
    ["<10", 10],
    ["", null],
    ["-", null],
    ["n/a", null],
    ["lots", undefined],
    ["100-10", undefined],
    ["12 a day", undefined],
    ["9".repeat(40), undefined],
    // Groups as the CLDR has them for English, German, French, Swiss German and Hindi.
    ["1,234,567", 1_234_567],
    ["1.234.567", 1_234_567],
    ["1\u202f234\u00a0567", undefined],
    ["1\u202f234\u202f567", 1_234_567],
    ["1’234’567", 1_234_567],
    ["1,23,456", 123_456],
    ["12,34,56,789", 123_456_789],
    ["1,234.6", 1235],
    ["1.234,6", 1235],
    ["1,23,45", undefined],
    ["1,2345,678", undefined],
    ["1.23,456", undefined],
    ["1,234,5", undefined],
    ["12 34", undefined],
    ["2.5m", 2_500_000],
    ["1,200k", 1200],
  ])("%j is %j", (text, number) => {
    expect(readVolume(text)).toBe(number);
  });
});

describe("a list of phrases", () => {
  const read = (...rows: string[][]) => {
    const table = readPhraseTable(tableOf(rows));
    if ("reason" in table) throw new Error(table.reason);
    return table;
  };

  it("is read by its headings in any order, and further columns are kept", () => {
    expect(
      read(["Topic", "Avg. monthly searches", "Keyword"], ["visit", "880", "opening  times"], ["", "", "fog signal"]),
    ).toEqual({
      phrases: [
        { text: "opening times", volume: 880, more: { Topic: "visit" } },
        { text: "fog signal", volume: null, more: {} },
      ],
      notes: [],
    });
  });

  it("needs no headings: phrases stand first, numbers beside them", () => {
    expect(read(["fog signal", "720"], ["lamp", "140"]).phrases).toMatchObject([
      { text: "fog signal", volume: 720 },
      { text: "lamp", volume: 140 },
    ]);
  });

  it("says row by row what is left out or left open, and loses nothing else", () => {
    const { phrases, notes } = read(
      ["phrase", "volume"],
      ["fog signal", "many"],
      ["Fog   Signal", "9"],
      ["?!", "1"],
      ["x".repeat(10_000), "1"],
      ["", "4"],
      ["the of and", "3"],
      ["سفينة المنارة", "5"],
    );
    expect(phrases.map(({ text, volume }) => [text, volume])).toEqual([
      ["fog signal", null],
      ["the of and", 3],
      ["سفينة المنارة", 5],
    ]);
    expect(notes).toEqual([
      "Row 2: “many” is no number of searches; it is left open.",
      "Row 3 is left out: “Fog Signal” stands in row 2.",
      "Row 4 is left out: “?!” holds no word. Say a phrase that somebody would search for.",
      "Row 5 is left out: A phrase has at most 200 characters; this has 10000. Leave out what nobody would type.",
      "Row 6 is left out: it holds no phrase.",
    ]);
  });

  it("says what to do where no column holds phrases", () => {
    expect(
      readPhraseTable(
        tableOf([
          ["volume", "topic"],
          ["3", "x"],
        ]),
      ),
    ).toEqual({
      reason:
        "No column of this table is headed “phrase” or “keyword”. Its first row says: volume, topic. Head the column that holds the phrases.",
    });
  });
});

describe("phrases as they are typed", () => {
  it("stand one a line, with their searches behind a tab, a semicolon or a comma", () => {
    const read = readTypedPhrases("fog signal\t720\nlamp; 1.2k\nhow, when and why\nrope work, 90\nship\tlots\n\n");
    expect(read).toEqual({
      phrases: [
        { text: "fog signal", volume: 720, more: {} },
        { text: "lamp", volume: 1200, more: {} },
        { text: "how, when and why", volume: null, more: {} },
        { text: "rope work", volume: 90, more: {} },
        { text: "ship", volume: null, more: {} },
      ],
      notes: ["Row 5: “lots” is no number of searches; it is left open."],
    });
  });
});

describe("what pages are to be found for", () => {
  it("is a target and supporting phrases, each once, from every row of a page", () => {
    const read = readAssignments(
      tableOf([
        ["File", "Phrase", "Supporting phrases", "Town", "Country"],
        ["a.html", "fog signal", "fog horn, diaphone; Fog Horn", "Saint Ives"],
        ["a.html", "", "siren"],
        ["b.html", "lamp", "?", "", "Wales"],
        ["", "nothing", ""],
      ]),
    );
    if ("reason" in read) throw new Error(read.reason);
    expect([...read.assigned]).toEqual([
      [
        "a.html",
        {
          phrase: "fog signal",
          supporting: ["fog horn", "diaphone", "siren"],
          audience: { of: "place", name: "Saint Ives" },
        },
      ],
      ["b.html", { phrase: "lamp", supporting: [], audience: { of: "country", name: "Wales" } }],
    ]);
  });

  it("needs a column that names the pages", () => {
    expect(readAssignments(tableOf([["phrase"], ["lamp"]]))).toHaveProperty("reason");
  });
});
