import { useState } from "react";
import { Action, fieldClass } from "../../ui/controls";

const FIELDS = {
  text: ["New text"],
  heading: ["New heading"],
  question: ["Question", "Answer"],
} as const;

/** Fields for what is to be put onto the page: a text, a heading, or a question with its answer. */
export function NewText({
  what,
  onPut,
  onClose,
}: {
  what: keyof typeof FIELDS;
  /** Given one text for each field, trimmed; gives back the reason where they cannot be put there. */
  onPut: (texts: string[]) => string | null | undefined;
  onClose: () => void;
}) {
  const names = FIELDS[what];
  const [texts, setTexts] = useState<string[]>(names.map(() => ""));
  const [reason, setReason] = useState("");
  const ready = texts.every((text) => text.trim() !== "");
  return (
    <form
      className="my-2 grid gap-2 border-blue border-l-2 pl-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!ready) return;
        const refused = onPut(texts.map((text) => text.trim()));
        setReason(refused ?? "");
        if (!refused) onClose();
      }}
    >
      {names.map((name, i) => {
        const field = {
          "aria-label": name,
          placeholder: name,
          autoFocus: i === 0,
          value: texts[i] ?? "",
          onChange: ({ target }: { target: { value: string } }) => setTexts(texts.with(i, target.value)),
          onKeyDown: ({ key }: { key: string }) => key === "Escape" && onClose(),
          className: fieldClass,
        };
        return i === names.length - 1 && what !== "heading" ? (
          <textarea key={name} rows={2} {...field} />
        ) : (
          <input key={name} {...field} />
        );
      })}
      {reason && (
        <p role="alert" className="text-red">
          Not put there. {reason}
        </p>
      )}
      <span className="flex gap-4">
        <Action type="submit" disabled={!ready}>
          Put it there
        </Action>
        <Action onClick={onClose}>Leave it</Action>
      </span>
    </form>
  );
}
