import { Dialog } from "radix-ui";
import { type ReactNode, useEffect, useRef, useState } from "react";
import { Action } from "./controls";
import { isTyped } from "./focus-on";

/**
 * What lies between a dialog and the screen. Radix's own overlay also has body scroll no more, which nothing of ours does, by
 * means that have every element of the screen get a new style: a tenth of a second on a long list.
 */
export const Ground = () => <div className="scrim fixed inset-0 z-40" />;

export function Modal({
  open,
  onOpenChange,
  title,
  description,
  wide = false,
  children,
}: {
  wide?: boolean;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  description?: string;
  children: ReactNode;
}) {
  // What was typed here is not lost by a key or by a press beside it.
  const typed = useRef(false);
  const [asking, setAsking] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: opened anew, nothing has been typed
  useEffect(() => {
    typed.current = false;
    setAsking(false);
  }, [open]);
  const change = (next: boolean) => {
    if (next || !typed.current) onOpenChange(next);
    else setAsking((before) => !before);
  };
  return (
    <Dialog.Root open={open} onOpenChange={change}>
      <Dialog.Portal>
        <Ground />
        <Dialog.Content
          {...(description ? {} : { "aria-describedby": undefined })}
          onInput={({ target }) => {
            if (target instanceof Element && isTyped(target)) typed.current = true;
          }}
          className={`floating fixed left-1/2 z-50 max-w-[94vw] ${wide ? "top-[6vh] max-h-[88vh] w-[57.5rem]" : "top-[14vh] max-h-[76vh] w-[30rem]"} -translate-x-1/2 overflow-auto overscroll-contain p-5`}
        >
          <Dialog.Title className="font-serif text-18">{title}</Dialog.Title>
          {description && <Dialog.Description className="mt-1 text-ink-soft">{description}</Dialog.Description>}
          {children}
          {asking && (
            <div
              role="alert"
              className="sticky -bottom-5 -mx-5 mt-4 -mb-5 flex flex-wrap items-baseline gap-5 border-ink border-t bg-paper px-5 py-3"
            >
              <span className="flex-1">What you typed here is not used yet.</span>
              <Action autoFocus onClick={() => setAsking(false)}>
                Go on with it
              </Action>
              <Action
                onClick={() => {
                  typed.current = false;
                  onOpenChange(false);
                }}
              >
                Let it go
              </Action>
            </div>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
