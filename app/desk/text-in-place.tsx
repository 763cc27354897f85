import { type Ref, useEffect, useImperativeHandle, useRef, useState } from "react";

/** Opens the field from a menu or a key. */
export interface TextInPlaceHandle {
  open(): void;
}

/** A text that is edited where it stands: kept when it is left or at Enter, given up at Esc. */
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
  onKeep: (text: string) => void;
  changed?: boolean;
  className?: string;
  /** Why it cannot be edited. */
  readOnly?: string | null;
}) {
  const [text, setText] = useState<string | null>(null);
  const field = useRef<HTMLTextAreaElement>(null);
  const editing = text !== null;
  useImperativeHandle(ref, () => ({ open: () => readOnly === null && setText(value) }), [value, readOnly]);
  useEffect(() => {
    if (!editing) return;
    field.current?.focus();
    field.current?.setSelectionRange(field.current.value.length, field.current.value.length);
  }, [editing]);
  const keep = () => {
    if (text !== null && text.trim() !== value) onKeep(text.trim());
    setText(null);
  };
  if (text === null) {
    return (
      <button
        type="button"
        aria-label={`${label}: ${value || empty}`}
        title={readOnly ?? undefined}
        disabled={readOnly !== null}
        onClick={() => setText(value)}
        className={`min-w-0 break-words text-left enabled:cursor-text disabled:opacity-100 ${changed ? "text-blue" : value === "" ? "text-graphite" : ""} ${className}`}
      >
        {value || empty}
      </button>
    );
  }
  return (
    <textarea
      ref={field}
      aria-label={label}
      value={text}
      rows={1}
      onChange={(e) => setText(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => {
        if (e.key === "Enter" && !e.nativeEvent.isComposing) keep();
        else if (e.key === "Escape") setText(null);
        else return;
        e.preventDefault();
        e.stopPropagation();
      }}
      className={`w-full resize-none border-blue border-b bg-transparent outline-none [field-sizing:content] ${className}`}
    />
  );
}
