import { describe, expect, it } from "vitest";
import { csvOf } from "./csv.ts";
import { assignColumns, type PageToMatch, pagesOf, planTable, readTable, takenAtFirst } from "./table-file.ts";

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
    return planTable(read.rows, assignColumns(read.rows), [page], "https://www.a.example/");
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
      ["add", false],
      ["add", true],
      ["change", true],
    ]);
    const taken = takenAtFirst(all);
    expect([...taken]).toEqual([2, 4]);
    expect(pagesOf(all, taken)).toEqual({ change: 1, add: 1 });
    expect(pagesOf(all, new Set([2, 3, 4, 5]))).toEqual({ change: 1, add: 1 });
    expect(pagesOf(all, new Set([5]))).toEqual({ change: 0, add: 1 });
  });

  it("asks where the site stands before a path is an address", () => {
    const read = readTable("url,title\n/visit,A\nhttps://www.a.example/visit/,B\n");
    if ("reason" in read) throw new Error(read.reason);
    const [path, full] = planTable(read.rows, assignColumns(read.rows), [page], null);
    expect(path?.fault).toContain("the site’s address");
    expect(full?.does).toBe("change");
  });
});
