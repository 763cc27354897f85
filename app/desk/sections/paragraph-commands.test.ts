import { type Command, EditorState, TextSelection } from "prosemirror-state";
import { describe, expect, it } from "vitest";
import { originalFromText } from "#core/page/original";
import { readPage } from "#core/page/read";
import { contentOf } from "#core/rewrite/content";
import { writeContent } from "#core/rewrite/write-content";
import { breakLine, hasMark, linkAt, pasted, TOGGLES, textOf, withLink } from "./paragraph-commands";
import { docOf, piecesOf } from "./paragraph-schema";

const INNER =
  'Lit <em>every</em> day, see <a class="x" href="/times">the <b>times</b></a> and <img src="/b.png" alt="Boat">.';
const page = readPage(originalFromText(`<!doctype html><title>A</title><body><p>${INNER}</p>`), {
  address: "https://www.example/",
});
const content = contentOf(page, 0);
const begun = EditorState.create({ doc: docOf(typeof content === "string" ? [] : content) });

/** The editor with words selected; with the cursor before them where they are to be found only. */
function at(words: string, state = begun, cursor = false): EditorState {
  const text = state.doc.textBetween(0, state.doc.content.size, "", "\0");
  const from = text.indexOf(words);
  if (from < 0) throw new Error(`${words} is not there`);
  return state.apply(state.tr.setSelection(TextSelection.create(state.doc, from, cursor ? from : from + words.length)));
}
const source = (state: EditorState) => {
  const made = writeContent(page, 0, piecesOf(state.doc));
  return typeof made === "string" ? made : made.value;
};
const run = (state: EditorState, command: Command) => {
  let next = state;
  command(state, (tr) => {
    next = state.apply(tr);
  });
  return next;
};

describe("markup of words", () => {
  it("is given and taken, whichever element of the page it is", () => {
    expect(source(run(at("day"), TOGGLES.strong))).toBe(INNER.replace("day", "<strong>day</strong>"));
    expect(source(run(at("every"), TOGGLES.emphasis))).toBe(INNER.replace("<em>every</em>", "every"));
    expect(source(run(at("times"), TOGGLES.strong))).toBe(INNER.replace("<b>times</b>", "times"));
    // Where some of the words have it they lose it.
    expect(source(run(at("Lit every"), TOGGLES.emphasis))).toBe(INNER.replace("<em>every</em>", "every"));
    expect(source(run(at("day"), TOGGLES.code))).toBe(INNER.replace("day", "<code>day</code>"));
  });

  it("is known of what is selected, and of what would be typed", () => {
    expect(hasMark(at("every"), "emphasis")).toBe(true);
    expect(hasMark(at("Lit"), "emphasis")).toBe(false);
    expect(hasMark(run(at("Lit", begun, true), TOGGLES.code), "code")).toBe(true);
  });

  it("is parted by a line break", () => {
    const broken = run(at(" day"), breakLine);
    expect(source(broken)).toBe(INNER.replace("<em>every</em> day", "<em>every</em><br>"));
  });
});

describe("a link", () => {
  it("is all of its words, wherever the cursor stands in it", () => {
    const whole = begun.doc.textBetween(0, begun.doc.content.size, "", "\0");
    const place = { from: whole.indexOf("the times"), to: whole.indexOf("the times") + 9, href: "/times" };
    for (const state of [at("times"), at("he", begun, true), at("the times"), at("the", begun, true)])
      expect(linkAt(state)).toEqual(place);
    expect(linkAt(at("day"))).toMatchObject({ href: "" });
  });

  it("leads elsewhere, and all else of it stays", () => {
    const state = at("times");
    expect(source(state.apply(withLink(state, "/hours")))).toBe(INNER.replace("/times", "/hours"));
    expect(source(state.apply(withLink(state, null)))).toBe(
      INNER.replace('<a class="x" href="/times">the <b>times</b></a>', "the <b>times</b>"),
    );
  });

  it("is made of words, over other markup", () => {
    const state = at("every day");
    expect(source(state.apply(withLink(state, "/days")))).toBe(
      INNER.replace("<em>every</em> day", '<a href="/days"><em>every</em> day</a>'),
    );
  });
});

describe("what is pasted", () => {
  it("comes with its markup and its pictures where it was copied here", () => {
    const state = at("times and \0");
    const copied = state.selection.content();
    const cut = state.apply(state.tr.deleteSelection());
    const back = at("Lit ", cut, true);
    expect(source(back.apply(pasted(back, textOf(copied), copied)))).toBe(
      '<a class="x" href="/times"><b>times</b></a> and <img src="/b.png" alt="Boat">Lit <em>every</em> day, see <a class="x" href="/times">the </a>.',
    );
  });

  it("changes nothing where it has no words", () => {
    const state = at("day");
    expect(source(state.apply(pasted(state, "", at("times").selection.content())))).toBe(INNER);
  });

  it("comes as words on one line from elsewhere", () => {
    const state = at("day");
    const copied = at("times").selection.content();
    expect(source(state.apply(pasted(state, "night \n and <b>day</b>", copied)))).toBe(
      INNER.replace("day", "night and &lt;b>day&lt;/b>"),
    );
  });
});
