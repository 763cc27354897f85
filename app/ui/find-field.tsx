import { useRef } from "react";
import { useKeys } from "./keys";

/** The field of a screen that narrows its list to what is typed. The key / leads to it. */
export function FindField({
  label,
  placeholder,
  value,
  onChange,
  onEnter,
  className,
}: {
  label: string;
  placeholder: string;
  value: string;
  onChange: (text: string) => void;
  onEnter?: () => void;
  className: string;
}) {
  const field = useRef<HTMLInputElement>(null);
  useKeys("/", () => field.current?.focus(), { preventDefault: true });
  return (
    <input
      ref={field}
      type="search"
      aria-label={label}
      placeholder={placeholder}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      onKeyDown={(e) => e.key === "Enter" && onEnter?.()}
      className={`border-edge border-b bg-transparent ${className}`}
    />
  );
}
