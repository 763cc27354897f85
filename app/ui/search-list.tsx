import { Command as Cmdk, useCommandState } from "cmdk";
import { type ReactNode, useEffect, useRef } from "react";
import { useNotices } from "./notice";

/**
 * Has the field of a list name the option that is chosen (ARIA Authoring Practices, combobox): cmdk itself names the one before,
 * or none, while somebody types.
 */
function useChosenNamed() {
  const root = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!root.current) return;
    const name = () => {
      const field = root.current?.querySelector("[cmdk-input]");
      const id = root.current?.querySelector('[cmdk-item][aria-selected="true"]')?.id;
      if (id === undefined) field?.removeAttribute("aria-activedescendant");
      else if (field?.getAttribute("aria-activedescendant") !== id) field?.setAttribute("aria-activedescendant", id);
    };
    name();
    const watch = new MutationObserver(name);
    const attributeFilter = ["aria-selected", "aria-activedescendant"];
    watch.observe(root.current, { subtree: true, childList: true, attributes: true, attributeFilter });
    return () => watch.disconnect();
  }, []);
  return root;
}

/** A field over a list that it narrows: one option is chosen by typing and by arrows, and taken by Enter. */
export function SearchList({
  label,
  placeholder,
  empty,
  find,
  onFind,
  narrows = true,
  chosen,
  children,
}: {
  label: string;
  placeholder: string;
  /** Told where nothing is found. */
  empty: string;
  /** What is typed, where that is known outside. */
  find?: string;
  onFind?: (find: string) => void;
  /** False where what is shown has been narrowed before. */
  narrows?: boolean;
  /** The option that is chosen first. */
  chosen?: string;
  children: ReactNode;
}) {
  const root = useChosenNamed();
  return (
    <Cmdk ref={root} label={label} loop shouldFilter={narrows} defaultValue={chosen}>
      <Cmdk.Input
        autoFocus
        value={find}
        onValueChange={onFind}
        placeholder={placeholder}
        className="w-full border-edge border-b bg-transparent px-4 py-2.5 text-15 outline-none"
      />
      <Cmdk.List label={label} className="max-h-[min(50vh,420px)] overflow-auto p-1.5">
        <Nothing>{empty}</Nothing>
        {children}
      </Cmdk.List>
    </Cmdk>
  );
}

/** What stands in the list where nothing is found: an option that cannot be chosen, since a listbox is never empty. Announced. */
function Nothing({ children }: { children: string }) {
  const isEmpty = useCommandState(({ filtered }) => filtered.count === 0);
  const { announce } = useNotices();
  useEffect(() => {
    if (isEmpty) announce(children);
  }, [isEmpty, children, announce]);
  if (!isEmpty) return null;
  return (
    <div role="option" aria-disabled="true" aria-selected="false" tabIndex={-1} className="p-3 text-ink-soft">
      {children}
    </div>
  );
}

/** Options that belong together, under a name or none. */
export function SearchGroup({ name, children }: { name?: string; children: ReactNode }) {
  return (
    <Cmdk.Group heading={name && <span className="block px-2.5 pt-2 text-12 text-ink-soft">{name}</span>}>
      {children}
    </Cmdk.Group>
  );
}

export function SearchOption({
  value,
  keywords,
  className = "flex items-baseline gap-3",
  onChoose,
  children,
}: {
  /** Tells it from the others, and is searched. */
  value: string;
  /** What else is searched. */
  keywords?: string[];
  className?: string;
  onChoose: () => void;
  children: ReactNode;
}) {
  return (
    <Cmdk.Item
      value={value}
      keywords={keywords}
      onSelect={onChoose}
      className={`cursor-default rounded px-2.5 py-1 data-[selected=true]:bg-tint data-[selected=true]:shadow-[inset_2px_0_0_var(--ink)] ${className}`}
    >
      {children}
    </Cmdk.Item>
  );
}
