import { Bold, Code, CornerDownLeft, Italic, Link } from "lucide-react";
import { baseKeymap, toggleMark } from "prosemirror-commands";
import { history, redo, undo } from "prosemirror-history";
import { keymap } from "prosemirror-keymap";
import { type Command, EditorState, TextSelection } from "prosemirror-state";
import { EditorView } from "prosemirror-view";
import "prosemirror-view/style/prosemirror.css";
import { type MouseEvent, useEffect, useId, useRef, useState } from "react";
import type { Piece } from "#core/rewrite/content";
import { notForHref } from "#core/rewrite/operations/set-link-href";
import { Action, IconButton } from "../../ui/controls";
import { OWN_UNDO } from "../../ui/keys";
import { useNewest } from "../../ui/use-newest";
import { docOf, piecesOf, schema } from "./paragraph-schema";

/** Markup that words are given or lose: where all of them have it, it goes, whichever element of the page it is. */
const toggled =
  (name: string): Command =>
  (state, dispatch, view) => {
    const type = schema.marks[name];
    if (!type) return false;
    const { from, to, empty } = state.selection;
    if (empty || !state.doc.rangeHasMark(from, to, type)) return toggleMark(type)(state, dispatch, view);
    dispatch?.(state.tr.removeMark(from, to, type));
    return true;
  };

const breakLine: Command = (state, dispatch) => {
  const node = schema.nodes.break?.create();
  if (node) dispatch?.(state.tr.replaceSelectionWith(node).scrollIntoView());
  return true;
};

const done =
  (run: () => void): Command =>
  () => {
    run();
    return true;
  };

/** All words of the link in which the cursor or the selection stands; else those that are selected. */
function linked(state: EditorState): { from: number; to: number; href: string } {
  const { from, to, $from } = state.selection;
  const type = schema.marks.link;
  const mark = type && (($from.nodeAfter && type.isInSet($from.nodeAfter.marks)) || type.isInSet($from.marks()));
  if (!mark) return { from, to, href: "" };
  let [start, end] = [from, to];
  state.doc.forEach((node, at) => {
    if (!mark.isInSet(node.marks)) return;
    start = Math.min(start, at);
    end = Math.max(end, at + node.nodeSize);
  });
  return { from: start, to: end, href: String(mark.attrs.href) };
}

/** Words of another program come as words alone: what it writes around them is none of this page's. */
const plainPaste = (text: string) => text.replace(/\s*\n\s*/g, " ");

/** A press of a button leaves the cursor in the text. */
const stay = (event: MouseEvent) => event.preventDefault();
const buttonClass =
  "grid h-7 w-7 place-items-center rounded text-soft enabled:hover:text-ink disabled:opacity-40 aria-pressed:bg-marker aria-pressed:text-ink";

