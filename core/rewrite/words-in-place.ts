import { diffArrays } from "diff";
import { isStopWord } from "../phrase/stop-words.ts";
import { cleanValue } from "./clean-value.ts";
import { atomsIn, type InlineElement, type PlacedCharacter, pathsIn, readCharacters } from "./inline.ts";
import type { Patch } from "./patch.ts";

export interface WordChange {
  was: string;
  value: string;
  /** What the words are of, for a refusal. */
  what: string;
  /** BCP 47 tag, or "". */
  language: string;
  /** All words go to one place, and markup that has none left goes, whatever it was around. */
  plain?: boolean;
  source: string;
  /** Words as they are written into the source. */
  write: (text: string) => string;
}

/** What an editor is told where words cannot be placed for sure; the desk offers to set them as plain text then. */
export const UNSURE = "It cannot be said for sure";

export const EMPTIED = "Text cannot be emptied here. Remove the block instead.";

/** Why elements cannot be left without words; null where they can. */
export function notWithoutWords(emptied: readonly InlineElement[]): string | null {
  for (const { wordless } of emptied)
    if (wordless.stays && "refusal" in wordless) return `${UNSURE} that this is meant: ${wordless.refusal}.`;
  return null;
}

/** A word of a text, in UTF-16 code units. Letters of scripts without spaces stand by themselves. */
interface TextWord {
  text: string;
  start: number;
  end: number;
}

// A word with what is written inside it: it is changed and moved as a whole, so that no tag comes to stand in it.
const WORD =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}]|(?:(?![\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}])[\p{L}\p{M}\p{N}\p{S}\p{Pc}])+(?:[^\s\p{L}\p{M}\p{N}\p{S}]+(?:(?![\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}])[\p{L}\p{M}\p{N}\p{S}\p{Pc}])+)*|(?<!\S)\p{P}+(?!\S)/gu;

/** The words of a text, and marks that stand alone between spaces. */
function wordsIn(text: string): TextWord[] {
  return Array.from(text.matchAll(WORD), (match) => ({
    text: match[0],
    start: match.index,
    end: match.index + match[0].length,
  }));
}

/** Of words in their order, those that lie between two places, in whole or in part. */
function between(words: readonly TextWord[], from: number, to: number): TextWord[] {
  let [low, high] = [0, words.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((words[middle]?.end ?? 0) > from) high = middle;
    else low = middle + 1;
  }
  let end = low;
  while (end < words.length && (words[end]?.start ?? to) < to) end++;
  return words.slice(low, end);
}

/** Characters of a text before and after that are looked at word by word. */
const MOST_TEXT = 200_000;

/** Beyond so many differences only what is equal at both ends is kept. */
export const MOST_DIFFERENCES = 2000;

/** Index of the kept old word for each new word; -1 for words that are new. */
function aligned(old: readonly TextWord[], now: readonly TextWord[]): number[] {
  const kept = now.map(() => -1);
  const same = { comparator: (a: string, b: string) => a === b, maxEditLength: MOST_DIFFERENCES };
  const fold = ({ text }: TextWord) => text.toLowerCase();
  const parts = diffArrays(old.map(fold), now.map(fold), same);
  if (!parts) {
    for (let i = 0; i < Math.min(old.length, now.length) && old[i]?.text === now[i]?.text; i++) kept[i] = i;
    const taken = new Set(kept);
    for (let i = 1; i <= Math.min(old.length, now.length) && old.at(-i)?.text === now.at(-i)?.text; i++)
      if (kept[now.length - i] === -1 && !taken.has(old.length - i)) kept[now.length - i] = old.length - i;
    return kept;
  }
  let [i, j] = [0, 0];
  for (const { added, removed, value } of parts) {
    if (!added && !removed) for (let n = 0; n < value.length; n++) kept[j + n] = i + n;
    if (!added) i += value.length;
    if (!removed) j += value.length;
  }
  return kept;
}

