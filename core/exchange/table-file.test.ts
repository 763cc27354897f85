import { describe, expect, it } from "vitest";
import { addressOfFile } from "../address/address.ts";
import { csvOf } from "./csv.ts";
import {
  assignColumns,
  type PageToMatch,
  pagesOf,
  planTable,
  readTable,
  TABLE_LIMITS,
  TABLE_LIMITS_TEXT,
  takenAtFirst,
} from "./table-file.ts";

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

describe("a quotation mark that is not closed", () => {
  const read = (text: string) => {
    const table = readTable(text);
    if ("reason" in table) throw new Error(table.reason);
    return { rows: table.rows.map((row) => row.join("|")), numbers: table.numbers, notes: table.notes };
  };
  it.each([
    ["in the middle", 'a,b\n1,"2\n3,4\n5,6\n', ["a|b", "3|4", "5|6"], [1, 3, 4], "Row 2 is"],
    ["that a later one closes", 'a,b\n1,"2\n3,"4"\n5,6\n', ["a|b", "3|4", "5|6"], [1, 3, 4], "Row 2 is"],
    ["in the last row", 'a,b\n1,2\n3,"4', ["a|b", "1|2"], [1, 2], "Row 3 is"],
    ["twice, with empty rows", 'a,b\n\n1,"2\n3,4\n"5,6\n7,8', ["a|b", "3|4", "7|8"], [1, 4, 6], "Rows 3, 5 are"],
  ])("%s loses the row that it stands in, by its number, and no other", (_, text, rows, numbers, note) => {
    expect(read(text)).toEqual({
      rows,
      numbers,
      notes: [expect.stringContaining(`${note} left out: a quotation mark`)],
    });
  });

  it("is none in a text of several lines", () => {
    expect(read('a,b\n1,"2\n3"\n4,5\n')).toEqual({ rows: ["a|b", "1|2\n3", "4|5"], numbers: [1, 2, 3], notes: [] });
  });
});

it("a long table is read whole, with texts of several lines and a fault in its midst", () => {
  const row = (i: number) => `/page-${i},"Title ${i},\r\n""quoted"" ${"x".repeat(i % 90)}",${i}`;
  const lines = Array.from({ length: 40_000 }, (_, i) => row(i));
  const table = readTable(lines.with(30_000, '/odd,"never closed,1').join("\r\n"));
  if ("reason" in table) throw new Error(table.reason);
  expect(table.notes).toEqual([expect.stringContaining("Row 30001 is left out")]);
  expect([table.rows.length, table.numbers.at(-1)]).toEqual([39_999, 40_000]);
  for (const [i, cells] of table.rows.entries()) {
    const n = i < 30_000 ? i : i + 1;
    expect(cells).toEqual([`/page-${n}`, `Title ${n},\r\n"quoted" ${"x".repeat(n % 90)}`.trim(), `${n}`]);
  }
});

