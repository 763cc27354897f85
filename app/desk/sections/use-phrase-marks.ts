import { useCallback, useEffect, useRef, useState } from "react";
import type { Page } from "#core/page/page";
import { languageOf } from "#core/page/page";
import { findPhrase } from "#core/phrase/match";
import type { MatchKind } from "#core/phrase/phrase-finder";

/** What is drawn anew is marked when nothing has changed for this long, in milliseconds. */
const REST = 120;
const KINDS = ["exact", "form", "scattered"] as const satisfies readonly MatchKind[];
const CURRENT = "phrase-current";

/** A range of an element's text, in UTF-16 code units of all its text nodes together. */
function rangeIn(element: Element, start: number, end: number): Range | null {
  const range = document.createRange();
  const texts = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
  let at = 0;
  let begun = false;
  for (let node = texts.nextNode(); node; node = texts.nextNode()) {
    const { length } = node.nodeValue ?? "";
    if (!begun && start < at + length) {
      range.setStart(node, start - at);
      begun = true;
    }
    if (begun && end <= at + length) {
      range.setEnd(node, end - at);
      return range;
    }
    at += length;
  }
  return null;
}

/** The places of a phrase in what is drawn of a page's headings and blocks, in order. */
function placesIn(sheet: Element, page: Page, phrase: string): { range: Range; kind: MatchKind }[] {
  const language = languageOf(page);
  return [...sheet.querySelectorAll('[data-anchor^="heading "], [data-anchor^="block "]')].flatMap((element) => {
    const [part, number] = (element.getAttribute("data-anchor") ?? "").split(" ");
    const text = (part === "heading" ? page.headings : page.blocks)[Number(number)]?.text ?? "";
    const base = text === "" ? -1 : (element.textContent?.indexOf(text) ?? -1);
    if (base < 0) return [];
    return findPhrase(phrase, text, { language }).flatMap(({ kind, start, end, words }) =>
      (kind === "scattered" ? words : [{ start, end }]).flatMap((place) => {
        const range = rangeIn(element, base + place.start, base + place.end);
        return range ? [{ range, kind }] : [];
      }),
    );
  });
}

/** The places of a phrase that are marked. */
export interface PhraseMarks {
  places: number;
  /** The one that was gone to, from 0; -1 for none. */
  at: number;
  go: (by: 1 | -1) => void;
}

/** Marks every place of a phrase in the sheet, as its text is drawn; none for null. */
export function usePhraseMarks(page: Page, phrase: string | null): PhraseMarks {
  const [places, setPlaces] = useState(0);
  const [at, setAt] = useState(-1);
  const found = useRef<readonly Range[]>([]);
  const current = useRef(-1);
  const { headings, blocks, language } = page;
  // A key in the title leaves the text what it is.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read of the page is named part by part
  useEffect(() => {
    const sheet = document.querySelector("[data-scroll]");
    current.current = -1;
    setAt(-1);
    if (phrase === null || !sheet || !("highlights" in CSS)) return;
    const mark = () => {
      const all = placesIn(sheet, page, phrase);
      found.current = all.map(({ range }) => range);
      for (const kind of KINDS)
        CSS.highlights.set(
          `phrase-${kind}`,
          new Highlight(...all.flatMap((one) => (one.kind === kind ? one.range : []))),
        );
      setPlaces(all.length);
    };
    let timer = 0;
    const watch = new MutationObserver(() => {
      clearTimeout(timer);
      timer = window.setTimeout(mark, REST);
    });
    mark();
    watch.observe(sheet, { subtree: true, childList: true, characterData: true });
    return () => {
      watch.disconnect();
      clearTimeout(timer);
      for (const name of [...KINDS.map((kind) => `phrase-${kind}`), CURRENT]) CSS.highlights.delete(name);
      found.current = [];
    };
  }, [headings, blocks, language, phrase]);
  const go = useCallback((by: 1 | -1) => {
    const all = found.current;
    if (all.length === 0) return;
    const before = current.current;
    const next = (before + by + all.length + (before < 0 && by < 0 ? 1 : 0)) % all.length;
    current.current = next;
    setAt(next);
    const range = all[next];
    if (!range) return;
    const highlight = new Highlight(range);
    highlight.priority = 1;
    CSS.highlights.set(CURRENT, highlight);
    range.startContainer.parentElement?.scrollIntoView({ block: "center" });
  }, []);
  return { places: phrase === null ? 0 : places, at, go };
}
