import { useMemo, useState } from "react";
import type { ProposedPage } from "../store/propose";

/** Which lines of what is proposed are taken: all that can be made, but for those that somebody refuses. */
export interface Chosen {
  /** Pages with the lines that are taken; those of which none is are left out. */
  pages: readonly ProposedPage[];
  /** Lines that are taken, that are refused, and that cannot be made. */
  taken: number;
  refused: number;
  impossible: number;
  isTaken: (pageId: string, line: number) => boolean;
  decide: (pageId: string, line: number, take: boolean) => void;
  /** All of them at once. */
  decideAll: (take: boolean) => void;
}

const keyOf = (pageId: string, line: number) => `${line} ${pageId}`;

export function useChosen(proposed: readonly ProposedPage[], asked: unknown): Chosen {
  const [state, setState] = useState<{ of: unknown; none: boolean; decided: ReadonlyMap<string, boolean> }>({
    of: asked,
    none: false,
    decided: new Map(),
  });
  // What was decided is forgotten where something else is asked.
  const { none, decided } = state.of === asked ? state : { none: false, decided: new Map<string, boolean>() };
  return useMemo(() => {
    const isTaken = (pageId: string, line: number) => decided.get(keyOf(pageId, line)) ?? !none;
    let [taken, refused, impossible] = [0, 0, 0];
    const pages = proposed.flatMap((page) => {
      const lines = page.lines.filter(({ reason }, i) => {
        const take = reason === null && isTaken(page.pageId, i);
        if (reason !== null) impossible++;
        else if (take) taken++;
        else refused++;
        return take;
      });
      return lines.length > 0 ? [{ ...page, lines }] : [];
    });
    return {
      pages,
      taken,
      refused,
      impossible,
      isTaken,
      decide: (pageId, line, take) =>
        setState({ of: asked, none, decided: new Map(decided).set(keyOf(pageId, line), take) }),
      decideAll: (take) => setState({ of: asked, none: !take, decided: new Map() }),
    };
  }, [proposed, asked, none, decided]);
}
