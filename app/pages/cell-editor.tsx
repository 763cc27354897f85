import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import { widthOf } from "#core/measure/width";
import { PAGE_KINDS } from "#core/page/page-kind";
import { descriptionStyle, titleStyle } from "#core/result/styles";
import { ofPage } from "../ui/of-page";
import type { EditedAs } from "./columns/column";
import type { CellRuler } from "./columns/text-cell";
import { WidthLine } from "./width-line";

/** How an edit in a cell ended: kept, with the direction to go on in, or given up. */
export type Leave = "down" | "right" | "left" | "stay";

/** A cell being edited: typed over the table, kept when it is left. Only the cell itself is drawn anew at a keystroke. */
export function CellEditor({
  label,
  language,
  edits,
  start,
  ruler,
  onKeep,
  onCancel,
}: {
  label: string;
  language: string;
  edits: EditedAs;
  start: string;
  ruler: CellRuler | null;
  onKeep: (text: string, leave: Leave) => void;
  onCancel: () => void;
}) {
  const [text, setText] = useState(start);
  const field = useRef<HTMLTextAreaElement & HTMLSelectElement>(null);
  const left = useRef(false);
  useEffect(() => {
    const element = field.current;
    element?.focus();
    if (element instanceof HTMLTextAreaElement) element.setSelectionRange(element.value.length, element.value.length);
  }, []);
  const keep = (value: string, leave: Leave) => {
    if (left.current) return;
    left.current = true;
    onKeep(value, leave);
  };
  const key = (event: KeyboardEvent) => {
    event.stopPropagation();
    if (event.key === "Enter") keep(text, "down");
    else if (event.key === "Tab") keep(text, event.shiftKey ? "left" : "right");
    else if (event.key === "Escape") {
      left.current = true;
      onCancel();
    } else return;
    event.preventDefault();
  };
  if (edits === "kind") {
    return (
      <select
        ref={field}
        aria-label={label}
        value={text}
        onKeyDown={key}
        onBlur={() => keep(text, "stay")}
        onChange={(e) => {
          setText(e.target.value);
          keep(e.target.value, "stay");
        }}
        className="w-full bg-sheet outline outline-1 outline-blue outline-offset-2"
      >
        {Object.entries(PAGE_KINDS).map(([kind, { one }]) => (
          <option key={kind} value={kind}>
            {one}
          </option>
        ))}
      </select>
    );
  }
  const style = ruler && ruler.limits.length === 1 ? titleStyle("desktop") : descriptionStyle("desktop");
  const px = ruler ? Math.round(widthOf(text.slice(0, 2000), style)) : 0;
  return (
    <div className="relative z-10 bg-sheet outline outline-1 outline-blue outline-offset-2">
      <textarea
        {...(edits === "slug" ? {} : ofPage(language))}
        ref={field}
        aria-label={label}
        value={text}
        rows={edits === "description" ? 4 : 2}
        spellCheck
        onKeyDown={key}
        onBlur={() => keep(text, "stay")}
        onChange={(e) => setText(e.target.value)}
        className={`block w-full resize-none bg-transparent outline-none ${edits === "slug" ? "font-mono text-12" : ""}`}
      />
      {ruler && (
        <>
          <WidthLine px={px} limits={ruler.limits} span={ruler.span} />
          <span className="text-12 text-ink-soft">{px} px</span>
        </>
      )}
    </div>
  );
}
