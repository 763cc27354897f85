import { useEffect, useState } from "react";

/** Something that is kept until it is needed, and for all who need it afterwards. */
export interface Loadable<T> {
  load(): Promise<T>;
  /** Null until it is there; asks for it when the screen has been drawn. */
  useLoaded(): T | null;
}

/** Keeps a module, or what is made of one, until it is needed. What fails to load is asked for again the next time. */
export function loadable<T>(find: () => Promise<T>): Loadable<T> {
  let there: T | null = null;
  let loading: Promise<T> | null = null;
  const load = () => {
    loading ??= find().then(
      (found) => {
        there = found;
        return found;
      },
      (error) => {
        loading = null;
        throw error;
      },
    );
    return loading;
  };
  // biome-ignore lint/correctness/noComponentHookFactories: called once for each module, where it is named
  const useLoaded = () => {
    const [loaded, setLoaded] = useState(() => there);
    const [fault, setFault] = useState<{ error: unknown } | null>(null);
    useEffect(() => {
      if (loaded !== null) return;
      let gone = false;
      load().then(
        (found) => !gone && setLoaded(() => found),
        (error) => !gone && setFault({ error }),
      );
      return () => {
        gone = true;
      };
    }, [loaded]);
    if (fault) throw fault.error;
    return loaded;
  };
  return { load, useLoaded };
}
