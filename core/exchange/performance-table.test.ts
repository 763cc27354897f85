import { describe, expect, it } from "vitest";
import { assignPerformance, periodInName, readDay, readPerformance } from "./performance-table.ts";
import { readTable } from "./table-file.ts";

function read(text: string, base: string | null = "https://quay.example/") {
  const table = readTable(text);
  if ("reason" in table) throw new Error(table.reason);
  return readPerformance(table, assignPerformance(table.rows), base);
}
const rowsOf = (text: string) => {
  const table = read(text);
  if ("reason" in table) throw new Error(table.reason);
  return table.rows;
};

describe("a table of figures", () => {
  it("is recognised by its headings, in other languages too, and in any order", () => {
    const is = [
      { address: "https://quay.example/a", phrase: "boat hire", clicks: 12, impressions: 1234, position: 4.2 },
    ];
    expect(rowsOf("address,phrase,clicks,impressions,position\n/a,boat hire,12,1234,4.2")).toEqual(is);
    expect(
      rowsOf("Impressions,Avg. position,Query,Page,Clicks,CTR\n1234,4.2,boat hire,https://quay.example/a,12,1%"),
    ).toEqual(is);
    expect(rowsOf("Suchanfrage;Seite;Klicks;Impressionen;Position\nboat hire;/a;12;1.234;4,2")).toEqual(is);
    expect(rowsOf("Requête;Page;Clics;Impressions;Position moyenne\nboat hire;/a;12;1 234;4,2")).toEqual(is);
    expect(rowsOf("Запрос;Страница;Клики;Показы;Позиция\nboat hire;/a;12;1234;4,2")).toEqual(is);
  });

  it("may be of pages alone, or of phrases alone", () => {
    expect(rowsOf("page,clicks,impressions\n/a,1,2")).toMatchObject([{ phrase: "", position: null }]);
    expect(rowsOf("query,impressions\ntide table,2")).toMatchObject([{ address: "", clicks: 0 }]);
  });

  it("adds up days and spellings of one phrase, and says the period that it is of", () => {
    const table = read(
      "date,page,query,clicks,impressions,position\n2026-10-03,/a,Boat  Hire,1,100,4\n2026-10-01,/a,boat hire,2,300,8",
    );
    expect(table).toMatchObject({
      period: { from: "2026-10-01", to: "2026-10-03" },
      rows: [{ phrase: "Boat Hire", clicks: 3, impressions: 400, position: 7 }],
    });
  });

  it("leaves out what is no figure, no address or no phrase, row by row", () => {
    const table = read(
      "page,query,clicks,impressions,position\n/a,x,many,2,3\n/b,y,1,2,0.3\nftp://quay.example/,z,1,2,3\n,!?,1,2,3\n\n/c,ok,,5,\n/d,ok,9,8,1\n/e,ok,1 23,200,1\n/f,ok,0,0,",
    );
    expect(table).toMatchObject({
      rows: [{ address: "https://quay.example/f", clicks: 0, impressions: 0, position: null }],
      notes: [
        "Row 2 is left out: “many” is no number.",
        "Row 3 is left out: “0.3” is no number.",
        "Row 4 is left out: Addresses begin with http or https; this one begins with ftp:",
        "Row 5 is left out: it names no page and no phrase.",
        "Row 7 is left out: it has no clicks.",
        "Row 8 is left out: it has more clicks (9) than impressions (8).",
        "Row 9 is left out: “1 23” is no number.",
      ],
    });
  });

  it("is told of what is wrong with the table itself, and of a column that is not there", () => {
    expect(read('page,clicks,impressions\n/a,1,2\n"/b,1,2\n/c,3,4\n')).toMatchObject({
      rows: [{ clicks: 1 }, { clicks: 3 }],
      notes: [expect.stringContaining("Row 3 is left out: a quotation mark")],
    });
    expect(read("page,impressions\n/a,2")).toMatchObject({
      rows: [{ clicks: 0 }],
      notes: ["The table has no column of clicks: they are taken as 0."],
    });
  });

  it("says what is missing", () => {
    expect(read("name,clicks\na,1")).toEqual({ reason: expect.stringContaining("hold addresses or phrases") });
    expect(read("page,colour\n/a,red")).toEqual({ reason: expect.stringContaining("hold clicks or impressions") });
    expect(read("page,clicks\n/a,1", null)).toEqual({ reason: "Row 2 is left out: “/a” needs the site’s address." });
    expect(read("page,clicks\n")).toEqual({ reason: expect.stringContaining("no figures") });
  });
});

describe("a period", () => {
  it("is read out of days that can be only one, and of a file's name", () => {
    expect(["2026-10-01", "20261001", "1.10.2026", "2026-10-01T00:00:00"].map(readDay)).toEqual(
      Array(4).fill("2026-10-01"),
    );
    expect(["10/01/2026", "2026-02-30", "31.4.2026", "soon", ""].map(readDay)).toEqual(Array(5).fill(null));
    expect(periodInName("figures 2026-10-01 to 2026-10-31.csv")).toEqual({ from: "2026-10-01", to: "2026-10-31" });
    expect(periodInName("figures-2026-02.csv")).toEqual({ from: "2026-02-01", to: "2026-02-28" });
    expect(periodInName("figures.csv")).toBeNull();
  });
});
