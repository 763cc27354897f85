import { describe, expect, it } from "vitest";
import { validateHtml } from "./validate-html.ts";

const PAGE =
  '<!DOCTYPE html>\n<html lang="en"><head><title>Lamp</title></head><body>\n<h1>Lamp</h1>\nBODY\n</body></html>\n';
const never = new AbortController().signal;
const check = async (body: string) => {
  const answer = await validateHtml(PAGE.replace("BODY", body), never);
  if (!answer) throw new Error("too many wait");
  return answer;
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
    const answer = await validateHtml(`<p>${"<b><i>".repeat(20_000)}`, never, 50);
    expect(answer).toEqual({ ok: false, reason: expect.stringContaining("took longer than 0.05 seconds") });
  });

  it("takes so many at a time, and says when it cannot take more", async () => {
    const answers = Array.from({ length: 60 }, () => validateHtml(PAGE.replace("BODY", "<p>Oil</p>"), never));
    const taken = answers.filter((one) => one !== null);
    expect(taken).toHaveLength(44);
    expect((await Promise.all(taken)).every(({ ok }) => ok)).toBe(true);
  });
});
