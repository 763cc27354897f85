import { describe, expect, it } from "vitest";
import { slugOf } from "../../address/slug.ts";
import { auditRule } from "../../audit/auditor.ts";
import { readPage } from "../../page/read.ts";
import { applyToPage } from "../../rewrite/apply.ts";
import { DEFAULT_HOUSE_STYLE } from "../../settings/house-style.ts";

const read = (path: string) => readPage("<html lang=en><title>x</title>", { address: `https://a.example${path}` });
const findings = (id: string, path: string, phrase = "") =>
  auditRule(id, read(path), { phrase: phrase || null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" });

describe("a slug rule finds what it is for, and nothing where that is not", () => {
  it.each<[string, string, string, string?]>([
    ["slug/uppercase", "/visit/Opening", "/Visit/opening"],
    ["slug/spaces", "/opening%20times", "/opening-times"],
    ["slug/underscores", "/opening_times", "/opening_times/now"],
    ["slug/not-ascii", "/caf%C3%A9", "/cafe"],
    ["slug/stop-words", "/the-history-of-the-lamp", "/lamp-history"],
    ["slug/too-long", "/a-slug-of-very-many-words-that-nobody-reads-to-its-end", "/a-slug-of-few-words"],
    ["slug/phrase-missing", "/visit/now", "/visit/opening-times", "opening times"],
    // The folders above count.
    ["slug/phrase-missing", "/now", "/opening/times", "opening times"],
    ["slug/double-separator", "/opening--times", "/opening-times"],
    ["slug/double-separator", "/opening-times-", "/opening-times"],
    ["slug/unsafe-characters", "/wardroom[1]", "/wardroom-1"],
    ["slug/file-extension", "/lamp.html", "/lamp"],
    ["slug/dates", "/gale-2019-03-04", "/gale"],
    ["slug/session-or-tracking", "/lamp?utm_source=x", "/lamp?colour=red"],
    ["slug/session-or-tracking", "/lamp;jsessionid=12AB", "/lamp"],
  ])("%s: %s", (id, wrong, right, phrase) => {
    expect(findings(id, wrong, phrase).map((finding) => finding.rule)).toEqual([id]);
    expect(findings(id, right, phrase)).toEqual([]);
  });

  it("says nothing of the start page", () => {
    expect(findings("slug/phrase-missing", "/", "opening times")).toEqual([]);
  });
});

describe("its fix settles it, and keeps to RFC 3986's unreserved characters", () => {
  it.each<[string, string, string, string?]>([
    ["slug/uppercase", "/Opening", "opening"],
    ["slug/spaces", "/opening%20times", "opening-times"],
    ["slug/underscores", "/opening_times", "opening-times"],
    ["slug/not-ascii", "/caf%C3%A9-du-carr%C3%A9", "cafe-du-carre"],
    ["slug/stop-words", "/the-history-of-the-lamp", "history-lamp"],
    ["slug/double-separator", "/-opening--times-", "opening-times"],
    ["slug/unsafe-characters", "/wardroom[1]", "wardroom-1"],
    ["slug/file-extension", "/lamp.html", "lamp"],
    ["slug/dates", "/gale-2019-03-04", "gale"],
    ["slug/phrase-missing", "/now.html", "opening-times.html", "opening times"],
  ])("%s: %s becomes %s", (id, path, slug, phrase) => {
    const [finding] = findings(id, path, phrase);
    const { page } = applyToPage(read(path), finding?.fix?.edits ?? []);
    expect(slugOf(page.address)).toBe(slug);
    expect(slug).toMatch(/^[a-z0-9.-]+$/);
    expect(findings(id, new URL(page.address).pathname, phrase)).toEqual([]);
  });
});