/** A stretch of what is read, and the stretch of what is wanted that takes its place. */
interface Gap {
  from: number;
  to: number;
  start: number;
  end: number;
}

/**
 * Changes the words of a stretch of markup and leaves the markup among them. Words that stay keep their places; new ones
 * stand where those stood that they replace; markup whose words are all gone goes with them.
 */
export function changeWords(root: InlineElement | null, change: WordChange): { patches: Patch[] } | null | string {
  const { was, what } = change;
  const is = cleanValue(change.value);
  if (is === was) return null;
  if (!change.plain && was.length + is.length > MOST_TEXT)
    return `${UNSURE} what belongs where in a text of ${was.length} characters. Change it in the source, or set all of it as plain text.`;
  if (!root)
    return `Elements that begin in this ${what} end outside it, or the other way round. Mend the source first.`;
  const read = readCharacters(root);
  const text = read.map((one) => one.text).join("");
  if (read.length === 0) {
    if (was !== "") return `The words of this ${what} come from pictures or labels. Change those instead.`;
    return { patches: [{ start: root.startEnd, end: root.startEnd, text: change.write(is) }] };
  }
  if (text !== was) return `Part of this ${what} is a picture or a label. Change that, or the source itself.`;
  const changer = new WordChanger(root, read, is, change);
  const reason = changer.run();
  return reason ?? { patches: changer.patches() };
}

class WordChanger {
  private readonly paths;
  private readonly owner: PlacedCharacter[] = [];
  private readonly old: TextWord[];
  private readonly now: TextWord[];
  private kept: number[];
  /** Indexes of the old words that are kept. */
  private readonly staying: ReadonlySet<number>;
  private readonly wasWords = new Map<InlineElement, number[]>();
  /** The element around all words: what is written before or behind them belongs to it. */
  private readonly all: InlineElement;
  private readonly removed = new Set<PlacedCharacter>();
  private readonly inserted: Patch[] = [];
  private readonly fed = new Set<InlineElement>();
  private readonly movable: ReadonlyMap<string, InlineElement>;

  constructor(
    private readonly root: InlineElement,
    private readonly read: readonly PlacedCharacter[],
    private readonly is: string,
    private readonly change: WordChange,
  ) {
    this.paths = pathsIn(root);
    for (const one of read) for (let i = 0; i < one.text.length; i++) this.owner.push(one);
    this.old = wordsIn(change.was);
    this.now = wordsIn(is);
    this.old.forEach(({ start, end }, i) => {
      const around = new Set(this.owner.slice(start, end).flatMap((one) => this.pathOf(one.parent)));
      for (const element of around) {
        const words = this.wasWords.get(element);
        if (words) words.push(i);
        else this.wasWords.set(element, [i]);
      }
    });
    this.all = this.around(this.old.length > 0 ? this.old : [{ text: "", start: 0, end: change.was.length }]);
    this.kept = change.plain ? this.now.map(() => -1) : this.without(aligned(this.old, this.now));
    this.staying = new Set(this.kept);
    this.movable = this.moved();
  }

  run(): string | null {
    for (const gap of this.gaps()) {
      const reason = this.replace(gap);
      if (reason) return reason;
    }
    return this.refusal();
  }

  /** Markup that stands elsewhere in the new text with all its words, by those words: it moves there. */
  private moved(): ReadonlyMap<string, InlineElement> {
    const moved = new Map<string, InlineElement>();
    if (this.change.plain) return moved;
    for (const [element, words] of this.wasWords) {
      if (words.length === 0 || element === this.root || this.stays(element) || [...atomsIn(element)].length > 0)
        continue;
      if (this.pathOf(element).some((outer) => [...moved.values()].includes(outer))) continue;
      const all = this.read.filter((one) => this.pathOf(one.parent).includes(element));
      const text = trimSpaces(all.map((one) => one.text).join(""));
      if (once(text, this.change.was) && once(text, this.is)) moved.set(text, element);
    }
    return moved;
  }

