import { endsInAbbreviation } from "./sentence-start.ts";
import { formOf, type MatchOptions, type Token, tokensOf } from "./tokens.ts";
import { type Word, wordsOf } from "./words.ts";

/**
 * How a phrase stands in a text: `exact`, the same words in order; `form`, the same stems in order, where inner stop words
 * may differ; `scattered`, all stems within one sentence.
 */
export type MatchKind = "exact" | "form" | "scattered";

export interface Match {
  kind: MatchKind;
  /** UTF-16 code units in the text. */
  start: number;
  end: number;
  /** The matched words one by one; for `scattered` they do not stand together. */
  words: Word[];
}

/** A place of one of many phrases, by its number among them. */
export interface PhraseMatch extends Match {
  phrase: number;
}

/** Looks for many phrases in a text at once. */
export interface PhraseFinder {
  /**
   * Where each phrase stands in order, exactly or in another form, by its end; then one scattered place of each that does
   * not. Places of one phrase do not overlap.
   */
  find(text: string): PhraseMatch[];
}

/** A phrase as it is looked for. */
interface Wanted {
  number: number;
  tokens: readonly Token[];
  /** A sentence ends within it, so that it may reach across the end of one. */
  acrossSentences: boolean;
  /** Stop words before the first word that carries a subject. */
  lead: number;
  /** Its stems in order, by their numbers; of stop words only where it has no others. */
  symbols: readonly number[];
}