/** A text with its links, emphasis, code and line breaks, edited as it is seen. */
export default function ParagraphEditor({
  pieces,
  label,
  onKeep,
  onClose,
}: {
  pieces: readonly Piece[];
  label: string;
  /** The reason where it cannot be kept. */
  onKeep: (pieces: Piece[]) => string | null;
  onClose: (byKey: boolean) => void;
}) {
  const place = useRef<HTMLDivElement>(null);
  const box = useRef<HTMLElement>(null);
  const view = useRef<EditorView | null>(null);
  const [state, setState] = useState(() => EditorState.create({ doc: docOf(pieces), plugins: [history()] }));
  const [href, setHref] = useState<string | null>(null);
  const [refused, setRefused] = useState<{ reason: string; doc: unknown } | null>(null);
  const reasonId = useId();
  const begun = useRef(state.doc);

  const keep = (byKey: boolean) => {
    const { doc } = view.current?.state ?? state;
    if (doc.eq(begun.current)) return onClose(byKey);
    if (refused?.doc === doc) return;
    const reason = onKeep(piecesOf(doc));
    if (reason) setRefused({ reason, doc });
    else onClose(byKey);
  };
  const askLink = (now: EditorState): boolean => {
    const { from, to, href } = linked(now);
    if (from === to) return false;
    setHref(href);
    return true;
  };
  const newest = useNewest({ keep, askLink, close: () => onClose(true) });

  useEffect(() => {
    if (!place.current) return;
    const keys = keymap({
      "Mod-b": toggled("strong"),
      "Mod-i": toggled("emphasis"),
      "Mod-e": toggled("code"),
      "Mod-k": (now) => newest.askLink(now),
      "Mod-z": undo,
      "Mod-y": redo,
      "Mod-Shift-z": redo,
      "Shift-Enter": breakLine,
      Enter: done(() => newest.keep(true)),
      Escape: done(() => newest.close()),
    });
    const first = EditorState.create({ doc: begun.current, plugins: [history(), keys, keymap(baseKeymap)] });
    const made = new EditorView(place.current, {
      state: first.apply(first.tr.setSelection(TextSelection.atEnd(first.doc))),
      attributes: {
        role: "textbox",
        "aria-multiline": "true",
        "aria-label": label,
        class: "whitespace-pre-wrap break-words border-blue border-b outline-none",
      },
      dispatchTransaction(transaction) {
        const next = made.state.apply(transaction);
        made.updateState(next);
        setState(next);
      },
      handlePaste(editor, event) {
        const text = event.clipboardData?.getData("text/plain") ?? "";
        if (text !== "") editor.dispatch(editor.state.tr.insertText(plainPaste(text)));
        return true;
      },
      // What is typed here is for nobody else; what it does not know is for the rest of the screen.
      handleKeyDown: ({ state: now }, event) => {
        const { from, to } = linked(now);
        const palette = event.key === "k" && (event.ctrlKey || event.metaKey) && from === to;
        if (!palette) event.stopPropagation();
        return false;
      },
    });
    view.current = made;
    made.focus();
    return () => made.destroy();
  }, [label, newest]);

  const run = (command: Command) => {
    const editor = view.current;
    if (!editor) return;
    command(editor.state, editor.dispatch);
    editor.focus();
  };
  const setLink = (to: string | null) => {
    const editor = view.current;
    const type = schema.marks.link;
    if (!editor || !type) return;
    const { from, to: end } = linked(editor.state);
    const { tr, doc } = editor.state;
    const before = doc.nodeAt(from)?.marks.find((mark) => mark.type === type);
    tr.removeMark(from, end, type);
    // The same link leads elsewhere: what else is known of it stays.
    if (to !== null) tr.addMark(from, end, type.create({ of: before?.attrs.of ?? null, href: to }));
    editor.dispatch(tr);
    setHref(null);
    editor.focus();
  };
  const has = (name: string) => {
    const type = schema.marks[name];
    const { from, to, empty, $from } = state.selection;
    if (!type) return false;
    return empty
      ? type.isInSet(state.storedMarks ?? $from.marks()) !== undefined
      : state.doc.rangeHasMark(from, to, type);
  };
  const wrong = href === null || href === "" ? null : notForHref(href.trim());
  const buttons = [
    { mark: "emphasis", name: "Emphasis", keys: "Ctrl+I", icon: Italic },
    { mark: "strong", name: "Strong", keys: "Ctrl+B", icon: Bold },
    { mark: "code", name: "Code", keys: "Ctrl+E", icon: Code },
  ];
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: it only sees the focus leave
    <section
      ref={box}
      {...OWN_UNDO}
      className="min-w-0 flex-1"
      onBlur={({ relatedTarget }) => {
        // Leaving the window leaves the text as it is being written.
        if (document.hasFocus() && !box.current?.contains(relatedTarget)) keep(false);
      }}
    >
      <div ref={place} aria-describedby={refused ? reasonId : undefined} />
      {refused && (
        <span id={reasonId} role="alert" className="mt-1 block font-sans text-12 text-red">
          Not kept. {refused.reason}
        </span>
      )}
      {href === null ? (
        <div role="toolbar" aria-label="Markup" className="mt-1 flex flex-wrap items-center gap-1 font-sans text-12">
          {buttons.map(({ mark, name, keys, icon: Icon }) => (
            <IconButton
              key={mark}
              name={name}
              keys={keys}
              aria-pressed={has(mark)}
              className={buttonClass}
              onMouseDown={stay}
              onClick={() => run(toggled(mark))}
            >
              <Icon size={14} />
            </IconButton>
          ))}
          <IconButton
            name="Link"
            keys="Ctrl+K"
            aria-pressed={has("link")}
            className={buttonClass}
            disabled={linked(state).from === linked(state).to}
            onMouseDown={stay}
            onClick={() => view.current && askLink(view.current.state)}
          >
            <Link size={14} />
          </IconButton>
          <IconButton
            name="Line break"
            keys="Shift+Enter"
            className={buttonClass}
            onMouseDown={stay}
            onClick={() => run(breakLine)}
          >
            <CornerDownLeft size={14} />
          </IconButton>
          <span className="flex-1" />
          <Action className="mr-3" onClick={() => keep(true)}>
            Keep it
          </Action>
          <Action onClick={() => onClose(true)}>Leave it as it was</Action>
        </div>
      ) : (
        <form
          className="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 font-sans text-12"
          onSubmit={(event) => {
            event.preventDefault();
            event.stopPropagation();
            if (href.trim() !== "" && !wrong) setLink(href.trim());
          }}
        >
          <label className="flex min-w-0 flex-1 items-baseline gap-2">
            Leads to
            <input
              // biome-ignore lint/a11y/noAutofocus: it is asked for
              autoFocus
              value={href}
              onChange={(e) => setHref(e.target.value)}
              onKeyDown={(e) => {
                if (e.key !== "Escape") return;
                e.preventDefault();
                setHref(null);
                view.current?.focus();
              }}
              className="min-w-0 flex-1 border-hairline border-b bg-transparent font-mono outline-none"
            />
          </label>
          <Action type="submit" disabled={href.trim() === "" || wrong !== null}>
            Set the link
          </Action>
          {linked(state).href !== "" && <Action onClick={() => setLink(null)}>Take the link out</Action>}
          {wrong && <span className="w-full text-red">{wrong}</span>}
        </form>
      )}
    </section>
  );
}