  /** New text as it is written, with the markup that moves there. */
  private written(text: string, within: InlineElement): string {
    for (const [words, moving] of this.movable) {
      const { start, startEnd, endStart, end } = moving;
      const at = placeOfWords(text, words);
      if (at < 0 || this.pathOf(within).includes(moving)) continue;
      const { source } = this.change;
      const markup =
        source.slice(start, startEnd) + trimSpaces(source.slice(startEnd, endStart)) + source.slice(endStart, end);
      return this.written(text.slice(0, at), within) + markup + this.written(text.slice(at + words.length), within);
    }
    return this.change.write(text);
  }

  private pathOf(element: InlineElement): readonly InlineElement[] {
    return this.paths.get(element) ?? [this.root];
  }

  /** The innermost element around some words. */
  private around(words: readonly TextWord[]): InlineElement {
    let path: readonly InlineElement[] | null = null;
    for (const { start, end } of words) {
      for (let i = start; i < end; i++) {
        const own = this.pathOf(this.owner[i]?.parent ?? this.root);
        path = path ? path.filter((element) => own.includes(element)) : own;
      }
    }
    return path?.at(-1) ?? this.root;
  }

  /** Elements whose content words are all gone keep no “the” or “of” either: it stands elsewhere in the new text. */
  private without(kept: number[]): number[] {
    const { language } = this.change;
    const content = ({ text }: TextWord) =>
      /[\p{L}\p{N}]/u.test(text) && !isStopWord(text.toLowerCase(), language || "en");
    const staying = new Set(kept);
    const lost = new Set<number>();
    for (const [element, words] of this.wasWords) {
      if (this.pathOf(this.all).includes(element)) continue;
      const carrying = words.filter((i) => this.old[i] && content(this.old[i]));
      if (carrying.length > 0 && carrying.every((i) => !staying.has(i))) for (const i of words) lost.add(i);
    }
    return kept.map((i) => (lost.has(i) ? -1 : i));
  }

  /** Stretches between words that stay, in which something differs. */
  private gaps(): Gap[] {
    const gaps: Gap[] = [];
    let [from, start] = [0, 0];
    this.kept.forEach((i, j) => {
      const [old, now] = [this.old[i], this.now[j]];
      if (!old || !now) return;
      gaps.push({ from, to: old.start, start, end: now.start });
      if (old.text !== now.text) gaps.push({ from: old.start, to: old.end, start: now.start, end: now.end });
      [from, start] = [old.end, now.end];
    });
    gaps.push({ from, to: this.change.was.length, start, end: this.is.length });
    // Most gaps are the same space between two words that stay.
    const differs = (gap: Gap) => {
      const text = this.textOf(gap);
      return text !== this.change.was.slice(gap.from, gap.to) || /\S/.test(text);
    };
    return gaps
      .filter(differs)
      .flatMap((gap) => this.split(gap))
      .flatMap((gap) => this.trimmed(gap));
  }

  /** Where the marks between words are the same, what stands between two of them becomes what stands there now. */
  private split(gap: Gap): Gap[] {
    if (this.change.plain) return [gap];
    const before = marksIn(this.change.was, gap.from, gap.to, this.oldIn(gap));
    const after = marksIn(this.is, gap.start, gap.end, this.newIn(gap));
    const same = before.length > 0 && before.map(({ text }) => text).join() === after.map(({ text }) => text).join();
    if (!same) return [gap];
    const gaps: Gap[] = [];
    let [from, start] = [gap.from, gap.start];
    before.forEach((mark, n) => {
      const now = after[n] as TextWord;
      gaps.push({ from, to: mark.start, start, end: now.start });
      [from, start] = [mark.end, now.end];
    });
    gaps.push({ from, to: gap.to, start, end: gap.end });
    return gaps;
  }

