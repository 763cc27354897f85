import { type ComponentType, createElement, type ReactNode } from "react";
import { loadable } from "./loadable";

/** A component that is loaded when it is first drawn, or before. `waiting` stands there meanwhile. */
export type OnDemand<P> = ComponentType<P & { waiting?: ReactNode }> & { load: () => Promise<unknown> };

/**
 * Keeps a component's script until it is needed. React's own `lazy` does the same, but what it has shown in the place stays
 * for 300 ms even where the script is there at once.
 */
export function onDemand<P extends object>(find: () => Promise<ComponentType<P>>): OnDemand<P> {
  const { load, useLoaded } = loadable(find);
  // biome-ignore lint/correctness/noComponentHookFactories: called once for each component, where its module is loaded
  function Demanded({ waiting = null, ...props }: P & { waiting?: ReactNode }) {
    const component = useLoaded();
    return component ? createElement(component, props as unknown as P) : waiting;
  }
  return Object.assign(Demanded, { load });
}