describe("a table that is too large", () => {
  it.each([
    ["columns", Array.from({ length: 10_000 }, (_, i) => i).join(",")],
    ["bytes", new Uint8Array(TABLE_LIMITS.bytes + 1).fill(65)],
  ])("in %s is refused with what can be read", (_, source) => {
    expect(readTable(source)).toEqual({ reason: expect.stringContaining(TABLE_LIMITS_TEXT) });
  });

  it("in rows is read as far as it may be, and says so", () => {
    const table = readTable("a\n".repeat(TABLE_LIMITS.rows + 10));
    expect(table).toMatchObject({ notes: [expect.stringContaining("200,000")] });
    expect("rows" in table && table.rows.length).toBe(TABLE_LIMITS.rows);
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
  // Common practice, no source: how people head columns in the languages that the application reads.
  it.each([
    [
      ["Adresse", "Titel", "Titel neu"],
      ["address", null, "title"],
    ],
    [
      ["URL", "neuer Titel", "alter Titel"],
      ["address", "title", null],
    ],
    [
      ["Seite", "SEO-Titel", "Überschrift"],
      ["address", "title", "h1"],
    ],
    [
      ["URL", "Titel", "Vorschlag"],
      ["address", null, "title"],
    ],
    [
      ["URL", "Beschreibung", "Vorschlag", "Titel"],
      ["address", null, "description", "title"],
    ],
    [
      ["URL", "Titelvorschlag", "Meta-Beschreibung (neu)", "Fokus-Keyword"],
      ["address", "title", "description", "phrase"],
    ],
    [
      ["URL", "Current title", "Proposed title", "New meta description"],
      ["address", null, "title", "description"],
    ],
    [
      ["Old URL", "Title"],
      ["address", "title"],
    ],
    [
      ["Lien", "Nouveau titre", "Méta description", "Mot-clé"],
      ["address", "title", "description", "phrase"],
    ],
    [
      ["Dirección", "Título SEO", "Descripción", "Palabra clave"],
      ["address", "title", "description", "phrase"],
    ],
    [
      ["Indirizzo", "Nuovo titolo", "Descrizione", "Intestazione"],
      ["address", "title", "description", "h1"],
    ],
    [
      ["Endereço", "Título novo", "Descrição", "Palavra-chave"],
      ["address", "title", "description", "phrase"],
    ],
    [
      ["Pagina", "Nieuwe titel", "Omschrijving", "Zoekwoord"],
      ["address", "title", "description", "phrase"],
    ],
    [
      ["Länk", "Ny titel", "Beskrivning", "Rubrik"],
      ["address", "title", "description", "h1"],
    ],
    [
      ["Lenke", "Tittel", "Forslag", "Beskrivelse"],
      ["address", null, "title", "description"],
    ],
    [
      ["Side", "Ny titel", "Beskrivelse", "Overskrift"],
      ["address", "title", "description", "h1"],
    ],
    [
      ["Osoite", "Uusi otsikko", "Kuvaus", "Hakusana"],
      ["address", "title", "description", "phrase"],
    ],
    [
      ["Адрес", "Новый заголовок", "Описание", "Ключевое слово"],
      ["address", "title", "description", "phrase"],
    ],
    [
      ["Adresă", "Titlu nou", "Descriere", "Cuvânt cheie"],
      ["address", "title", "description", "phrase"],
    ],
    [
      ["Oldal", "Új cím", "Leírás", "Kulcsszó"],
      ["address", "title", "description", "phrase"],
    ],
    [
      ["url", "neighbour", "titular rows"],
      ["address", null, null],
    ],
  ])("in any language, and what is to be before what is: %j", (heading, expected) => {
    expect(assignColumns([heading, []]).columns).toEqual(expected);
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
  const page: PageToMatch = {
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
    return planTable(read, assignColumns(read.rows), [page], "https://www.a.example/");
  };

  it("changes a page that is there, marks what is redrafted, adds one that is not", () => {
    const [one, two, three] = plan(
      "url,title,description\nhttp://a.example/visit,Visit us,Theirs\n/new,New page,\n/visit/,Visit,\n",
    );
    expect(one).toMatchObject({ row: 2, does: "change", page: "p1" });
    expect(one?.changes).toEqual([
      { column: "title", was: "Visit", is: "Visit us", replaces: false },
      { column: "description", was: "Mine", is: "Theirs", replaces: true },
    ]);
    expect(one?.doubt).toBe("It replaces what you have redrafted: “Mine”.");
    expect(two).toMatchObject({ does: "add", address: "https://www.a.example/new", page: null });
    expect(three).toMatchObject({ does: "same", changes: [] });
  });

  it("names rows without address, with a wrong one, and a page that comes twice", () => {
    const [one, two, , four] = plan("url,title\n,A\nnot an address,B\n/visit,C\n/visit/,D\n");
    expect(one?.fault).toBe("It has no address.");
    expect(two?.fault).toContain("is not an address");
    expect(four?.doubt).toBe("Row 4 is for the same page.");
  });

  it("takes at first what is not in doubt, and counts pages, not rows", () => {
    const all = plan("url,title,description\n/visit,A,\n/visit/,B,\n/new,C,\n/new/,D,\n/visit,E,Theirs\n");
    expect(all.map(({ does, doubt }) => [does, doubt !== null])).toEqual([
      ["change", false],
      ["change", true],
      // A page that the site does not have is added where somebody says so.
      ["add", true],
      ["add", true],
      ["change", true],
    ]);
    const taken = takenAtFirst(all);
    expect([...taken]).toEqual([2]);
    expect(pagesOf(all, taken)).toEqual({ change: 1, add: 0 });
    expect(pagesOf(all, new Set([2, 3, 4, 5]))).toEqual({ change: 1, add: 1 });
    expect(pagesOf(all, new Set([5]))).toEqual({ change: 0, add: 1 });
  });

  it("knows a page by the file that stands for its folder, as an import of files does", () => {
    const [one, two] = plan("url,title\n/visit/index.html,A\nhttps://www.a.example/x/INDEX.htm?a=1,B\n");
    expect(one).toMatchObject({ does: "change", page: "p1" });
    expect(two).toMatchObject({ does: "add", address: "https://www.a.example/x/?a=1" });
    expect(addressOfFile("x/index.html", "https://www.a.example/")).toBe("https://www.a.example/x/");
    // On an empty site every page is new, which is no surprise.
    const read = readTable("url,title\n/new,A\n");
    if ("reason" in read) throw new Error(read.reason);
    expect(planTable(read, assignColumns(read.rows), [], "https://www.a.example/")[0]?.doubt).toBeNull();
  });

  it("asks where the site stands before a path is an address", () => {
    const read = readTable("url,title\n/visit,A\nhttps://www.a.example/visit/,B\n");
    if ("reason" in read) throw new Error(read.reason);
    const [path, full] = planTable(read, assignColumns(read.rows), [page], null);
    expect(path?.fault).toContain("the site’s address");
    expect(full?.does).toBe("change");
  });
});
