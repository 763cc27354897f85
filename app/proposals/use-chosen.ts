import { useMemo, useState } from "react";
import { type ProposedLine, reworded } from "#core/proposals/proposal";
import type { ProposedPage } from "../store/propose";

/** Which lines of what is proposed are taken: all that can be made, but for suggested texts and for those that somebody refuses. */
export interface Chosen {
  /** Pages with the lines that are taken, as they were worded; those of which none is are left out. */
  pages: readonly ProposedPage[];
  /** Lines that are taken, that are not, and that cannot be made. */
  taken: number;
  left: number;
  impossible: number;
  isTaken: (pageId: string, line: number) => boolean;
  decide: (pageId: string, line: number, take: boolean) => void;
  /** All of them at once. */
  decideAll: (take: boolean) => void;
  /** A line as somebody has worded it. */
  worded: (pageId: string, line: number) => ProposedLine | undefined;
  /** Words a line anew, and takes it. */
  reword: (pageId: string, line: number, text: string) => void;
}

interface Choice {
  of: unknown;
  /** What was decided of all lines; null where nothing was. */
  all: boolean | null;
  decided: ReadonlyMap<string, boolean>;
  texts: ReadonlyMap<string, string>;
}

const keyOf = (pageId: string, line: number) => `${line} ${pageId}`;
const nothingOf = (of: unknown): Choice => ({ of, all: null, decided: new Map(), texts: new Map() });

export function useChosen(proposed: readonly ProposedPage[], asked: unknown): Chosen {
  const [state, setState] = useState(() => nothingOf(asked));
  // What was decided is forgotten where something else is asked.
  const choice = useMemo(() => (state.of === asked ? state : nothingOf(asked)), [state, asked]);
  return useMemo(() => {
    const { all, decided, texts } = choice;
    const lines = new Map(proposed.map((page) => [page.pageId, page.lines]));
    const takes = (pageId: string, i: number, line: ProposedLine | undefined) =>
      decided.get(keyOf(pageId, i)) ?? all ?? !line?.suggested;
    const asWorded = (pageId: string, i: number, line: ProposedLine) => {
      const text = texts.get(keyOf(pageId, i));
      return text === undefined ? line : reworded(line, text);
    };
    let [taken, left, impossible] = [0, 0, 0];
    const pages = proposed.flatMap((page) => {
      const some = page.lines.flatMap((line, i) => {
        if (line.reason !== null) {
          impossible++;
          return [];
        }
        if (!takes(page.pageId, i, line)) {
          left++;
          return [];
        }
        taken++;
        return asWorded(page.pageId, i, line);
      });
      return some.length > 0 ? [{ ...page, lines: some }] : [];
    });
    return {
      pages,
      taken,
      left,
      impossible,
      isTaken: (pageId, i) => takes(pageId, i, lines.get(pageId)?.[i]),
      decide: (pageId, i, take) => setState({ ...choice, decided: new Map(decided).set(keyOf(pageId, i), take) }),
      decideAll: (take) => setState({ ...choice, all: take, decided: new Map() }),
      worded: (pageId, i) => {
        const line = lines.get(pageId)?.[i];
        return line && asWorded(pageId, i, line);
      },
      reword: (pageId, i, text) =>
        setState({
          ...choice,
          decided: new Map(decided).set(keyOf(pageId, i), true),
          texts: new Map(texts).set(keyOf(pageId, i), text),
        }),
    };
  }, [proposed, choice]);
}
