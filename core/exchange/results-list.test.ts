import { describe, expect, it } from "vitest";
import { addressesAlone, readResultsFeed, readResultsList, resultsAddress } from "./results-list.ts";

const boats = { title: "Boats & oars", address: "https://a.example/x", description: "Old boats." };

describe("results of others", () => {
  // RSS 2.0 with the elements of OpenSearch 1.1, draft 6, “OpenSearch response elements”: its example in RSS, other words.
  it("are read as a results service gives them", () => {
    const feed = (items: string) =>
      `<?xml version="1.0"?><rss version="2.0" xmlns:opensearch="http://a9.com/-/spec/opensearch/1.1/"><channel><title>x</title><opensearch:totalResults>1</opensearch:totalResults>${items}</channel></rss>`;
    const item =
      "<item><title>Boats &amp; oars</title><link>https://a.example/x</link><description>Old  boats.</description></item>";
    expect(readResultsFeed(feed(item))).toEqual({ results: [boats], notes: [] });
    expect(readResultsFeed(feed(`${item}<item><title>No address</title></item>`))).toMatchObject({
      results: [boats],
      notes: ["One row lacks a title or an address, and is left out."],
    });
    expect(readResultsFeed(feed(""))).toHaveProperty("reason");
    expect(readResultsFeed("<html><p>Not found")).toHaveProperty("reason");
    expect(readResultsFeed(`<!DOCTYPE x [<!ENTITY a "b">]>${feed(item)}`)).toHaveProperty("reason");
  });

  it("are kept as text, with every reference decoded, and lead to web pages alone", () => {
    const feed = (items: string) => `<rss><channel>${items}</channel></rss>`;
    const item = (title: string, link = "https://a.example/x") =>
      `<item><title>${title}</title><link>${link}</link></item>`;
    const titles = (xml: string) => {
      const read = readResultsFeed(feed(xml));
      return "reason" in read ? read.reason : read.results.map(({ title }) => title);
    };
    expect(titles(item("Tom&#39;s <b>old</b> boats"))).toEqual(["Tom's old boats"]);
    const others = ["javascript:alert(1)", "data:text/html,x", "mailto:a@b.example", "ftp://a.example/x"];
    expect(readResultsFeed(feed(item("Boats") + others.map((link) => item("x", link)).join("")))).toMatchObject({
      results: [{ title: "Boats" }],
      notes: ["4 rows have an address that begins with neither http nor https, and are left out."],
    });
    expect(titles(`${item("Boats")}<item>${"<x>".repeat(500)}`)).toContain("nested more than 100 deep");
    expect(
      readResultsList("title\taddress\tdescription\nBoats\tlocalhost:3000/x\tOld.\nOars\tjavascript:x\tNew.\n"),
    ).toMatchObject({
      results: [{ address: "localhost:3000/x" }],
    });
  });

  it("are read from a table, with headings or without, and from pasted blocks", () => {
    expect(readResultsList("url,description,title\nhttps://a.example/x,Old boats.,Boats & oars\n")).toMatchObject({
      results: [boats],
    });
    expect(readResultsList("Boats & oars\thttps://a.example/x\tOld boats.\n")).toMatchObject({ results: [boats] });
    expect(readResultsList("Boats & oars\nhttps://a.example/x\nOld boats.\n\nOars\nb.example › oars\n")).toMatchObject({
      results: [boats, { title: "Oars", address: "b.example › oars", description: "" }],
    });
    expect(addressesAlone("https://a.example/x\n\n https://b.example/y \n")).toEqual([
      "https://a.example/x",
      "https://b.example/y",
    ]);
    expect(addressesAlone("Boats\nhttps://a.example/x")).toBeNull();
    expect(readResultsList("only words, and more")).toHaveProperty("reason");
    expect(readResultsList("")).toHaveProperty("reason");
  });

  it("are asked for at an address with the phrase in it", () => {
    expect(resultsAddress("https://r.example/s?q={searchTerms}", "café & more")).toEqual({
      address: "https://r.example/s?q=caf%C3%A9%20%26%20more",
    });
    expect(resultsAddress("https://r.example/s", "x")).toHaveProperty("reason");
    expect(resultsAddress("ftp://{searchTerms}", "x")).toHaveProperty("reason");
  });
});
