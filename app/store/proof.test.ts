import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { inProof } from "#core/exchange/proof";
import {
  MAX_ANSWER_BYTES,
  type ProofAnswer,
  type ReturnedProof,
  readReturnedProof,
} from "#core/exchange/returned-proof";
import { loadRedraft } from "./changes";
import { db } from "./db";
import type { PageRecord } from "./page-record";
import { planAnswers, takeAnswers } from "./proof";
import type { SiteRecord } from "./records/sites";
import { saveRedraft } from "./redraft";
import { emptyStorage, keptPage, openSite } from "./testing";

let site: SiteRecord;
let page: PageRecord;
beforeEach(async () => {
  site = await openSite();
  page = await keptPage(site, "<title>Lamp</title><h1>Lamp</h1>");
});
afterEach(emptyStorage);

const retitle = (value: string) =>
  saveRedraft(page, { set: [{ op: "set-title", value, was: "Lamp" }], drop: [] }, "Title", null);
const change = async () => {
  const [one] = await db().changes.toArray();
  if (!one) throw new Error("no change");
  return one;
};
async function returned(over: Partial<ProofAnswer>): Promise<ReturnedProof> {
  const answer = {
    change: "",
    take: "",
    page: page.address,
    field: "title",
    is: "",
    verdict: "" as const,
    comment: "",
  };
  return { siteId: site.id, by: "Ada", answers: [{ ...answer, ...over }] };
}

describe("answers to a proof", () => {
  it("are taken over once, however often the file is read", async () => {
    await retitle("The lamp");
    const answers = await returned({
      change: (await change()).id,
      is: "The lamp",
      verdict: "approved",
      comment: "Good.",
    });
    expect(await planAnswers(site, answers)).toMatchObject({ taken: [{}], not: [] });
    expect(await takeAnswers(site, answers.answers, "Ada")).toBe(1);
    const first = await change();
    expect(first).toMatchObject({ state: "approved", thread: [{ by: "Ada", text: "Good." }] });
    expect(await planAnswers(site, answers)).toMatchObject({
      taken: [],
      not: [{ why: expect.stringContaining("already") }],
    });
    expect(await takeAnswers(site, answers.answers, "Ada")).toBe(0);
    expect(await change()).toEqual(first);
    // Somebody else's answer of the same words is another one, and so is another verdict.
    expect(await takeAnswers(site, answers.answers, "Bob")).toBe(1);
    const sentBack = await returned({ change: first.id, is: "The lamp", verdict: "sent-back", comment: "Good." });
    expect(await takeAnswers(site, sentBack.answers, "Ada")).toBe(1);
    expect((await change()).thread).toHaveLength(2);
  });

  it("give a take its reason once", async () => {
    const take = {
      id: "t",
      siteId: site.id,
      pageId: page.id,
      letter: "A",
      title: "Hire",
      description: "",
      reason: "Short",
    };
    await db().takes.put({ ...take, usedUntil: null } as never);
    const { answers } = await returned({ take: "t", verdict: "preferred", comment: "Nice" });
    for (const set of [1, 0, 0]) expect(await takeAnswers(site, answers, "Ada")).toBe(set);
    expect((await db().takes.get("t"))?.reason).toBe("Short; Ada would rather have it: Nice");
  });

  it("speak of the words that were sent, whatever a file makes of their line ends and odd characters", async () => {
    const odd = fc.string({ unit: fc.constantFrom("a", "\r", "\n", "\0", "\ud83d", "\ude00", " ", "ü"), minLength: 1 });
    await fc.assert(
      fc.asyncProperty(odd, async (text) => {
        const value = `x${text}x`;
        await retitle(value);
        const { id } = await change();
        // As JSON, HTML and a spreadsheet give it back (HTML Living Standard, 13.2.3.5; Encoding Standard, 7).
        const back = new TextDecoder().decode(new TextEncoder().encode(inProof(value)));
        for (const is of [back, back.replace(/\n/g, "\r\n"), ` ${back} `])
          expect(await planAnswers(site, await returned({ change: id, is, verdict: "approved" }))).toMatchObject({
            not: [],
          });
        await retitle("Another");
        const late = await returned({ change: id, is: back, verdict: "approved" });
        expect(await planAnswers(site, late)).toMatchObject({
          taken: [],
          not: [{ why: expect.stringContaining("changed") }],
        });
      }),
      { numRuns: 40 },
    );
    expect((await loadRedraft(page.id)).edits).toHaveLength(1);
  });

  it("of a file that is larger than answers are is not read at all", () => {
    expect(readReturnedProof(new Uint8Array(MAX_ANSWER_BYTES + 1))).toEqual({
      reason: expect.stringContaining("20 MB"),
    });
  });
});
