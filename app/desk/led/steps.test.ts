import { describe, expect, it } from "vitest";
import { audit } from "#core/audit/auditor";
import type { Finding } from "#core/findings/finding";
import { EVERYONE } from "#core/page/found-for";
import { readPage } from "#core/page/read";
import { DEFAULT_HOUSE_STYLE } from "#core/settings/house-style";
import { type LedBasis, stepId, stepNow, stepsOf } from "./steps";

const page = readPage(
  "<html lang=en><title>Boats</title><main><h1>Welcome aboard</h1><p>You can hire our boats by the hour at the quay.<img src=a.jpg></main>",
  { address: "https://quay.example/boats" },
);
const basis = (more: Partial<LedBasis> = {}): LedBasis => ({
  page,
  edits: [],
  found: { phrase: "", supporting: [], audience: EVERYONE },
  findings: audit(page, { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-28" }),
  unstated: [],
  ...more,
});
const kinds = (more?: Partial<LedBasis>) => stepsOf(basis(more)).map(({ kind }) => kind);

describe("what is to be done next", () => {
  it("begins with whom the page is for and its phrase, goes on part by part, and ends with the changes", () => {
    const all = kinds();
    expect(all.slice(0, 4)).toEqual(["audience", "phrase", "title", "description"]);
    expect(all).toContain("pictures");
    expect(all.at(-1)).toBe("changes");
  });

  it("measures by the phrase: H1 and sentences that nearly say it", () => {
    const steps = stepsOf(
      basis({ found: { phrase: "boat hire", supporting: [], audience: { of: "place", name: "Quay" } } }),
    );
    expect(steps.map(({ kind }) => kind)).not.toContain("audience");
    expect(steps.find(({ kind }) => kind === "h1")?.why).toBe(
      "“Welcome aboard” is the H1, and “boat hire” is not in it, in any form.",
    );
    expect(steps.find(({ kind }) => kind === "block")?.why).toContain("You can hire our boats by the hour");
  });

  it("lets go what was touched and has no finding, and asks again of another wording", () => {
    const edits = [{ op: "set-title" as const, value: "x", was: "Boats" }];
    expect(kinds({ edits, findings: [] })).not.toContain("title");
    // What was touched and still has a finding is not done.
    const untitled = readPage("<html lang=en><h1>Boats</h1>", { address: page.address });
    const found = audit(untitled, { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-28" });
    expect(kinds({ page: untitled, edits, findings: found })).toContain("title");
    const titled = (title: string) =>
      stepsOf(basis({ page: { ...page, titles: [{ text: title, where: "head", range: null }] } })).find(
        ({ kind }) => kind === "title",
      )?.id;
    expect(titled("A")).not.toBe(titled("B"));
  });

  it("tells two findings at one place apart when one of them is passed over", () => {
    const robots = readPage(
      "<html lang=en><title>Boats</title><meta name=robots content=noindex><meta name=robots content=no-archive><h1>Boats",
      { address: page.address },
    );
    const findings = audit(robots, { phrase: null, houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-28" });
    const steps = stepsOf(basis({ page: robots, findings }));
    const alike = steps.filter((one) => steps.some((other) => other !== one && other.anchor === one.anchor));
    expect(alike.length).toBeGreaterThan(1);
    for (const step of steps) expect(stepNow(steps, step)).toBe(step);
  });

  it("remembers what is passed over by its wording, also while nothing is found about it yet", () => {
    const was = stepsOf(basis()).find(({ kind }) => kind === "title");
    if (!was) throw new Error("no step");
    const reworded = { ...page, titles: [{ text: "Boats by the hour", where: "head" as const, range: null }] };
    const edits = [{ op: "set-title" as const, value: "Boats by the hour", was: "Boats" }];
    // The findings of the new wording come a moment later.
    expect(kinds({ page: reworded, edits, findings: [] })).not.toContain("title");
    const found = [{ weight: "should", at: { part: "title" }, message: "It is short." } as Finding];
    const then = stepsOf(basis({ page: reworded, edits, findings: found })).find(({ kind }) => kind === "title");
    expect(stepId(was, reworded)).toBe(then?.id);
    expect(stepId(was, reworded)).not.toBe(was.id);
    const audience = { kind: "audience" as const, id: "audience" };
    expect(stepId(audience, reworded)).toBe("audience");
  });

  it("names what could be stated, and other findings one by one, the weightiest first", () => {
    expect(kinds({ unstated: ["Event"] })).toContain("data");
    const findings = stepsOf(basis()).flatMap(({ finding }) => finding ?? []);
    const weights = findings.map(({ weight }) => weight);
    expect([...weights].sort()).toEqual(weights);
    expect(findings.some(({ at }) => at.part === "title" || at.part === "picture")).toBe(false);
  });
});
