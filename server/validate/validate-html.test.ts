import { describe, expect, it } from "vitest";
import { toldOf } from "#core/exchange/validity";
import { validateHtml } from "./validate-html.ts";

const PAGE =
  '<!DOCTYPE html>\n<html lang="en"><head><title>Lamp</title></head><body>\n<h1>Lamp</h1>\nBODY\n</body></html>\n';
/** A thread that loads the validator on a busy machine takes its time, in milliseconds; the limit has a test of its own. */
const PATIENT = 60_000;
const check = (body: string) => validateHtml(PAGE.replace("BODY", body), PATIENT);

/** What an editor is told of a page. */
const told = async (source: string) => {
  const answer = await validateHtml(source, PATIENT);
  return answer.ok ? toldOf(answer.messages).map(({ line, message }) => `${line}: ${message}`) : answer;
};

describe("HTML validity", () => {
  it("finds nothing in a valid page", async () => {
    expect(await check("<p>Trim the wick daily.</p>")).toEqual({ ok: true, messages: [] });
  });

  // HTML Living Standard 4.4.1 (a p element holds phrasing content) and 3.2.6 (the id attribute).
  it("says what is wrong, where, and where that is explained", async () => {
    const answer = await check('<p id="a"><div id="a">Oil</div></p>');
    expect(answer.ok).toBe(true);
    if (!answer.ok) return;
    expect(answer.messages.map(({ rule }) => rule)).toContain("no-dup-id");
    expect(answer.messages.find(({ rule }) => rule === "no-dup-id")).toMatchObject({
      line: 4,
      severity: "error",
      documentation: expect.stringContaining("no-dup-id"),
    });
  });

  it("finds the same in a thread that has checked other pages before", async () => {
    const answers = await Promise.all(["<b>", "<p>Oil</p>", "<b>", "<p>Wick</p>"].map(check));
    expect(answers.map((one) => one.ok && one.messages.length > 0)).toEqual([true, false, true, false]);
    expect(await check("<p>Oil</p>")).toEqual({ ok: true, messages: [] });
  });

  it("is ended where it takes too long, and says so", async () => {
    const answer = await validateHtml(`<p>${"<b><i>".repeat(20_000)}`, 50);
    expect(answer).toEqual({ ok: false, reason: expect.stringContaining("took longer than 0.05 seconds") });
  });

  // HTML Living Standard 13.2.2 (missing-doctype, unexpected-character-in-attribute-name) and 13.1.2.4 (optional tags).
  it("reports a stray quotation mark and a missing doctype, and no end tag that may be left out", async () => {
    expect(await told(PAGE.replace("BODY", '<p class="a"">Oil</p>'))).toEqual([
      expect.stringMatching(/^4: A stray quotation mark .* could not be checked until this is mended\.$/),
    ]);
    expect(await told(PAGE.replace("<!DOCTYPE html>\n", ""))).toEqual([
      expect.stringContaining("The page has no doctype"),
    ]);
    const lists = "<ul><li>Oil<li>Wick</ul><dl><dt>Oil<dd>Colza</dl><table><tr><td>Oil<td>Wick</table><p>Lit";
    expect(await told(PAGE.replace("BODY", lists))).toEqual([]);
    expect(await told(PAGE.replace("</body></html>", "").replace("BODY", "<p>Oil<p>Wick"))).toEqual([]);
    expect(await told(PAGE.replace("BODY", "<section><h1>Oil<p>Wick</section>"))).toEqual([
      "4: The h1 element is not closed.",
      "4: A p element may not stand in a h1 element.",
      "4: The section element ends here while elements in it are still open.",
    ]);
  });

  it("never speaks of tokens, and keeps the validator's own words", async () => {
    for (const body of [
      '<p "x">y</p>',
      "<p>a<<b>x</b></p>",
      "<p =x>y</p>",
      "<!-->",
      '<p title="a>x</p><p>"y</p>',
      "<p/ a>",
    ]) {
      const answer = await check(body);
      if (!answer.ok) throw new Error("no answer");
      const messages = toldOf(answer.messages);
      expect(messages.length).toBeGreaterThan(0);
      for (const { message, original } of messages)
        expect([message, original]).not.toEqual([expect.stringMatching(/token/i), original]);
      expect(messages[0]?.original).toBeTruthy();
    }
  });
});
