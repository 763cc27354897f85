import { gzipSync, zipSync } from "fflate";
import { describe, expect, it, vi } from "vitest";
import { unzipPages } from "./unzip.ts";
import { MAX_ENTRIES, zipFiles } from "./zip.ts";

const text = (content: string) => new TextEncoder().encode(content);

async function unzipped(zip: Uint8Array, also?: readonly string[]) {
  const read = await unzipPages(zip, also);
  if ("reason" in read) throw new Error(read.reason);
  return read;
}

/** Fields of a directory's record, and of the end of the directory, by their place (APPNOTE.TXT 4.3.12 and 4.3.16). */
const RECORD = {
  signature: 0x02014b50,
  flags: 8,
  method: 10,
  crc: 16,
  packed: 20,
  size: 24,
  nameLength: 28,
  offset: 42,
};
const END = { signature: 0x06054b50, entriesHere: 8, entries: 10, length: 12, offset: 16 };

const PAGE = `<title>Lamp</title>${"<p>The lamp burns all night.</p>".repeat(40)}`;
/** An archive of three pages, the second of which states something else than it has. */
function stating(change: (view: DataView, record: number, end: number) => void): Uint8Array {
  const zip = zipSync({ "a.html": text(PAGE), "b.html": text(PAGE), "c.html": text(PAGE) });
  const view = new DataView(zip.buffer, zip.byteOffset, zip.length);
  const places = (signature: number) =>
    Array.from({ length: zip.length - 3 }, (_, at) => at).filter((at) => view.getUint32(at, true) === signature);
  change(view, places(RECORD.signature)[1] ?? -1, places(END.signature)[0] ?? -1);
  return zip;
}

describe("an archive that states something false", () => {
  it.each<[string, (view: DataView, record: number) => void, RegExp]>([
    ["a smaller size", (v, at) => v.setUint32(at + RECORD.size, 60, true), /size/],
    ["a larger size", (v, at) => v.setUint32(at + RECORD.size, PAGE.length + 1, true), /size/],
    ["no size", (v, at) => v.setUint32(at + RECORD.size, 0, true), /size/],
    ["less data", (v, at) => v.setUint32(at + RECORD.packed, 8, true), /size/],
    ["more data than there are", (v, at) => v.setUint32(at + RECORD.packed, 900_000, true), /damaged/],
    ["another checksum", (v, at) => v.setUint32(at + RECORD.crc, 1, true), /checksum/],
    ["that it is stored", (v, at) => v.setUint16(at + RECORD.method, 0, true), /size/],
    ["another method", (v, at) => v.setUint16(at + RECORD.method, 12, true), /method that is not read here \(12\)/],
    ["that it is encrypted", (v, at) => v.setUint16(at + RECORD.flags, 1, true), /encrypted/],
    ["another place", (v, at) => v.setUint32(at + RECORD.offset, 7, true), /damaged/],
    ["a place beyond its end", (v, at) => v.setUint32(at + RECORD.offset, 4_000_000, true), /damaged/],
  ])("of an entry loses that entry alone, by name: %s", async (_, change, why) => {
    const { files, leftOut } = await unzipped(stating(change));
    expect(files.map(({ path }) => path)).toEqual(["a.html", "c.html"]);
    expect(files.every(({ bytes }) => new TextDecoder().decode(bytes) === PAGE)).toBe(true);
    expect(leftOut).toEqual([{ path: "b.html", why: expect.stringMatching(why) }]);
  });

  it.each<[string, (view: DataView, record: number, end: number) => void]>([
    ["fewer entries", (v, _, end) => v.setUint16(end + END.entries, 1, true)],
    ["more entries", (v, _, end) => v.setUint16(end + END.entries, 900, true)],
    ["another place of its directory", (v, _, end) => v.setUint32(end + END.offset, 3, true)],
    ["another length of its directory", (v, _, end) => v.setUint32(end + END.length, 3, true)],
    ["a name longer than the archive", (v, at) => v.setUint16(at + RECORD.nameLength, 60_000, true)],
    ["a record that is none", (v, at) => v.setUint32(at, 5, true)],
  ])("of its directory gives what can be read, and never a page in part: %s", async (_, change) => {
    const read = await unzipPages(stating(change));
    if ("reason" in read) expect(read.reason).toMatch(/Pack the files again\.$/);
    else {
      for (const { bytes } of read.files) expect(new TextDecoder().decode(bytes)).toBe(PAGE);
      // What is missing is said.
      expect(read.files.length === 3 || read.leftOut.length > 0).toBe(true);
    }
  });

  it("as small as it likes is not unpacked further than it says", async () => {
    const bomb = zipSync({ "a.html": new Uint8Array(40_000_000), "b.html": text(PAGE) });
    const view = new DataView(bomb.buffer, bomb.byteOffset, bomb.length);
    let at = bomb.length - 4;
    while (view.getUint32(at, true) !== RECORD.signature) at--;
    while (view.getUint32(--at, true) !== RECORD.signature);
    view.setUint32(at + RECORD.size, 100, true);
    const { files, leftOut } = await unzipped(bomb);
    expect(files.map(({ path }) => path)).toEqual(["b.html"]);
    expect(leftOut).toEqual([{ path: "a.html", why: expect.stringContaining("size") }]);
  });
});

