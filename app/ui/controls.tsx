import { Tooltip } from "radix-ui";
import { type ComponentProps, useId, useState } from "react";
import { REMOVES } from "./focus-on";
import { isLetter, keyFor, useLetters } from "./letters";

/** A button with an icon only; its name and shortcut show in a tooltip. */
export function IconButton({
  name,
  keys,
  children,
  ...rest
}: { name: string; keys?: string } & ComponentProps<"button">) {
  return (
    <Tooltip.Root>
      <Tooltip.Trigger asChild>
        <button
          type="button"
          aria-label={name}
          className="grid h-7 w-7 place-items-center rounded text-ink-soft hover:text-ink"
          {...rest}
        >
          {children}
        </button>
      </Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content sideOffset={4} className="floating z-50 px-2 py-1 text-12">
          {name} {keys && <Keys>{keys}</Keys>}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}

/** What a key is called; one of one sign as the editor has set it, if at all. */
export function Keys({ children }: { children: string }) {
  const letters = useLetters();
  const letter = children.toLowerCase();
  if (isLetter(letter) && letters.off) return null;
  return (
    <kbd className="rounded border border-hairline px-1.5 font-mono text-12 text-ink-soft">
      {isLetter(letter) ? keyFor(letters, letter).toUpperCase() : children}
    </kbd>
  );
}

type Pressed = ComponentProps<"button">["onClick"];

/** While something is under way its button does nothing when it is pressed, not even send a form, and keeps the focus. */
const whileBusy = (busy: boolean, onClick: Pressed): ComponentProps<"button"> =>
  busy ? { "aria-disabled": true, onClick: (press) => press.preventDefault() } : { onClick };

/**
 * An action in the text: blue pencil.
 *
 * @param busy It is under way.
 * @param removes It takes something away: the focus never lands on it by itself.
 */
export function Action({
  className = "",
  type = "button",
  busy = false,
  removes = false,
  onClick,
  ...rest
}: ComponentProps<"button"> & { busy?: boolean; removes?: boolean }) {
  return (
    <button
      type={type}
      className={`text-left text-blue hover:underline disabled:no-underline aria-disabled:opacity-40 ${className}`}
      {...whileBusy(busy, onClick)}
      {...(removes && { [REMOVES]: "" })}
      {...rest}
    />
  );
}

/**
 * The one thing to do on a screen.
 *
 * @param busy It is under way.
 */
export function MainButton({
  className = "",
  busy = false,
  onClick,
  ...rest
}: ComponentProps<"button"> & { busy?: boolean }) {
  return (
    <button
      type="button"
      className={`rounded bg-ink px-4 py-2 text-15 font-medium text-sheet hover:opacity-90 disabled:opacity-40 aria-disabled:opacity-40 ${className}`}
      {...whileBusy(busy, onClick)}
      {...rest}
    />
  );
}

/** A choice inside a sentence: underlined words that open a list. */
export function WordSelect({
  label,
  value,
  options,
  onChange,
  className = "",
}: {
  label: string;
  value: string;
  options: readonly (readonly [value: string, words: string])[];
  onChange: (value: string) => void;
  className?: string;
}) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      className={`max-w-[14.375rem] cursor-pointer [field-sizing:content] truncate border-graphite border-b border-dotted bg-transparent px-0.5 text-ink ${className}`}
    >
      {options.map(([one, words]) => (
        <option key={one} value={one}>
          {words}
        </option>
      ))}
    </select>
  );
}

export const fieldClass = "w-full rounded border border-edge bg-sheet px-2.5 py-1.5 text-15";

/** A number inside a sentence. What is no number in range is put right when the field is left. */
export function NumberField({
  label,
  value,
  min,
  max,
  onChange,
}: {
  label: string;
  value: number;
  min: number;
  max: number;
  onChange: (value: number) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  /** Why what was typed is not what stands there now. */
  const [why, setWhy] = useState("");
  const whyId = useId();
  const leave = () => {
    if (typed !== null && typed.trim() !== String(value)) {
      const number = Math.round(Number(typed));
      const isNumber = typed.trim() !== "" && Number.isFinite(number);
      const next = isNumber ? Math.min(max, Math.max(min, number)) : value;
      if (isNumber) onChange(next);
      setWhy(
        !isNumber
          ? `${typed.trim() === "" ? "Nothing" : `“${typed.trim().slice(0, 20)}”`} is no number; it stays at ${value}.`
          : String(next) === typed.trim()
            ? ""
            : `${typed.trim()} is not possible: whole numbers from ${min} to ${max}.`,
      );
    }
    setTyped(null);
  };
  return (
    <>
      <input
        aria-label={label}
        aria-describedby={why ? whyId : undefined}
        inputMode="numeric"
        value={typed ?? String(value)}
        onChange={(e) => {
          setWhy("");
          setTyped(e.target.value);
          const number = Number(e.target.value);
          if (e.target.value.trim() !== "" && Number.isInteger(number) && number >= min && number <= max)
            onChange(number);
        }}
        onBlur={leave}
        style={{ width: `${Math.max(3, String(value).length + 1)}ch` }}
        className="border-graphite border-b bg-transparent text-center font-medium tabular-nums"
      />
      <span id={whyId} role="status" className={why ? "ml-2 text-12 text-red" : "sr-only"}>
        {why}
      </span>
    </>
  );
}