  /** Takes off what a gap's old and new text share at both ends, words apart. */
  private trimmed(gap: Gap): Gap[] {
    const [oldWords, newWords] = [this.oldIn(gap), this.newIn(gap)];
    const { was } = this.change;
    let { from, to, start, end } = gap;
    const [oldHead, newHead] = [oldWords[0]?.start ?? to, newWords[0]?.start ?? end];
    while (from < oldHead && start < newHead && was[from] === this.is[start]) {
      from++;
      start++;
    }
    const [oldTail, newTail] = [Math.max(from, oldWords.at(-1)?.end ?? 0), Math.max(start, newWords.at(-1)?.end ?? 0)];
    while (to > oldTail && end > newTail && was[to - 1] === this.is[end - 1]) {
      to--;
      end--;
    }
    return from === to && start === end ? [] : [{ from, to, start, end }];
  }

  /** The words of the original that lie in a gap, and those that are wanted there. */
  private oldIn = ({ from, to }: Gap) => between(this.old, from, to);
  private newIn = ({ start, end }: Gap) => between(this.now, start, end);
  private textOf = ({ start, end }: Gap) => this.is.slice(start, end);

  private stays(element: InlineElement): boolean {
    return (this.wasWords.get(element) ?? []).some((i) => this.staying.has(i));
  }

  private replace(gap: Gap): string | null {
    const words = this.oldIn(gap);
    const wanted = this.newIn(gap);
    if (words.length > 1 && wanted.length > 0 && !this.change.plain) {
      const crossed = this.crosses(gap, words);
      if (crossed !== "nothing") {
        if (words.length === wanted.length && (crossed !== "markup without words" || this.between(gap)))
          return this.oneForOne(gap, words, wanted);
        if (crossed !== "markup without words")
          return `${UNSURE} which of the new words ${quoted(this.textOf(gap))} stand in the ${crossed}. Change fewer words at a time, or set all of it as plain text.`;
      }
    }
    this.put(gap, words);
    return null;
  }

  /** Whether words stay on both sides of a gap. */
  private between({ from, to }: Gap): boolean {
    const staying = this.old.filter((_, i) => this.staying.has(i));
    return staying.some(({ end }) => end <= from) && staying.some(({ start }) => start >= to);
  }

  /** What parts the words of a gap: markup of which some words stay, markup without, a picture or line break, or nothing. */
  private crosses({ from, to }: Gap, words: readonly TextWord[]): string {
    const first = words[0]?.start ?? from;
    const last = words.at(-1)?.end ?? to;
    const within = this.owner.slice(first, last);
    const [start, end] = [within[0]?.places[0]?.start ?? 0, within.at(-1)?.places.at(-1)?.end ?? 0];
    for (const atom of atomsIn(this.root))
      if (atom.counts && atom.start >= start && atom.end <= end) return "text before a picture or line break";
    const inner = this.around(words);
    for (const one of words) {
      const path = this.pathOf(this.around([one]));
      const partial = path.slice(path.indexOf(inner) + 1).find((element) => this.stays(element));
      if (partial) return partial.name;
    }
    return words.every((one) => this.around([one]) === inner) ? "nothing" : "markup without words";
  }

  /** As many words as there were: each stands where the one stood that it replaces. */
  private oneForOne(gap: Gap, words: readonly TextWord[], wanted: readonly TextWord[]): string | null {
    let [from, start] = [gap.from, gap.start];
    const put = (part: Gap) => {
      for (const one of this.trimmed(part)) this.put(one, this.oldIn(one));
    };
    words.forEach((word, n) => {
      const now = wanted[n] as TextWord;
      put({ from, to: word.start, start, end: now.start });
      put({ from: word.start, to: word.end, start: now.start, end: now.end });
      [from, start] = [word.end, now.end];
    });
    put({ from, to: gap.to, start, end: gap.end });
    return null;
  }

  /** Takes a stretch out and writes its new text: where its words stood, or beside the outermost markup. */
  private put(gap: Gap, words: readonly TextWord[]): void {
    const text = this.textOf(gap);
    const { from, to } = this.sparingBreaks(gap, text);
    for (const one of this.owner.slice(from, to)) this.removed.add(one);
    if (text === "") return;
    const { start, element } = words.length > 0 ? this.placeOf(words, from, to, text) : this.beside(from, to);
    this.inserted.push({ start, end: start, text: this.written(text, element) });
    if (text.trim() !== "") for (const one of this.pathOf(element)) this.fed.add(one);
  }