describe("a zip", () => {
  it("and pages that are packed by themselves are unpacked", async () => {
    const packed = gzipSync(text("<h1>A</h1>"));
    const wrong = packed.slice();
    wrong.set([9], packed.length - 6);
    const { files, leftOut } = await unzipped(
      zipSync({ "a.html.gz": packed, "b.html.gz": packed.subarray(0, 12), "c.html.gz": wrong }),
    );
    expect(files.map(({ path, bytes }) => [path, new TextDecoder().decode(bytes)])).toEqual([["a.html", "<h1>A</h1>"]]);
    const why = expect.stringContaining("gzip");
    expect(leftOut).toEqual([
      { path: "b.html.gz", why },
      { path: "c.html.gz", why },
    ]);
  });

  it("gives its pages with their pictures and names what it leaves out", async () => {
    const { files, leftOut } = await unzipped(
      zipSync({
        "site/a.html": text("<p>a"),
        "site/b.png": text("x"),
        "site/c.exe": text("x"),
        "../up.html": text("x"),
        "/abs.html": text("x"),
        ".hidden.html": text("x"),
        "site/empty.html": new Uint8Array(),
        "Café.html": text("<p>b"),
      }),
    );
    expect(files.map((f) => f.path)).toEqual(["site/a.html", "site/b.png", "site/empty.html", "Café.html"]);
    expect(leftOut.map((l) => l.path).sort()).toEqual(["../up.html", ".hidden.html", "/abs.html", "site/c.exe"]);
  });

  it("leaves out entries of one name, since nobody can say which is meant", async () => {
    const zip = zipSync({ "a.html": text("<p>1"), "b.html": text("<p>2"), "c.html": text("<p>3") });
    for (let at = 0; at + 6 <= zip.length; at++)
      if (new TextDecoder().decode(zip.subarray(at, at + 6)) === "b.html") zip.set(text("a"), at);
    const { files, leftOut } = await unzipped(zip);
    expect(files.map(({ path }) => path)).toEqual(["c.html"]);
    expect(leftOut.map(({ path, why }) => [path, /several entries/.test(why)])).toEqual([
      ["a.html", true],
      ["a.html", true],
    ]);
  });

  it("of more entries than are looked at is refused with what to do", async () => {
    const many = zipSync(
      Object.fromEntries(Array.from({ length: 30_000 }, (_, i) => [`${i}.html`, new Uint8Array()])),
      { level: 0 },
    );
    expect(await unzipPages(many)).toEqual({ reason: expect.stringContaining(MAX_ENTRIES.toLocaleString("en-GB")) });
  });

  it("that unpacks to more than it may is refused before it is unpacked", async () => {
    const bomb = zipSync(
      Object.fromEntries(Array.from({ length: 25 }, (_, i) => [`${i}.html`, text("x".repeat(500))])),
    );
    const view = new DataView(bomb.buffer);
    for (let at = 0; at + 4 < bomb.length; at++)
      if (view.getUint32(at, true) === RECORD.signature) view.setUint32(at + RECORD.size, 19 * 1024 * 1024, true);
    expect(await unzipPages(bomb)).toEqual({ reason: expect.stringContaining("400 MB") });
  });

  it("that is cut off, or is none, gives a reason", async () => {
    expect(await unzipPages(zipSync({ "a.html": text("x") }).slice(0, 20))).toHaveProperty("reason");
    expect(await unzipPages(text("no zip"))).toHaveProperty("reason");
    expect(await unzipPages(new Uint8Array())).toHaveProperty("reason");
  });

  it("is the same bytes whenever it is packed, and comes back whole", async () => {
    const files = ["a.html", "b/c.html"].map((path) => ({ path, bytes: text(PAGE) }));
    vi.useFakeTimers({ now: new Date("2026-12-01T10:00:00Z") });
    const first = zipFiles(files);
    vi.setSystemTime(new Date("2031-01-01T10:00:00Z"));
    const later = zipFiles(files);
    vi.useRealTimers();
    expect(Buffer.from(later)).toEqual(Buffer.from(first));
    expect((await unzipped(first)).files).toEqual(files);
  });
});
