import { describe, expect, it } from "vitest";
import { addressListCsv, readAddressList } from "./address-list.ts";

describe("a list of addresses", () => {
  it("is read as it was written", () => {
    const pages = [
      { file: "visit/index.html", address: "https://quay.example/visit/" },
      { file: "a, b.html", address: "https://quay.example/a%2C?b=c" },
    ];
    const read = readAddressList(addressListCsv(pages));
    expect(read).toEqual({ addresses: new Map(pages.map(({ file, address }) => [file, address])), notes: [] });
  });

  it("takes columns in any order, and names each row that it leaves out by its number in the file", () => {
    const read = readAddressList(
      "Address;File\n\nhttps://quay.example/a;.\\a.html\nnot an address;b.html\nhttps://quay.example/c;\nhttps://quay.example/d;a.html\n",
    );
    if ("reason" in read) throw new Error(read.reason);
    expect([...read.addresses]).toEqual([["a.html", "https://quay.example/a"]]);
    expect(read.notes.map((note) => note.slice(0, 6))).toEqual(["Row 4:", "Row 5 ", "Row 6:"]);
  });

  it("without its columns says which it needs", () => {
    expect(readAddressList("page,url\na,b\n")).toHaveProperty("reason");
  });
});
