import { execFileSync, spawn, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";
import { startStandIn } from "../server/stand-in/web";

const root = fileURLToPath(new URL("..", import.meta.url));
const bin = join(root, "bin", "keen-quill.mjs");
const demo = join(root, "demo", "gullhaven");
const run = (...args: string[]) =>
  spawnSync(process.execPath, [bin, ...args], { encoding: "utf8", maxBuffer: 1 << 26 });

describe("keen-quill", () => {
  it("audits a folder, and its exit code says what was found", () => {
    const { stdout, status } = run("audit", demo, "--base", "https://www.gullhaven.example/", "--format", "json");
    const report = JSON.parse(stdout);
    expect(report.version).toBe(1);
    expect(report.pages).toHaveLength(40);
    expect(status).toBe(1);
    const clean = join(mkdtempSync(join(tmpdir(), "kq-")), "clean.html");
    writeFileSync(
      clean,
      "<!DOCTYPE html><html lang=en><head><meta charset=utf-8><meta name=viewport content='width=device-width'><title>A lightship</title></head><h1>Lightship</h1>",
    );
    expect(run("audit", clean).status).toBe(0);
    expect(run("audit", clean, "--fail-on", "may").status).toBe(1);
  });

  it("reads with --cache only what has changed since, and whatever a damaged entry is of", () => {
    const folder = mkdtempSync(join(tmpdir(), "kq-"));
    const cache = join(folder, "cache");
    const site = join(folder, "site");
    mkdirSync(site);
    const pageOf = (title: string) => `<!DOCTYPE html><html lang=en><title>${title}</title><h1>Lamp</h1>`;
    for (const name of ["a", "b", "c"]) writeFileSync(join(site, `${name}.html`), pageOf(`The lamp ${name}`));
    const titles = (...more: string[]) => {
      const { stdout } = run("audit", site, "--cache", cache, "--format", "json", ...more);
      return JSON.parse(stdout).pages.map((page: { title: { text: string } }) => page.title.text);
    };
    const whole = run("audit", site).stdout;
    expect(titles()).toEqual(["The lamp a", "The lamp b", "The lamp c"]);
    // What is kept is what is told: the pages themselves are not read.
    const [pack = ""] = readdirSync(cache).flatMap((file) => (file.endsWith(".pack") ? [join(cache, file)] : []));
    const [index = ""] = readdirSync(cache).flatMap((file) => (file.endsWith(".index") ? [join(cache, file)] : []));
    const { rows } = JSON.parse(readFileSync(index, "utf8"));
    const records = readFileSync(pack);
    for (const row of Object.values<{ at: number; length: number; sum: string }>(rows)) {
      const place = [row.at, row.at + row.length] as const;
      const body = records.subarray(...place).toString();
      const other = Buffer.from(body.replaceAll("The lamp b", "Kept of  b"));
      other.copy(records, row.at);
      if (!body.includes("lamp c"))
        row.sum = createHash("sha256")
          .update(records.subarray(...place))
          .digest("hex");
      else records.fill("{", row.at, row.at + 5);
    }
    writeFileSync(pack, records);
    writeFileSync(index, JSON.stringify({ rows }));
    expect(titles()).toEqual(["The lamp a", "Kept of  b", "The lamp c"]);
    writeFileSync(join(site, "b.html"), pageOf("Another"));
    expect(titles()).toEqual(["The lamp a", "Another", "The lamp c"]);
    writeFileSync(join(site, "b.html"), pageOf("The lamp b"));
    rmSync(pack);
    expect(run("audit", site, "--cache", cache).stdout).toBe(whole);
    expect(run("audit", site, "--cache", cache).stdout).toBe(whole);
    expect(run("audit", site, "--cache", join(site, "a.html")).status).toBe(2);
  });

  it("takes target phrases by address and by file, and the one for all where a page is assigned none", () => {
    const folder = mkdtempSync(join(tmpdir(), "kq-"));
    for (const name of ["a", "b", "c"])
      writeFileSync(join(folder, `${name}.html`), "<!DOCTYPE html><html lang=en><title>The lamp</title><h1>Lamp</h1>");
    const phrases = join(folder, "phrases.csv");
    writeFileSync(phrases, "phrase;address\nlamp;https://quay.example/a.html\nfog horn;b.html\n");
    const missing = () => {
      const { stdout } = run(
        "audit",
        folder,
        "--base",
        "https://quay.example/",
        "--phrases",
        phrases,
        "--phrase",
        "anchor",
        "--cache",
        join(folder, "cache"),
        "--format",
        "csv",
      );
      return stdout
        .split("\r\n")
        .filter((row) => row.includes("title/phrase-missing"))
        .map((row) => /“([^”]*)” is not|“([^”]*)”/.exec(row)?.slice(1).find(Boolean));
    };
    expect(missing()).toEqual(["fog horn", "anchor"]);
    // What was kept was found for other phrases.
    writeFileSync(phrases, "file,phrase\nb.html,lamp\n");
    expect(missing()).toEqual(["anchor", "anchor"]);
    writeFileSync(phrases, "where,what\na.html,lamp\n");
    const { status, stderr } = run("audit", folder, "--phrases", phrases);
    expect(status).toBe(2);
    expect(stderr).toContain("Its first row names no column");
  });

  it("tells where phrases stand, who wants the same, and who could link to whom", { tags: "long" }, () => {
    const folder = mkdtempSync(join(tmpdir(), "kq-"));
    const page = (file: string, title: string, body: string) =>
      writeFileSync(join(folder, file), `<!DOCTYPE html><html lang=en><title>${title}</title>\n<body>\n${body}`);
    page("fog.html", "The fog signal", "<h1>The fog signal</h1><p>It is a fog signal of 1912.");
    page("horn.html", "Fog signals", "<h1>A horn</h1><p>It is loud.");
    page(
      "home.html",
      "Home",
      '<p>See the <a href="horn.html">old horn</a>.</p>\n<p>We kept the fog signal. It sounds.',
    );
    const list = join(folder, "list.csv");
    writeFileSync(list, "keyword,volume,topic\nfog signal,720,ship\nlamp room,many,ship\n?!,3,\n");
    const assign = join(folder, "assign.csv");
    writeFileSync(assign, 'file,phrase,supporting\nfog.html,fog signal,\nhorn.html,fog signals,"old horn, siren"\n');
    const command = ["phrases", folder, "--list", list, "--assign", assign];
    const { status, stdout, stderr } = run(...command, "--format", "json");
    expect(status).toBe(0);
    expect(stderr).toContain("Row 3: “many” is no number of searches; it is left open.");
    expect(stderr).toContain("Row 4 is left out");
    const at = (file: string) => join(folder, file);
    const report = JSON.parse(stdout);
    expect(report).toMatchObject({
      version: 1,
      clashes: [{ phrases: ["fog signal", "fog signals"], files: [at("fog.html"), at("horn.html")] }],
      unused: ["lamp room"],
      pagesWithout: [at("home.html")],
      opportunities: [
        {
          from: at("home.html"),
          to: at("fog.html"),
          phrase: "fog signal",
          sentence: "We kept the fog signal.",
          line: 4,
        },
      ],
    });
    const [signal, , , horn] = report.phrases;
    expect(signal).toMatchObject({ phrase: "fog signal", volume: 720, target: [at("fog.html")], supporting: [] });
    expect(signal.pages.map((one: { file: string }) => one.file)).toEqual(
      ["fog.html", "home.html", "horn.html"].map(at),
    );
    // By hand: 9 words, of which the phrase takes 2 × 2.
    expect(signal.pages[0]).toEqual({
      file: at("fog.html"),
      places: {
        title: "exact",
        h1: "exact",
        h2: null,
        first100: "exact",
        body: "exact",
        description: null,
        slug: null,
        alt: null,
        anchors: null,
      },
      count: 2,
      density: 40,
    });
    expect(horn).toMatchObject({ phrase: "old horn", supporting: [at("horn.html")] });
    expect(horn.pages.find((one: { file: string }) => one.file === at("horn.html")).places.anchors).toBe("exact");
    expect(run(...command).stdout).toContain(
      "fog.html: title, H1, first 100 words, body 2 times; not in H2, description, slug",
    );
    expect(run(...command, "--format", "csv").stdout).toContain(
      `fog signal,720,${at("fog.html")},target,exact,exact,,exact`,
    );
    const figures = join(folder, "figures 2026-10.csv");
    writeFileSync(figures, "page,query,clicks,impressions,position\n/fog,lamp boat,9,300,4.25\n/none,x,many,1,1\n");
    const base = ["--base", "https://quay.example/", "--performance", figures];
    writeFileSync(
      join(folder, "fog.html"),
      '<!DOCTYPE html><html lang=en><title>The fog signal</title><link rel=canonical href="https://quay.example/fog">',
    );
    const measured = run(...command, ...base, "--format", "json");
    expect(measured.stderr).toContain("Row 3 is left out: “many” is no number.");
    expect(JSON.parse(measured.stdout).performance).toEqual({
      period: { from: "2026-10-01", to: "2026-10-31" },
      first: [
        {
          file: at("fog.html"),
          clicks: 9,
          impressions: 300,
          position: 4.25,
          reasons: [
            { kind: "near-top", phrase: "lamp boat", position: 4.25, impressions: 300 },
            { kind: "title-lacks", phrase: "lamp boat", title: "The fog signal", impressions: 300 },
          ],
        },
      ],
      questions: [at("fog.html")],
    });
    expect(run(...command, ...base).stdout).toContain(
      "fog.html: Shown 300 times for “lamp boat”, which its title “The fog signal” does not say.",
    );
    writeFileSync(figures, "colour\nred\n");
    const without = run(...command, ...base);
    expect([without.status, without.stderr]).toEqual([2, expect.stringContaining("hold addresses or phrases")]);
    writeFileSync(list, "topic,volume\nship,3\n");
    expect(run(...command)).toMatchObject({ status: 2 });
  });

  it("prints the document that the screen of findings gives out", () => {
    const folder = mkdtempSync(join(tmpdir(), "kq-"));
    writeFileSync(join(folder, "a.html"), "<!DOCTYPE html><html lang=en><h1>Lamp</h1>");
    const audit = (format: string) =>
      run("audit", folder, "--base", "https://quay.example/", "--format", format).stdout;
    expect(audit("markdown")).toContain("### 1 page has no title (must)\n\n- https://quay.example/a.html: ");
    expect(audit("html")).toContain("<h3>1 page has no title (must)</h3>");
  });

  it("takes addresses too, fetched as the server does, with what its robots.txt asks", async () => {
    const standIn = await startStandIn(demo);
    try {
      const audit = (...args: string[]) =>
        new Promise<{ stdout: string; stderr: string; status: number | null }>((done) => {
          const child = spawn(process.execPath, [bin, "audit", ...args, "--format", "json"], {
            env: { ...process.env, KEEN_QUILL_STAND_IN: standIn.origin },
          });
          const told = { stdout: "", stderr: "" };
          child.stdout.on("data", (text) => {
            told.stdout += text;
          });
          child.stderr.on("data", (text) => {
            told.stderr += text;
          });
          child.on("close", (status) => done({ ...told, status }));
        });
      const at = "https://www.gullhaven.example/visit/opening-times";
      const { stdout, stderr, status } = await audit(
        at,
        "https://www.gullhaven.example/nothing-here",
        "https://www.gullhaven.example/staff/rota",
        "http://10.0.0.1/",
      );
      const { pages } = JSON.parse(stdout);
      expect(pages).toMatchObject([{ file: at, title: { text: expect.stringContaining("opening times") } }]);
      const rulesOf = (list: { rule: string }[]) => list.map(({ rule }) => rule).sort();
      const fromDisk = JSON.parse(run("audit", join(demo, "visit", "opening-times.html"), "--format", "json").stdout);
      expect(rulesOf(pages[0].findings)).toEqual(rulesOf(fromDisk.pages[0].findings));
      expect(status).toBe(2);
      expect(stderr).toContain("https://www.gullhaven.example/nothing-here was not fetched: ");
      expect(stderr).toContain("http://10.0.0.1/ was not fetched: ");
      expect(stderr).toContain("staff/rota was not fetched: the site's robots.txt asks not to.");
    } finally {
      await standIn.close();
    }
  });

  it("says what cannot be run, with exit code 2", () => {
    for (const args of [
      ["audit", "no/such/folder"],
      ["audit", demo, "--format", "xml"],
      ["audit", demo, "--base", "ftp://x"],
      ["nonsense"],
    ]) {
      const { status, stderr } = run(...args);
      expect([args.join(" "), status]).toEqual([args.join(" "), 2]);
      expect(stderr).not.toMatch(/\n\s+at /);
    }
  });

  it("measures a text", () => {
    const { stdout } = run(
      "measure",
      "Lightship Museum opening times, prices and the last boat back to shore",
      "--format",
      "json",
    );
    const result = JSON.parse(stdout);
    expect(result.title.desktop.lost).toBe("to shore");
    expect(result.description.desktop.lost).toBe("");
  });

  it("applies edits into another folder, and refuses what it cannot do", () => {
    const out = mkdtempSync(join(tmpdir(), "kq-"));
    const edits = join(out, "edits.json");
    const file = "visit/opening-times.html";
    const heading = { text: "Easter and the bank holidays" };
    writeFileSync(
      edits,
      JSON.stringify({
        version: 1,
        pages: [
          {
            file,
            edits: [
              { op: "set-title", value: "Opening times" },
              { op: "set-heading-level", heading, level: 3 },
              { op: "remove-heading", heading: { text: "not there" } },
            ],
          },
        ],
      }),
    );
    const { status, stderr } = run("apply", edits, demo, "--out", out);
    expect(status).toBe(1);
    expect(stderr).toContain("not there");
    const was = readFileSync(join(demo, file), "utf8").split("\n");
    const is = readFileSync(join(out, file), "utf8").split("\n");
    expect(is.filter((line, i) => line !== was[i])).toEqual([
      "  <title>Opening times</title>",
      "    <h3>Easter and the bank holidays</h3>",
    ]);
  });

  it("applies a change list that somebody filled in, to the files that its addresses name", () => {
    const out = mkdtempSync(join(tmpdir(), "kq-"));
    const list = join(out, "changes.csv");
    const rows = [
      "address,field,was,is",
      "https://www.gullhaven.example/visit/opening-times,title,Opening hours of long ago,Opening times",
      "/visit/opening-times,heading level: Easter and the bank holidays,H4,H3",
      "/visit/opening-times,heading text,Not there,There",
      "/nowhere,title,x,y",
    ];
    writeFileSync(list, `${rows.join("\n")}\n`);
    const apply = (...more: string[]) =>
      run("apply", list, demo, "--out", out, "--base", "https://www.gullhaven.example/", ...more);
    const page = () => readFileSync(join(out, "visit/opening-times.html"), "utf8");
    const { status, stderr, stdout } = apply();
    // What the page no longer says is not replaced; one row in vain leaves the others applied.
    expect(status).toBe(2);
    for (const reason of [
      "“Not there” is not on this page",
      "stands at /nowhere",
      /title was not applied\. It is “.+” on the page, not “Opening hours of long ago” as the list says\. Use --force/,
    ])
      expect(stderr).toMatch(reason);
    expect(stdout).toContain("1 of 3 edits applied");
    expect(page()).toContain("<h3>Easter and the bank holidays</h3>");
    expect(page()).not.toContain("<title>Opening times</title>");
    expect(apply("--force").stdout).toContain("2 of 3 edits applied");
    expect(page()).toContain("<title>Opening times</title>");
  });

  it("reads the addresses of an exported folder, which its file names do not say", () => {
    const folder = mkdtempSync(join(tmpdir(), "kq-"));
    const [list, changes, out] = ["addresses.csv", "changes.csv", "out"].map((name) => join(folder, name)) as [
      string,
      string,
      string,
    ];
    const page = (links: string) => `<!DOCTYPE html><html lang=en><title>Lamp</title><h1>Lamp</h1>${links}`;
    writeFileSync(join(folder, "old.html"), page(""));
    const others = ["a", "b", "c", "d"].map((name) => `${name}.html`);
    for (const name of others) writeFileSync(join(folder, name), page(""));
    const links = [...others, "new"].map((name) => `<a href="/${name}">${name}</a>`);
    writeFileSync(join(folder, "index.html"), page(links.join(" ")));
    writeFileSync(list, "file,address\nold.html,https://quay.example/new\nindex.html,https://quay.example/\n");
    const rules = (...more: string[]) => {
      const audited = run("audit", folder, "--base", "https://quay.example/", "--format", "json", ...more);
      const { site } = JSON.parse(audited.stdout);
      return { stderr: audited.stderr, rules: site.findings.map(({ rule }: { rule: string }) => rule) };
    };
    const without = rules();
    expect(without.rules).toContain("link/broken");
    expect(without.stderr).toContain(`Use --addresses ${list}`);
    const listed = rules("--addresses", list);
    expect(listed.rules).not.toContain("link/broken");
    expect(listed.stderr).toBe("");
    writeFileSync(changes, "address,field,was,is\nhttps://quay.example/new,title,Lamp,The lamp\n");
    const away = join(mkdtempSync(join(tmpdir(), "kq-")), "out");
    expect(run("apply", changes, folder, "--out", away, "--addresses", list).status).toBe(0);
    expect(readFileSync(join(away, "old.html"), "utf8")).toContain("<title>The lamp</title>");
    expect(existsSync(out)).toBe(false);
  });

  it("writes every page when nobody reads what it prints, and says so", () => {
    const folder = mkdtempSync(join(tmpdir(), "kq-"));
    const [edits, out] = [join(folder, "edits.json"), join(folder, "out")];
    const files = ["visit/opening-times.html", "people.html", "visit/prices.html"].filter((file) =>
      existsSync(join(demo, file)),
    );
    const pages = files.map((file) => ({ file, edits: [{ op: "set-title", value: "Told to nobody" }] }));
    writeFileSync(edits, JSON.stringify({ version: 1, pages }));
    const full = openSync("/dev/full", "w");
    const { status, stderr } = spawnSync(process.execPath, [bin, "apply", edits, demo, "--out", out], {
      encoding: "utf8",
      stdio: ["ignore", full, "pipe"],
    });
    expect([status, stderr]).toEqual([2, "What is printed could not be written: the disk is full.\n"]);
    for (const file of files) expect(readFileSync(join(out, file), "utf8")).toContain("Told to nobody");
    // A file in the place of the folder is said once, before anything is read.
    const blocked = run("apply", edits, demo, "--out", edits);
    expect([blocked.status, blocked.stderr]).toEqual([
      2,
      `--out: ${edits} is a file. Name a folder, which is made if it does not exist.\n`,
    ]);
  });

  it("checks structured data, in a page and by itself", () => {
    const page = run("check-data", join(demo, "ship/radio-room.html"), "--format", "json");
    expect(page.status).toBe(1);
    const report = JSON.parse(page.stdout);
    expect(report).toMatchObject({ version: 1, blocks: 2 });
    expect(report.features[0]).toMatchObject({
      feature: "article with headline, date and picture",
      earned: true,
      missing: [],
    });
    expect(report.findings).toContainEqual({
      rule: "data/unknown-property",
      weight: "must",
      message: "schema.org has no property “headlin”. Nearest: headline.",
      pointer: "0/@graph/0/headlin",
      line: 16,
      column: 7,
    });
    const file = join(mkdtempSync(join(tmpdir(), "keen-quill-")), "lamp.jsonld");
    writeFileSync(
      file,
      '{"@context":"https://schema.org","@reverse":{"about":{"@type":"Article"}},"@type":"Product","nme":"Lamp"}',
    );
    expect(run("check-data", file).stdout).toContain("schema.org has no property “nme”. Nearest: name.");
    expect(run("check-data", join(demo, "none.html")).status).toBe(2);
  });

  it("writes texts in a style of capitals, a line each", { tags: "long" }, () => {
    const { status, stdout } = run(
      "case",
      "--style",
      "chicago",
      "--",
      "tea for two and the crew",
      "-- walking down the quay",
    );
    expect([status, stdout]).toEqual([0, "Tea for Two and the Crew\n-- Walking down the Quay\n"]);
    expect(run("case", "--style", "ap", "walking down the quay").stdout).toBe("Walking Down the Quay\n");
    const sentence = run("case", "--style", "sentence", "--language", "nl", "--", "IJs In De Haven");
    expect(sentence.stdout).toMatch(/^IJs in de /);
    const lines = run("case", "--style", "ap", "a\nb");
    expect([lines.status, lines.stderr]).toEqual([2, "A text is one line; this one has several: “a b”\n"]);
    expect(run("case", "tea").status).toBe(2);
  });

  it("prints the result of a page, part by part, and suggests other wordings", { tags: "long" }, () => {
    const mug = join(demo, "shop/enamel-mug.html");
    const { version, desktop, mobile, parts, drawn } = JSON.parse(
      run("result", mug, "--query", "enamel mug", "--format", "json").stdout,
    );
    expect(version).toBe(1);
    expect(desktop.title.lines).toHaveLength(1);
    expect(mobile.description.lines.length).toBeGreaterThan(1);
    const people = JSON.parse(
      run("result", join(demo, "people.html"), "--query", "volunteer", "--format", "json").stdout,
    );
    const { text, bold } = people.desktop.description;
    expect(bold.map(({ start, end }: { start: number; end: number }) => text.slice(start, end))).toEqual([
      "volunteers",
    ]);
    const price = parts.find(({ id }: { id: string }) => id === "price");
    expect(price.why).toMatch(/^(?:Its product|The page shows)/);
    expect(drawn.words).toBeGreaterThan(0);
    expect(run("result", mug).stdout).toContain("Where the description is passed over: “");
    const suggested = JSON.parse(run("suggest", mug, "--phrase", "enamel mug", "--format", "json").stdout);
    expect(suggested).toMatchObject({ version: 1, phrase: "enamel mug" });
    expect(suggested.titles.length).toBeGreaterThan(1);
    expect(suggested.titles[0].reasons[0]).toMatch(/enamel mug/i);
    expect(suggested.descriptions[0].px).toBeGreaterThan(0);
    expect(run("suggest", mug).stdout).toMatch(/^Titles\n {2}\S/);
    expect(run("suggest", join(demo, "none.html")).status).toBe(2);
    expect(run("result", mug, "--style", mug).stderr).toContain("is no house style");
  });

  it("lists the rules", () => {
    const { rules } = JSON.parse(
      execFileSync(process.execPath, [bin, "rules", "--format", "json"], { encoding: "utf8" }),
    );
    expect(rules.find((r: { id: string }) => r.id === "title/missing")).toMatchObject({
      weight: "must",
      source: { kind: "standard" },
    });
  });
});

describe("nothing that was given is destroyed", () => {
  const HTML = "<!doctype html><html lang=en><title>Old</title><h1>Lamp</h1>";
  /** A folder with a page, and edits for it. */
  function given() {
    const root = mkdtempSync(join(tmpdir(), "kq-"));
    const folder = join(root, "site");
    mkdirSync(join(folder, "a"), { recursive: true });
    writeFileSync(join(folder, "a", "x.html"), HTML);
    const edits = join(root, "edits.json");
    const file = { file: "a/x.html", edits: [{ op: "set-title", value: "New" }] };
    writeFileSync(edits, JSON.stringify({ version: 1, pages: [file] }));
    const whole = () => readFileSync(join(folder, "a", "x.html"), "utf8") === HTML;
    return { root, folder, edits, whole };
  }
  /** Refused with a sentence, and the page is as it was. */
  const refused = ({ status, stderr }: { status: number | null; stderr: string }, whole: () => boolean) => {
    expect(stderr).not.toMatch(/\n\s+at /);
    expect([status, whole()]).toEqual([2, true]);
    return stderr;
  };

  it("by an --out that is the folder, by any of its names", () => {
    const { root, folder, edits, whole } = given();
    symlinkSync(folder, join(root, "link"));
    symlinkSync(root, join(root, "up"));
    for (const out of [
      folder,
      `${folder}/`,
      join(folder, "a", ".."),
      join(root, "link"),
      join(root, "up", "site"),
      join(folder, "a"),
    ])
      expect([out, refused(run("apply", edits, folder, "--out", out), whole)]).toEqual([
        out,
        expect.stringContaining("Choose another --out"),
      ]);
    expect(refused(run("apply", edits, join(root, "link"), "--out", folder), whole)).toContain("Choose another --out");
  });

  it("through links in --out that lead to it, or out of it", () => {
    const { root, folder, edits, whole } = given();
    const out = join(root, "out");
    mkdirSync(out);
    symlinkSync(join(folder, "a"), join(out, "a"));
    expect(refused(run("apply", edits, folder, "--out", out), whole)).toContain("leads out of");
    // A link in the place of the file itself is replaced, and what it leads to stays.
    const other = join(root, "other");
    mkdirSync(join(other, "a"), { recursive: true });
    symlinkSync(join(folder, "a", "x.html"), join(other, "a", "x.html"));
    const { status } = run("apply", edits, folder, "--out", other);
    expect([status, whole()]).toEqual([2, true]);
    const third = join(root, "third");
    mkdirSync(join(third, "a"), { recursive: true });
    const elsewhere = join(root, "elsewhere.html");
    writeFileSync(elsewhere, "kept");
    symlinkSync(elsewhere, join(third, "a", "x.html"));
    expect(run("apply", edits, folder, "--out", third).status).toBe(0);
    expect(readFileSync(elsewhere, "utf8")).toBe("kept");
    expect(readFileSync(join(third, "a", "x.html"), "utf8")).toContain("New");
  });

  it("and what is written is whole: no temporary file is left, the other files are made", () => {
    const { root, folder, edits } = given();
    writeFileSync(join(folder, "b.html"), HTML);
    const edit = [{ op: "set-title", value: "New" }];
    const pages = ["gone.html", "a/x.html", "b.html"].map((file) => ({ file, edits: edit }));
    writeFileSync(edits, JSON.stringify({ version: 1, pages }));
    const out = join(root, "out");
    const { status, stderr } = run("apply", edits, folder, "--out", out);
    expect(status).toBe(2);
    expect(stderr).toContain("gone.html does not exist");
    expect(readdirSync(out).sort()).toEqual(["a", "b.html"]);
    expect(readdirSync(join(out, "a"))).toEqual(["x.html"]);
  });

  it.runIf(existsSync("/dev/full"))("by a disk that is full, or a pipe that is closed", () => {
    const { root, folder, edits } = given();
    for (const line of [`audit "${demo}" > /dev/full`, `audit "${demo}" --format json | head -c 10`]) {
      const { stderr, stdout } = spawnSync(
        "bash",
        ["-o", "pipefail", "-c", `"${process.execPath}" "${bin}" ${line}; echo "code $?"`],
        {
          encoding: "utf8",
        },
      );
      expect(stdout).toContain("code 2");
      expect(stderr).toMatch(
        /^(?:What is printed could not be written: the disk is full|Nobody reads what is printed)[^\n]*\n$/,
      );
    }
    const full = run("apply", edits, folder, "--out", "/dev/full");
    expect([full.status, full.stderr]).toEqual([2, expect.not.stringMatching(/\n\s+at /)]);
    expect(existsSync(join(root, "site", "a", "x.html"))).toBe(true);
  });
});

describe("what is no file of a page", () => {
  it("is skipped and named", () => {
    const folder = mkdtempSync(join(tmpdir(), "kq-"));
    writeFileSync(join(folder, "a.html"), "<h1>Lamp</h1>");
    mkdirSync(join(folder, "folder.html"));
    symlinkSync("loop.html", join(folder, "loop.html"));
    symlinkSync("nowhere", join(folder, "broken.html"));
    symlinkSync(folder, join(folder, "round"));
    spawnSync("bash", ["-c", `mkfifo "${join(folder, "pipe.html")}"`]);
    const { stderr, stdout, status } = run("audit", folder, "--format", "json");
    expect(JSON.parse(stdout).pages).toHaveLength(1);
    expect(stderr.split("\n").filter(Boolean).sort()).toEqual(
      ["broken", "loop", "pipe"].map((name) => `${join(folder, `${name}.html`)} is no regular file; it was skipped.`),
    );
    expect(status).toBe(1);
    expect(run("audit", join(folder, "pipe.html"))).toMatchObject({
      status: 2,
      stderr: expect.stringContaining("neither a file nor"),
    });
  });

  it.runIf(process.getuid?.() !== 0)("or cannot be read, ends in a sentence and 2, the others being audited", () => {
    const folder = mkdtempSync(join(tmpdir(), "kq-"));
    writeFileSync(join(folder, "a.html"), "<h1>Lamp</h1>");
    writeFileSync(join(folder, "b.html"), "<h1>Lamp</h1>");
    chmodSync(join(folder, "b.html"), 0);
    const { stderr, stdout, status } = run("audit", folder, "--format", "json");
    expect([JSON.parse(stdout).pages.length, status]).toEqual([1, 2]);
    expect(stderr).toBe(`${join(folder, "b.html")} may not be opened: its permissions do not allow it.\n`);
  });
});

it("a page that takes too long is a named fault, and the others are audited", () => {
  const folder = mkdtempSync(join(tmpdir(), "kq-"));
  writeFileSync(join(folder, "a.html"), "<title>A lamp</title><h1>Lamp</h1>");
  writeFileSync(join(folder, "b.html"), `<title>B</title><p>${"lamp boat ".repeat(1_200_000)}`);
  const { stdout } = spawnSync(process.execPath, [bin, "audit", folder, "--format", "json", "--phrase", "boat lamps"], {
    encoding: "utf8",
    maxBuffer: 1 << 26,
    env: { ...process.env, KEEN_QUILL_PAGE_LIMIT: "1800" },
  });
  const [a, b] = JSON.parse(stdout).pages;
  expect(a.title.text).toBe("A lamp");
  expect(b.findings).toMatchObject([{ rule: "page/unreadable", message: expect.stringContaining("took so long") }]);
}, 60_000);

it("pages are audited as what they are: by the house style of their kind, and against others of it", () => {
  const folder = mkdtempSync(join(tmpdir(), "kq-"));
  mkdirSync(join(folder, "shop"));
  const page = (name: string, words: number) =>
    `<!DOCTYPE html><html lang=en><title>${name}</title><h1>${name}</h1><p>${"A lamp of brass. ".repeat(words / 4)}`;
  for (let i = 0; i < 6; i++)
    writeFileSync(join(folder, "shop", `lamp-${i}.html`), page(`Lamp ${i}`, i === 5 ? 8 : 80));
  writeFileSync(join(folder, "about.html"), page("About", 80));
  const style = join(folder, "style.json");
  const kinds = { product: { rules: { "title/too-narrow": { on: false } } } };
  writeFileSync(style, JSON.stringify({ version: 1, brand: "", separator: " | ", rules: {}, kinds }));
  const { stdout } = run("audit", folder, "--style", style, "--format", "json");
  const { pages, site } = JSON.parse(stdout) as {
    pages: { file: string; findings: { rule: string }[] }[];
    site: { findings: { rule: string; pages: string[] }[] };
  };
  const narrow = pages.filter(({ findings }) => findings.some(({ rule }) => rule === "title/too-narrow"));
  expect(narrow.map(({ file }) => file.split("/").at(-1))).toEqual(["about.html"]);
  const few = site.findings.filter(({ rule }) => rule === "body/few-words-for-its-kind");
  expect(few.flatMap((one) => one.pages).map((file) => file.split("/").at(-1))).toEqual(["lamp-5.html"]);
});
