import { Bold, Code, CornerDownLeft, Italic, Link } from "lucide-react";
import { baseKeymap } from "prosemirror-commands";
import { history, redo, undo } from "prosemirror-history";
import { keymap } from "prosemirror-keymap";
import type { Slice } from "prosemirror-model";
import { type Command, EditorState, TextSelection } from "prosemirror-state";
import { EditorView } from "prosemirror-view";
import { useOfPage } from "../../ui/of-page";
import "prosemirror-view/style/prosemirror.css";
import { type MouseEvent, useEffect, useId, useRef, useState } from "react";
import type { Piece } from "#core/rewrite/content";
import { notForHref } from "#core/rewrite/operations/set-link-href";
import { Action, IconButton } from "../../ui/controls";
import { OWN_UNDO } from "../../ui/keys";
import { useUnkept } from "../../ui/unkept";
import { useNewest } from "../../ui/use-newest";
import { breakLine, hasMark, linkAt, pasted, TOGGLES, textOf, withLink } from "./paragraph-commands";
import { docOf, piecesOf } from "./paragraph-schema";

const done =
  (run: () => void): Command =>
  () => {
    run();
    return true;
  };

/** A press of a button leaves the cursor in the text. */
const stay = (event: MouseEvent) => event.preventDefault();
const isAddress = (href: string) => href.trim() !== "" && notForHref(href.trim()) === null;
const buttonClass =
  "grid h-7 w-7 place-items-center rounded text-ink-soft enabled:hover:text-ink disabled:opacity-40 aria-pressed:bg-marker aria-pressed:text-ink";

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
  const words = useOfPage();
  const view = useRef<EditorView | null>(null);
  const [state, setState] = useState(() => EditorState.create({ doc: docOf(pieces) }));
  const [href, setHref] = useState<string | null>(null);
  const [refused, setRefused] = useState<{ reason: string; doc: unknown } | null>(null);
  const reasonId = useId();
  useUnkept(refused ? `The text that you changed is not kept. ${refused.reason}` : null);
  const begun = useRef(state.doc);
  const copied = useRef<Slice | null>(null);

  const setLink = (to: string | null) => {
    const editor = view.current;
    if (editor) editor.dispatch(withLink(editor.state, to));
    setHref(null);
  };
  const keep = (byKey: boolean) => {
    // A link's address that stands in its field is meant.
    if (href !== null && isAddress(href)) setLink(href.trim());
    const { doc } = view.current?.state ?? state;
    if (doc.eq(begun.current)) return onClose(byKey);
    if (refused?.doc === doc) return;
    const reason = onKeep(piecesOf(doc));
    if (reason) setRefused({ reason, doc });
    else onClose(byKey);
  };
  const askLink = (now: EditorState): boolean => {
    const { from, to, href } = linkAt(now);
    if (from === to) return false;
    setHref(href);
    return true;
  };
  const newest = useNewest({ keep, askLink, close: () => onClose(true) });

  useEffect(() => {
    if (!place.current) return;
    const keys = keymap({
      "Mod-b": TOGGLES.strong,
      "Mod-i": TOGGLES.emphasis,
      "Mod-e": TOGGLES.code,
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
        ...words,
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
      clipboardTextSerializer(slice) {
        copied.current = slice;
        return textOf(slice);
      },
      handlePaste(editor, event) {
        const text = event.clipboardData?.getData("text/plain") ?? "";
        editor.dispatch(pasted(editor.state, text, copied.current));
        return true;
      },
      // What is typed here is for nobody else; what it does not know is for the rest of the screen.
      handleKeyDown: ({ state: now }, event) => {
        const { from, to } = linkAt(now);
        const palette = event.key === "k" && (event.ctrlKey || event.metaKey) && from === to;
        if (!palette) event.stopPropagation();
        return false;
      },
    });
    view.current = made;
    made.focus();
    return () => made.destroy();
  }, [label, newest, words]);

  const run = (command: Command) => {
    const editor = view.current;
    if (!editor) return;
    command(editor.state, editor.dispatch);
    editor.focus();
  };
  const wrong = href === null || href === "" ? null : notForHref(href.trim());
  const buttons = [
    { mark: "emphasis", name: "Emphasis", keys: "Ctrl+I", icon: Italic },
    { mark: "strong", name: "Strong", keys: "Ctrl+B", icon: Bold },
    { mark: "code", name: "Code", keys: "Ctrl+E", icon: Code },
  ] as const;
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
              aria-pressed={hasMark(state, mark)}
              className={buttonClass}
              onMouseDown={stay}
              onClick={() => run(TOGGLES[mark])}
            >
              <Icon size={14} />
            </IconButton>
          ))}
          <IconButton
            name="Link"
            keys="Ctrl+K"
            aria-pressed={hasMark(state, "link")}
            className={buttonClass}
            disabled={linkAt(state).from === linkAt(state).to}
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
          <Action onClick={() => onClose(true)}>Cancel</Action>
        </div>
      ) : (
        <form
          className="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 font-sans text-12"
          onSubmit={(event) => {
            event.preventDefault();
            event.stopPropagation();
            if (!isAddress(href)) return;
            setLink(href.trim());
            view.current?.focus();
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
              className="min-w-0 flex-1 border-edge border-b bg-transparent font-mono"
            />
          </label>
          <Action type="submit" disabled={!isAddress(href)}>
            Set the link
          </Action>
          {linkAt(state).href !== "" && (
            <Action
              onClick={() => {
                setLink(null);
                view.current?.focus();
              }}
            >
              Take the link out
            </Action>
          )}
          {wrong && <span className="w-full text-red">{wrong}</span>}
        </form>
      )}
    </section>
  );
}
