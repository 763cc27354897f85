import { useState } from "react";
import { Action, fieldClass } from "../../ui/controls";
import { useUnkept } from "../../ui/unkept";

const FIELDS = {
  text: ["New text"],
  heading: ["New heading"],
  question: ["Question", "Answer"],
} as const;

/**
 * Fields for what is to be put onto the page: a text, a heading, or a question with its answer. It is put there when the
 * fields are left, as far as it is whole. What was typed as one kind stands in the first field of another.
 */
export function NewText({
  what,
  begun = [],
  onTyped,
  onPut,
  onClose,
}: {
  what: keyof typeof FIELDS;
  /** What was typed before, at another place. */
  begun?: readonly string[];
  onTyped?: (texts: string[]) => void;
  /** Given one text for each field, trimmed; gives back the reason where they cannot be put there. */
  onPut: (texts: string[]) => string | null | undefined;
  onClose: () => void;
}) {
  const names = FIELDS[what];
  const [typed, setTyped] = useState<readonly string[]>(begun);
  const [refused, setRefused] = useState<{ texts: string; reason: string } | null>(null);
  const texts = names.map((_, i) => typed[i] ?? "");
  const ready = texts.every((text) => text.trim() !== "");
  const type = (next: string[]) => {
    setTyped(next);
    onTyped?.(next);
  };
  const put = () => {
    const whole = texts.join("\n");
    if (!ready || refused?.texts === whole) return false;
    const reason = onPut(texts.map((text) => text.trim()));
    if (reason) setRefused({ texts: whole, reason });
    else {
      onTyped?.([]);
      onClose();
    }
    return !reason;
  };
  const leave = () => {
    onTyped?.([]);
    onClose();
  };
  const unfinished = texts.some((text) => text.trim() !== "");
  const unkept = unfinished ? `What you wrote is not on the page yet: “${texts.join(" ").trim()}”.` : null;
  useUnkept(unkept, ready ? async () => put() : undefined);
  return (
    <form
      className="my-2 grid gap-2 border-blue border-l-2 pl-3"
      onSubmit={(event) => {
        event.preventDefault();
        put();
      }}
      onBlur={({ currentTarget, relatedTarget }) => {
        if (!currentTarget.contains(relatedTarget) && document.hasFocus()) put();
      }}
    >
      {names.map((name, i) => {
        const field = {
          "aria-label": name,
          placeholder: name,
          autoFocus: i === 0,
          value: texts[i] ?? "",
          onChange: ({ target }: { target: { value: string } }) => type(texts.with(i, target.value)),
          onKeyDown: ({ key }: { key: string }) => key === "Escape" && leave(),
          className: fieldClass,
        };
        return i === names.length - 1 && what !== "heading" ? (
          <textarea key={name} rows={2} {...field} />
        ) : (
          <input key={name} {...field} />
        );
      })}
      {refused && (
        <p role="alert" className="text-red">
          Not added. {refused.reason}
        </p>
      )}
      <span className="flex gap-4">
        <Action type="submit" disabled={!ready}>
          Add it there
        </Action>
        <Action onClick={leave}>Cancel</Action>
      </span>
    </form>
  );
}
