import { Toast } from "radix-ui";
import { createContext, type ReactNode, use, useCallback, useMemo, useState } from "react";
import { explainStorage } from "../store/faults";

interface Notice {
  id: number;
  heading: string;
  text: string;
  loud: boolean;
}

interface Notices {
  /** Says something in passing. */
  notify(heading: string, text?: string): void;
  /** Speaks what the screen shows by itself to whoever listens: nothing is drawn. */
  announce(text: string): void;
  /** Takes back what was announced, if nothing else was since: it holds no longer. */
  silence(text: string): void;
  /** Says loudly that something was not kept or could not be done. */
  fail(error: unknown): void;
}

const Context = createContext<Notices>({ notify: () => {}, announce: () => {}, silence: () => {}, fail: () => {} });

export const useNotices = () => use(Context);

let next = 0;

export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([]);
  const add = useCallback((heading: string, text: string, loud: boolean) => {
    setNotices((all) => [...all.slice(-2), { id: next++, heading, text, loud }]);
  }, []);
  const [spoken, setSpoken] = useState("");
  const value = useMemo<Notices>(
    () => ({
      // The same again is spoken again: it differs by a space that nobody hears.
      announce: (text) => setSpoken((before) => (before === text ? `${text}\u00a0` : text)),
      silence: (text) => setSpoken((before) => (before.trimEnd() === text ? "" : before)),
      notify: (heading, text = "") => add(heading, text, false),
      fail: (error) => {
        const fault = explainStorage(error);
        add(fault.heading, fault.message, true);
      },
    }),
    [add],
  );
  return (
    <Context value={value}>
      <Toast.Provider swipeDirection="right" label="Notice">
        {children}
        <p role="status" className="sr-only">
          {spoken}
        </p>
        {notices.map(({ id, heading, text, loud }) => (
          <Toast.Root
            key={id}
            type={loud ? "foreground" : "background"}
            duration={loud ? Number.POSITIVE_INFINITY : 5000}
            onOpenChange={(open) => !open && setNotices((all) => all.filter((n) => n.id !== id))}
            className={`floating p-3 ${loud ? "pointer-events-auto border-l-4 border-l-red" : ""}`}
          >
            <Toast.Title className="text-15 font-medium">{heading}</Toast.Title>
            {text && <Toast.Description className="mt-1 text-ink-soft">{text}</Toast.Description>}
            {loud && <Toast.Close className="mt-2 text-blue underline">Close</Toast.Close>}
          </Toast.Root>
        ))}
        {/* Above the strips at the foot; what is said in passing has nothing to press: the pointer reaches what it lies over. */}
        <Toast.Viewport className="pointer-events-none fixed right-4 bottom-16 z-50 flex w-[22.5rem] max-w-[90vw] flex-col gap-2" />
      </Toast.Provider>
    </Context>
  );
}