const SENTENCE_END = /[.!?…।؟۔]["'”’)\]]*(?=\s|$)|[。！？]["'”’」』)\]]*|\n/g;

/** Characters before a full stop that say whether it ends a sentence. */
const LONGEST_ABBREVIATION = 20;

/** Ends of the sentences of a text, roughly: where all words of a phrase may stand together. */
function sentenceEnds(text: string): number[] {
  const ends = Array.from(text.matchAll(SENTENCE_END), (match) => match.index + match[0].length);
  return [
    ...ends.filter((end) => !endsInAbbreviation(text.slice(Math.max(0, end - LONGEST_ABBREVIATION), end + 1))),
    text.length,
  ];
}

/** Whether a sentence ends between two places of a text. A line that is broken ends none: headings are broken anywhere. */
function sentenceEndsBetween(text: string, from: number, to: number): boolean {
  if (!/[.!?…।؟۔。！？]/.test(text.slice(from, to))) return false;
  const begin = Math.max(0, from - LONGEST_ABBREVIATION);
  const ends = sentenceEnds(text.slice(begin, to + 1).replaceAll("\n", " "));
  return ends.some((end) => begin + end > from && begin + end <= to);
}

/**
 * Sequences of symbols, all looked for in one pass (Aho and Corasick, “Efficient string matching”, 1975): time grows with
 * the text and with what is found, not with how many there are.
 */
class Automaton {
  private readonly next: Map<number, number>[] = [new Map()];
  private readonly fail: number[] = [0];
  /** What ends in a state, and the nearest state on the way of `fail` in which something ends; 0 for none. */
  private readonly ends: Wanted[][] = [[]];
  private readonly nearest: number[] = [0];

  constructor(all: readonly Wanted[]) {
    for (const one of all) {
      let state = 0;
      for (const symbol of one.symbols) {
        let to = this.next[state]?.get(symbol);
        if (to === undefined) {
          to = this.next.push(new Map()) - 1;
          this.fail.push(0);
          this.ends.push([]);
          this.nearest.push(0);
          this.next[state]?.set(symbol, to);
        }
        state = to;
      }
      this.ends[state]?.push(one);
    }
    const queue = [...(this.next[0]?.values() ?? [])];
    for (let at = 0; at < queue.length; at++) {
      const state = queue[at] ?? 0;
      for (const [symbol, to] of this.next[state] ?? []) {
        const fail = this.step(this.fail[state] ?? 0, symbol);
        this.fail[to] = fail;
        this.nearest[to] = this.ends[fail]?.length ? fail : (this.nearest[fail] ?? 0);
        queue.push(to);
      }
    }
  }

  step(from: number, symbol: number): number {
    for (let state = from; ; state = this.fail[state] ?? 0) {
      const to = this.next[state]?.get(symbol);
      if (to !== undefined) return to;
      if (state === 0) return 0;
    }
  }

  /** Whether anything ends in a state. */
  endsIn = (state: number): boolean => this.nearest[state] !== 0 || (this.ends[state]?.length ?? 0) > 0;

  *ending(state: number): Iterable<Wanted> {
    for (let at = state; at !== 0; at = this.nearest[at] ?? 0) yield* this.ends[at] ?? [];
  }
}

/** Makes what looks for all phrases at once in texts of a language. */
export function phraseFinder(phrases: readonly string[], options: MatchOptions): PhraseFinder {
  const symbols = new Map<string, number>();
  const symbolOf = (stem: string): number => {
    const known = symbols.get(stem) ?? symbols.size;
    symbols.set(stem, known);
    return known;
  };
  const wanted: Wanted[] = [];
  const onlyStops: Wanted[] = [];
  for (const [number, phrase] of phrases.entries()) {
    const tokens = tokensOf(phrase, options);
    const content = tokens.filter(({ stop }) => !stop);
    const bearing = content.length > 0 ? content : tokens;
    const [first] = bearing;
    if (!first) continue;
    const symbols = bearing.map(({ stem }) => symbolOf(stem));
    const acrossSentences = sentenceEndsBetween(phrase, first.end, bearing.at(-1)?.start ?? 0);
    (content.length > 0 ? wanted : onlyStops).push({
      number,
      tokens,
      acrossSentences,
      lead: tokens.indexOf(first),
      symbols,
    });
  }
  const inContent = new Automaton(wanted);
  const inAll = new Automaton(onlyStops);
  const scattered = byRarest([...wanted, ...onlyStops]);

  /** What counts of words, by themselves: most have been seen before. */
  let facts = new Map<string, WordFacts>();
  const factsOf = (word: string): WordFacts => {
    let known = facts.get(word);
    if (!known) {
      const { plain, stem, stop } = formOf(word, options);
      known = { plain, stop, symbol: symbols.get(stem) ?? -1 };
      if (facts.size > REMEMBERED_WORDS) facts = new Map();
      facts.set(word, known);
    }
    return known;
  };
  // One phrase is looked for in a text by several rules; many are looked for in it once.
  const apart = phrases.length === 1 ? tokensOf : (text: string) => wordsOf(text, options.language);

  const find = (text: string): PhraseMatch[] => {
    const words = apart(text, options);
    const seen: WordFacts[] = [];
    const inText = new Set<number>();
    for (const { text: word } of words) {
      const one = factsOf(word);
      seen.push(one);
      if (one.symbol >= 0) inText.add(one.symbol);
    }
    if (inText.size === 0) return [];
    const found: PhraseMatch[] = [];
    /** Index behind the last place of a phrase. */
    const behind = new Map<number, number>();
    const take = (one: Wanted, first: number, last: number) => {
      const from = first - one.lead;
      const exact = from >= 0 && one.tokens.every(({ plain }, i) => seen[from + i]?.plain === plain);
      const [start, end] = exact ? [from, from + one.tokens.length] : [first, last + 1];
      if (start < (behind.get(one.number) ?? 0)) return;
      if (!one.acrossSentences && sentenceEndsBetween(text, words[first]?.end ?? 0, words[last]?.start ?? 0)) return;
      behind.set(one.number, end);
      found.push({ phrase: one.number, kind: exact ? "exact" : "form", ...placeOf(words.slice(start, end)) });
    };
    const run = (automaton: Automaton, passesStops: boolean) => {
      let state = 0;
      /** Indexes of the words that count. */
      const at: number[] = [];
      for (let i = 0; i < seen.length; i++) {
        const { symbol, stop } = seen[i] as WordFacts;
        if (passesStops && stop) continue;
        at.push(i);
        if (symbol < 0) {
          state = 0;
          continue;
        }
        state = automaton.step(state, symbol);
        if (state === 0 || !automaton.endsIn(state)) continue;
        for (const one of automaton.ending(state)) take(one, at[at.length - one.symbols.length] ?? i, i);
      }
    };
    if (wanted.length > 0) run(inContent, true);
    if (onlyStops.length > 0) run(inAll, false);
    const open = new Set<Wanted>();
    for (const symbol of inText)
      for (const one of scattered.get(symbol) ?? [])
        if (!behind.has(one.number) && one.symbols.every((other) => inText.has(other))) open.add(one);
    if (open.size > 0) found.push(...findScattered(text, words, seen, open));
    return found;
  };

  return { find };
}

/** What counts of a word where phrases are looked for: `symbol` is the number of its stem, or -1. */
interface WordFacts {
  plain: string;
  stop: boolean;
  symbol: number;
}
/** Words kept; beyond it the memory begins anew. */
const REMEMBERED_WORDS = 50_000;

/** One place of each phrase all of whose words stand in one sentence. */
function findScattered(
  text: string,
  words: readonly Word[],
  seen: readonly WordFacts[],
  open: Set<Wanted>,
): PhraseMatch[] {
  const found: PhraseMatch[] = [];
  let next = 0;
  for (const end of sentenceEnds(text)) {
    /** The first word of each symbol in this sentence. */
    const here = new Map<number, Word>();
    for (let word = words[next]; word && word.end <= end; word = words[++next]) {
      const symbol = seen[next]?.symbol ?? -1;
      if (symbol >= 0 && !here.has(symbol)) here.set(symbol, word);
    }
    for (const one of open) {
      if (!one.symbols.every((symbol) => here.has(symbol))) continue;
      open.delete(one);
      const places = [...new Set(one.symbols)].flatMap((symbol) => here.get(symbol) ?? []);
      places.sort((a, b) => a.start - b.start);
      found.push({ phrase: one.number, kind: "scattered", ...placeOf(places) });
    }
    if (open.size === 0) break;
  }
  return found;
}

const placeOf = (words: Word[]) => ({ start: words[0]?.start ?? 0, end: words.at(-1)?.end ?? 0, words });

/** Phrases by the one of their stems that the fewest of them have: a sentence without it need not be looked at. */
function byRarest(all: readonly Wanted[]): ReadonlyMap<number, readonly Wanted[]> {
  const many = new Map<number, number>();
  for (const { symbols } of all) for (const symbol of new Set(symbols)) many.set(symbol, (many.get(symbol) ?? 0) + 1);
  const result = new Map<number, Wanted[]>();
  for (const one of all) {
    const rarest = one.symbols.reduce((a, b) => ((many.get(b) ?? 0) < (many.get(a) ?? 0) ? b : a));
    const list = result.get(rarest);
    if (list) list.push(one);
    else result.set(rarest, [one]);
  }
  return result;
}
