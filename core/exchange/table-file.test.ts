import { describe, expect, it } from "vitest";
import { csvOf } from "./csv.ts";
import { assignColumns, type KnownPage, planTable, readTable } from "./table-file.ts";

const utf8 = (text: string) => new TextEncoder().encode(text);
const utf16 = (text: string) => {
  const bytes = new Uint8Array(2 + text.length * 2);
  bytes.set([0xff, 0xfe]);
  for (let i = 0; i < text.length; i++) bytes.set([text.charCodeAt(i) & 255, text.charCodeAt(i) >> 8], 2 + i * 2);
  return bytes;
};
const rows = (source: Uint8Array | string) => {
  const read = readTable(source);
  return "rows" in read ? read.rows : read;
};

describe("RFC 4180, section 2", () => {
  it.each([
    [
      "1. rows end in CRLF",
      "aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n",
      [
        ["aaa", "bbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    [
      "2. the last may not",
      "aaa,bbb,ccc\r\nzzz,yyy,xxx",
      [
        ["aaa", "bbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    [
      "5. quoted fields",
      '"aaa","bbb","ccc"\r\nzzz,yyy,xxx',
      [
        ["aaa", "bbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    [
      "6. line breaks in quotes",
      '"aaa","b\r\nbb","ccc"\r\nzzz,yyy,xxx',
      [
        ["aaa", "b\r\nbb", "ccc"],
        ["zzz", "yyy", "xxx"],
      ],
    ],
    ["7. doubled quotes", '"aaa","b""bb","ccc"', [["aaa", 'b"bb', "ccc"]]],
  ])("%s", (_, text, expected) => {
    expect(rows(text)).toEqual(expected);
  });
});

describe("as people's spreadsheets write", () => {
  it.each([
    ["semicolons", utf8("url;title\n/a;Eins, zwei")],
    ["a line that names the separator", utf8("sep=;\r\nurl;title\r\n/a;Eins, zwei")],
    ["tabs in UTF-16 with a mark", utf16("url\ttitle\r\n/a\tEins, zwei")],
    ["UTF-16 without one", utf16("url\ttitle\r\n/a\tEins, zwei").subarray(2)],
    ["UTF-8 with a mark", utf8('\ufeffurl,title\n/a,"Eins, zwei"')],
  ])("%s", (_, bytes) => {
    expect(rows(bytes)).toEqual([
      ["url", "title"],
      ["/a", "Eins, zwei"],
    ]);
  });

  it("Windows-1252", () => {
    expect(rows(Uint8Array.of(0x63, 0x61, 0x66, 0xe9, 0x2c, 0x93, 0x78, 0x94))).toEqual([["café", "“x”"]]);
  });

  it("formulas come back as they went out", () => {
    const text = csvOf([{ address: "/a", title: "=HYPERLINK(1)" }]);
    expect(text).toContain("'=HYPERLINK");
    expect(rows(text)).toEqual([
      ["address", "title"],
      ["/a", "=HYPERLINK(1)"],
    ]);
  });

  it("uneven rows are named, a spreadsheet program's own file refused", () => {
    const read = readTable("url,title\n/a\n/b,x,y\n");
    expect("notes" in read && read.notes[0]).toContain("Rows 2, 3");
    expect(readTable(Uint8Array.of(0x50, 0x4b, 3, 4, 0, 0, 8, 0, 1, 2))).toHaveProperty("reason");
    expect(readTable("\n\n")).toHaveProperty("reason");
  });
});

describe("columns", () => {
  it.each([
    [
      ["Meta Description", "URL", "Page title"],
      ["description", "address", "title"],
    ],
    [
      ["Focus keyword", "page_url", "H1", "notes"],
      ["phrase", "address", "h1", null],
    ],
  ])("are known by their headings in any order: %j", (heading, expected) => {
    expect(assignColumns([heading, []])).toEqual({ columns: expected, headed: true });
  });
  it("of addresses are known by their cells", () => {
    expect(
      assignColumns([
        ["https://a.example/x", "Some words"],
        ["https://a.example/y", "More"],
      ]),
    ).toEqual({
      columns: ["address", null],
      headed: false,
    });
  });
});

describe("what a table will do, row by row", () => {
  const page: KnownPage = {
    id: "p1",
    address: "https://www.a.example/visit/",
    phrase: "",
    title: "Visit",
    description: "Mine",
    slug: "visit",
    h1: "",
    canonical: "",
    redrafted: ["description"],
  };
  const plan = (table: string) => {
    const read = readTable(table);
    if ("reason" in read) throw new Error(read.reason);
    return planTable(read.rows, assignColumns(read.rows), [page], "https://www.a.example/");
  };

  it("changes a page that is there, marks what is redrafted, adds one that is not", () => {
    const [one, two, three] = plan(
      "url,title,description\nhttp://a.example/visit,Visit us,Theirs\n/new,New page,\n/visit/,Visit,\n",
    );
    expect(one).toMatchObject({ row: 2, does: "change", page: "p1" });
    expect(one?.changes).toEqual([
      { column: "title", was: "Visit", is: "Visit us", conflict: null },
      { column: "description", was: "Mine", is: "Theirs", conflict: "The redraft says “Mine”." },
    ]);
    expect(two).toMatchObject({ does: "add", address: "https://www.a.example/new", page: null });
    expect(three).toMatchObject({ does: "same", changes: [] });
  });

  it("names rows without address, with a wrong one, and a page that comes twice", () => {
    const [one, two, , four] = plan("url,title\n,A\nnot an address,B\n/visit,C\n/visit/,D\n");
    expect(one?.fault).toBe("It has no address.");
    expect(two?.fault).toContain("is not an address");
    expect(four?.changes[0]?.conflict).toBe("Row 4 is for the same page.");
  });
});