  /** Of the spaces around words that go, a line break is the one that stays. */
  private sparingBreaks(gap: Gap, text: string): Gap {
    const [before, last] = [this.owner[gap.from - 1], this.owner[gap.to - 1]];
    const spare = text === "" && before?.text === " " && last?.text === " " && last.atom && !before.atom;
    if (spare) return { ...gap, from: gap.from - 1, to: gap.to - 1 };
    // What stays at the beginning without words keeps its distance.
    const leading = gap.from === 0 && text === "" && last?.text === " " && this.staysBefore(last);
    return leading ? { ...gap, to: gap.to - 1 } : gap;
  }

  /** Whether a picture or an anchor stands before a place. */
  private staysBefore({ places }: PlacedCharacter): boolean {
    const at = places[0]?.start ?? 0;
    const atoms = [...atomsIn(this.root)].some((atom) => atom.counts && atom.text === "" && atom.end <= at);
    return atoms || [...this.wasWords.keys()].some(({ wordless, end }) => wordless.stays && end <= at);
  }

  /** In the innermost element around the words that go. */
  private placeOf(
    words: readonly TextWord[],
    from: number,
    to: number,
    text: string,
  ): { start: number; element: InlineElement } {
    // Markup that moves here with its words stands beside other markup, not in it.
    const moving = [...this.movable.keys()].some((one) => placeOfWords(text, one) >= 0);
    const around = this.change.plain || moving ? this.all : this.around(words);
    // Markup that stays around all words of the text is not left by what replaces some of them.
    const element = this.pathOf(around).includes(this.all) ? around : this.all;
    const own = this.owner.slice(from, to).find((one) => one.parent === element);
    const first = this.owner[words[0]?.start ?? from];
    const child = first && this.childOf(element, first.parent);
    const inWord = own && this.owner.indexOf(own) <= (words[0]?.start ?? from);
    // Markup that keeps words stays before what takes the place of its last ones.
    if (child && !inWord) return { start: this.keepsBefore(child, from) ? child.end : child.start, element };
    return { start: (inWord ? own : first)?.places[0]?.start ?? element.startEnd, element };
  }

  /** Whether something of an element stays before a place. */
  private keepsBefore(element: InlineElement, place: number): boolean {
    return this.owner
      .slice(0, place)
      .some((one) => !this.removed.has(one) && this.pathOf(one.parent).includes(element));
  }

  /** Beside the outermost of what stands on both sides. */
  private beside(from: number, to: number): { start: number; element: InlineElement } {
    const inside = this.owner.slice(from, to);
    const [left, right] = [this.owner[from - 1], this.owner[to]];
    const depth = (one: PlacedCharacter | undefined) => (one ? this.pathOf(one.parent).length : 0);
    const end = (one: PlacedCharacter) => one.places.at(-1)?.end ?? 0;
    // At both ends of a text, what is around all of it is as far out as one gets; so where all of it goes.
    if (!left || !right) {
      const one = (left ?? right ?? inside[0]) as PlacedCharacter;
      const child = this.childOf(this.all, one.parent);
      if (left) return { start: child ? child.end : end(one), element: this.all };
      return { start: child ? child.start : (one.places[0]?.start ?? 0), element: this.all };
    }
    const [first] = inside;
    const outermost = [...inside, left, right].reduce((a, b) => (depth(b) < depth(a) ? b : a));
    const common = this.pathOf(left.parent).filter((element) => this.pathOf(right.parent).includes(element));
    const shared = common.at(-1) ?? this.root;
    const element = depth(outermost) < this.pathOf(shared).length ? shared : outermost.parent;
    if (inside.includes(outermost)) return { start: outermost.places[0]?.start ?? 0, element: outermost.parent };
    if (outermost === left && left.parent === element) return { start: end(left), element };
    if (outermost === right && right.parent === element) return { start: right.places[0]?.start ?? 0, element };
    const child = this.childOf(shared, left.parent);
    return { start: child ? child.end : end(first ?? left), element: shared };
  }

