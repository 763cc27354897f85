import { endsInAbbreviation } from "./sentence-start.ts";
import { type MatchOptions, type Token, tokensOf } from "./tokens.ts";
import type { Word } from "./words.ts";

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
  /** Stop words before the first word that carries a subject. */
  lead: number;
  /** Its stems in order, by their numbers; of stop words only where it has no others. */
  symbols: readonly number[];
}

const SENTENCE_END = /[.!?…。！？]["'”’)\]]*(?=\s|$)|\n/g;

/** Ends of the sentences of a text, roughly: where all words of a phrase may stand together. */
function sentenceEnds(text: string): number[] {
  const ends = Array.from(text.matchAll(SENTENCE_END), (match) => match.index + match[0].length);
  return [...ends.filter((end) => !endsInAbbreviation(text.slice(Math.max(0, end - 20), end + 1))), text.length];
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
    (content.length > 0 ? wanted : onlyStops).push({ number, tokens, lead: tokens.indexOf(first), symbols });
  }
  const inContent = new Automaton(wanted);
  const inAll = new Automaton(onlyStops);
  const all = [...wanted, ...onlyStops];
  const scattered = byRarest(all);

  const find = (text: string): PhraseMatch[] => {
    const tokens = tokensOf(text, options);
    const seen = tokens.map(({ stem }) => symbols.get(stem) ?? -1);
    if (seen.every((symbol) => symbol < 0)) return [];
    const found: PhraseMatch[] = [];
    /** Index behind the last place of a phrase. */
    const behind = new Map<number, number>();
    const take = (one: Wanted, first: number, last: number) => {
      const from = first - one.lead;
      const exact = from >= 0 && one.tokens.every(({ plain }, i) => tokens[from + i]?.plain === plain);
      const [start, end] = exact ? [from, from + one.tokens.length] : [first, last + 1];
      if (start < (behind.get(one.number) ?? 0)) return;
      behind.set(one.number, end);
      found.push({ phrase: one.number, kind: exact ? "exact" : "form", ...placeOf(tokens.slice(start, end)) });
    };
    const run = (automaton: Automaton, passesStops: boolean) => {
      let state = 0;
      /** Indexes of the words that count. */
      const at: number[] = [];
      for (const [i, symbol] of seen.entries()) {
        if (passesStops && tokens[i]?.stop) continue;
        at.push(i);
        state = symbol < 0 ? 0 : automaton.step(state, symbol);
        if (state !== 0)
          for (const one of automaton.ending(state)) take(one, at[at.length - one.symbols.length] ?? i, i);
      }
    };
    if (wanted.length > 0) run(inContent, true);
    if (onlyStops.length > 0) run(inAll, false);
    found.push(...findScattered(text, tokens, seen, (one) => behind.has(one.number)));
    return found;
  };

  const findScattered = (
    text: string,
    tokens: readonly Token[],
    seen: readonly number[],
    isFound: (one: Wanted) => boolean,
  ): PhraseMatch[] => {
    const inText = new Set(seen);
    const open = new Set(
      [...inText].flatMap((symbol) =>
        (scattered.get(symbol) ?? []).filter((one) => !isFound(one) && one.symbols.every((other) => inText.has(other))),
      ),
    );
    const found: PhraseMatch[] = [];
    let next = 0;
    for (const end of open.size > 0 ? sentenceEnds(text) : []) {
      const from = next;
      while (next < tokens.length && (tokens[next]?.end ?? 0) <= end) next++;
      const here = new Set(seen.slice(from, next));
      for (const one of open) {
        if (!one.symbols.every((symbol) => here.has(symbol))) continue;
        open.delete(one);
        const words = [...new Set(one.symbols)].map((symbol) => tokens[seen.indexOf(symbol, from)]);
        const inOrder = words.flatMap((word) => word ?? []).sort((a, b) => a.start - b.start);
        found.push({ phrase: one.number, kind: "scattered", ...placeOf(inOrder) });
      }
      if (open.size === 0) break;
    }
    return found;
  };
  return { find };
}

const placeOf = (words: Token[]) => ({ start: words[0]?.start ?? 0, end: words.at(-1)?.end ?? 0, words });

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
