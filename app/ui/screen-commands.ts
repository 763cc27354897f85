import { useEffect } from "react";
import { useNewest } from "./use-newest";

/** What the palette offers. */
export interface Command {
  /** Tells it from others of its name. */
  id?: string;
  name: string;
  keys?: string;
  run: () => void;
}

const offered = new Set<() => readonly Command[]>();

/** Puts the commands of a screen, or of a part of it, into the palette while it is there. They are asked for when it opens. */
export function useCommands(list: () => readonly Command[]): void {
  const newest = useNewest({ list });
  useEffect(() => {
    const offer = () => newest.list();
    offered.add(offer);
    return () => {
      offered.delete(offer);
    };
  }, [newest]);
}

/** What the screen offers now. */
export const commandsOffered = (): Command[] => [...offered].flatMap((offer) => offer());