  /** The child of an element in which another lies; null where it is the element itself. */
  private childOf(element: InlineElement, inner: InlineElement): InlineElement | null {
    const path = this.pathOf(inner);
    return path[path.indexOf(element) + 1] ?? null;
  }

  /** Elements of which nothing that is read is left. */
  private emptied(): InlineElement[] {
    const left = new Map<InlineElement, boolean>();
    for (const one of this.read) {
      if (/^\s*$/.test(one.text)) continue;
      for (const element of this.pathOf(one.parent))
        left.set(element, left.get(element) === true || !this.removed.has(one));
    }
    return [...left.keys()].filter((one) => one !== this.root && !left.get(one) && !this.fed.has(one));
  }

  private refusal(): string | null {
    return notWithoutWords(this.emptied());
  }

  patches(): Patch[] {
    const cut: Patch[] = [];
    for (const { places } of this.removed) for (const place of places) cut.push({ ...place, text: "" });
    for (const element of this.emptied()) {
      const { wordless } = element;
      const acts = [...atomsIn(element)].some((atom) => atom.counts && atom.text === "");
      if (wordless.stays && "patches" in wordless) cut.push(...wordless.patches);
      else if (!acts) {
        cut.push({ start: element.start, end: element.startEnd, text: "" });
        cut.push({ start: element.endStart, end: element.end, text: "" });
        // Icons and the like that are made of elements without words go too.
        for (const child of element.children)
          if (child.kind === "element" && !this.wasWords.has(child))
            cut.push({ start: child.start, end: child.end, text: "" });
      }
    }
    return joined([...cut, ...this.inserted]);
  }
}

const trimSpaces = (text: string) => text.replace(/^[\t\n\f\r ]+|[\t\n\f\r ]+$/g, "");

/** Where words stand in a text as a whole; -1 for nowhere. */
function placeOfWords(text: string, words: string): number {
  const inWord = (c: string | undefined) => c !== undefined && /[\p{L}\p{M}\p{N}]/u.test(c);
  for (let at = text.indexOf(words); at >= 0; at = text.indexOf(words, at + 1))
    if (!inWord(text[at - 1]) && !inWord(text[at + words.length])) return at;
  return -1;
}

const once = (words: string, text: string) => {
  const at = placeOfWords(text, words);
  return at >= 0 && placeOfWords(text.slice(at + 1), words) < 0;
};

/** Commas, full stops and their like between the words of a stretch of text. */
function marksIn(text: string, from: number, to: number, words: readonly TextWord[]): TextWord[] {
  if (words.length === 0) return [];
  return Array.from(text.slice(from, to).matchAll(/[,.;:!?…、。]+/g), (match) => ({
    text: match[0],
    start: from + match.index,
    end: from + match.index + match[0].length,
  })).filter(({ start }) => !words.some((word) => word.start <= start && word.end > start));
}

const quoted = (text: string) => {
  const plain = text.trim();
  return `“${plain.length > 60 ? `${plain.slice(0, 59).trimEnd()}…` : plain}”`;
};

/** Patches in order, those that touch each other as one. */
function joined(patches: readonly Patch[]): Patch[] {
  const result: Patch[] = [];
  const ordered = patches.map((patch, i) => ({ patch, i }));
  ordered.sort((a, b) => a.patch.start - b.patch.start || a.patch.end - b.patch.end || a.i - b.i);
  for (const { patch } of ordered) {
    const last = result.at(-1);
    if (last && patch.start <= last.end) {
      last.end = Math.max(last.end, patch.end);
      last.text += patch.text;
    } else result.push({ ...patch });
  }
  return result;
}
