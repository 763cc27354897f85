// What a key takes on the desk, on pages of several sizes; part of npm run bench.
import { inBrowser, keyTimes, percentile } from "./browser.ts";
import type { Note } from "./note.ts";

const WORDS =
  "The register of the lightship was kept from year to year by whoever had the watch, and says what the weather was, who came on board, and when the lamp was lit. ";

/** Sections like a handbook's until a page is so long: a heading to 4 KB, a link to 1 KB, a picture to 20 KB. */
function pageOf(size: number): string {
  let body = "";
  for (let i = 0; body.length < size; i++) {
    const link = `<a href="/register/year-${i}">Year ${i} of the register</a>`;
    const paragraph = (n: number) =>
      `<p>${WORDS.repeat(3)}${n % 2 === 0 ? link : ""} <em>${WORDS}</em>${WORDS.repeat(2)}</p>`;
    body += `<h${i % 4 === 0 ? 2 : 3} id="year-${i}">Year ${i}</h${i % 4 === 0 ? 2 : 3}>\n`;
    body += Array.from({ length: 4 }, (_, n) => paragraph(n)).join("\n");
    if (i % 5 === 0) body += `<img src="/register/${i}.png" alt="Page ${i} of the register">`;
  }
  return page(body);
}

/** A list of so many links, with words around them until the page is so long. */
function pageOfLinks(count: number, size: number): string {
  const words = "An entry of the long register of the lightship, as it was kept from year to year. ";
  const each = Math.floor(size / count);
  const item = (i: number) => {
    const link = `<a href="/register/entry-${i}">Entry ${i} of the register</a>`;
    return `<li>${link} ${words.repeat(Math.ceil(each / words.length)).slice(0, Math.max(0, each - link.length - 12))}</li>`;
  };
  return page(`<ul>${Array.from({ length: count }, (_, i) => item(i)).join("\n")}</ul>`);
}

const page = (body: string) =>
  `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>The register of the lightship</title><meta name="description" content="All entries of the register."></head><body><main><h1>The register of the lightship</h1>${body}</main></body></html>`;

const PAGES: [name: string, source: string, bar: number][] = [
  ["100 KB", pageOf(100_000), 50],
  ["700 KB", pageOf(700_000), 50],
  ["3.9 MB", pageOf(3_900_000), 50],
  ["2.5 MB with 12,000 links", pageOfLinks(12_000, 2_500_000), 50],
];

const TEXT = "The register of the lightship, its lamp and its crew, year by year";

/** A key in the title to the painted result, findings and cuts. */
export const benchDesk = (note: Note): Promise<void> =>
  inBrowser(async ({ fresh, address }) => {
    for (const [name, source, bar] of PAGES) {
      const context = await fresh();
      const desk = await context.newPage();
      desk.setDefaultTimeout(40_000);
      await desk.goto(`${address}/bring-in?way=disk`);
      await desk.getByLabel("Base address").fill("www.register.example");
      await desk
        .getByLabel("HTML files or zip")
        .setInputFiles({ name: "register.html", mimeType: "text/html", buffer: Buffer.from(source) });
      await desk.getByRole("button", { name: "Bring in 1 page" }).click();
      await desk.getByRole("link", { name: "The register of the lightship" }).first().click();
      await desk.getByRole("heading", { name: "Search result" }).waitFor();
      const title = desk.getByLabel("Title on desktop");
      await title.click();
      await desk.keyboard.press("Control+a");
      // The first keys find nothing remembered yet.
      await desk.keyboard.type("The", { delay: 200 });
      await desk.keyboard.press("Control+a");
      const p95 = percentile(await keyTimes(desk, TEXT), 0.95);
      note(
        `a key in the title to the painted result, page of ${name}`,
        `p95 ${p95 <= 16 ? "below 16" : Math.round(p95)} ms`,
        `p95 ≤ ${bar} ms`,
        p95 <= bar,
      );
      await context.close();
    }
  });
