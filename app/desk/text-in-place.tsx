import { type Ref, useEffect, useId, useImperativeHandle, useRef, useState } from "react";
import { Action } from "../ui/controls";
import { useOfPage } from "../ui/of-page";
import { useUnkept } from "../ui/unkept";

/** Opens the field from a menu or a key. */
export interface TextInPlaceHandle {
  open(): void;
}

/** Why a text was not kept, and what else could be done with it. */
export interface NotKept {
  reason: string;
  instead?: { label: string; run: () => void };
}

/**
 * A text that is edited where it stands: kept when it is left or at Enter, given up at Esc. What is refused stays in the
 * field, with the reason.
 */
export function TextInPlace({
  value,
  label,
  empty,
  onKeep,
  changed = false,
  className = "",
  readOnly = null,
  ref,
}: {
  ref?: Ref<TextInPlaceHandle>;
  value: string;
  label: string;
  /** What stands there where there is no text. */
  empty: string;
  onKeep: (text: string) => NotKept | string | null | undefined | false;
  changed?: boolean;
  className?: string;
  /** Why it cannot be edited. */
  readOnly?: string | null;
}) {
  const words = useOfPage();
  const [text, setText] = useState<string | null>(null);
  const field = useRef<HTMLTextAreaElement>(null);
  const [refused, setRefused] = useState<(NotKept & { text: string }) | null>(null);
  const reasonId = useId();
  const editing = text !== null;
  useUnkept(editing && refused ? `“${refused.text}” is not kept. ${refused.reason}` : null);
  useImperativeHandle(ref, () => ({ open: () => readOnly === null && setText(value) }), [value, readOnly]);
  useEffect(() => {
    if (!editing) return;
    field.current?.focus();
    field.current?.setSelectionRange(field.current.value.length, field.current.value.length);
  }, [editing]);
  const close = () => {
    setText(null);
    setRefused(null);
  };
  const keep = () => {
    const typed = text?.trim() ?? value;
    if (typed === refused?.text) return;
    const answer = typed === value ? null : onKeep(typed);
    if (answer) setRefused({ ...(typeof answer === "string" ? { reason: answer } : answer), text: typed });
    else close();
  };
  if (text === null) {
    return (
      <button
        {...words}
        type="button"
        aria-label={`${label}: ${value || empty}`}
        title={readOnly ?? undefined}
        disabled={readOnly !== null}
        onClick={() => setText(value)}
        className={`min-w-6 break-words text-left enabled:cursor-text disabled:opacity-100 ${changed ? "text-blue" : value === "" ? "text-graphite" : ""} ${className}`}
      >
        {value || empty}
      </button>
    );
  }
  return (
    <span className="min-w-0 flex-1">
      <textarea
        {...words}
        ref={field}
        aria-describedby={refused ? reasonId : undefined}
        aria-label={label}
        value={text}
        rows={1}
        onChange={(e) => setText(e.target.value)}
        onBlur={keep}
        onKeyDown={(e) => {
          if (e.key === "Enter") keep();
          else if (e.key === "Escape") close();
          else return;
          e.preventDefault();
          e.stopPropagation();
        }}
        className={`w-full resize-none border-blue border-b bg-transparent outline-none [field-sizing:content] ${className}`}
      />
      {refused && (
        <>
          <span id={reasonId} role="alert" className="mt-1 block font-sans text-12 text-red">
            Not kept. {refused.reason}
          </span>
          <span className="mt-1 flex gap-4 font-sans text-12">
            {refused.instead && (
              <Action
                onClick={() => {
                  refused.instead?.run();
                  close();
                }}
              >
                {refused.instead.label}
              </Action>
            )}
            <Action onClick={close}>Cancel</Action>
          </span>
        </>
      )}
    </span>
  );
}
