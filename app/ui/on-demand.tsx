import { type ComponentType, createElement, type ReactNode, useEffect, useState } from "react";

/** A component that is loaded when it is first drawn, or before. `waiting` stands there meanwhile. */
export type OnDemand<P> = ComponentType<P & { waiting?: ReactNode }> & { load: () => Promise<void> };

/**
 * Keeps a component's script until it is needed. React's own `lazy` does the same, but what it has shown in the place stays
 * for 300 ms even where the script is there at once.
 */
export function onDemand<P extends object>(find: () => Promise<ComponentType<P>>): OnDemand<P> {
  let found: ComponentType<P> | null = null;
  let loading: Promise<void> | null = null;
  const load = () => {
    loading ??= find().then(
      (component) => {
        found = component;
      },
      (error) => {
        // Asked for again it may come.
        loading = null;
        throw error;
      },
    );
    return loading;
  };
  // biome-ignore lint/correctness/noComponentHookFactories: called once for each component, where its module is loaded
  function Demanded({ waiting = null, ...props }: P & { waiting?: ReactNode }) {
    const [component, setComponent] = useState(() => found);
    const [fault, setFault] = useState<{ error: unknown } | null>(null);
    useEffect(() => {
      if (component) return;
      let gone = false;
      load().then(
        () => !gone && setComponent(() => found),
        (error) => !gone && setFault({ error }),
      );
      return () => {
        gone = true;
      };
    }, [component]);
    if (fault) throw fault.error;
    return component ? createElement(component, props as unknown as P) : waiting;
  }
  return Object.assign(Demanded, { load });
}
