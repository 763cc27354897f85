import { defaultKeymap, history, historyKeymap } from "@codemirror/commands";
import { html } from "@codemirror/lang-html";
import { HighlightStyle, syntaxHighlighting } from "@codemirror/language";
import { setDiagnostics } from "@codemirror/lint";
import { unifiedMergeView } from "@codemirror/merge";
import { EditorState } from "@codemirror/state";
import { EditorView, highlightSpecialChars, keymap, lineNumbers } from "@codemirror/view";
import { tags } from "@lezer/highlight";
import { useEffect, useRef } from "react";
import type { Validity } from "#core/exchange/validity";
import { isTyped } from "../../ui/focus-on";
import { OWN_UNDO } from "../../ui/keys";
import { look } from "./source-look";

// Weight and tone tell tags from text: colours are kept for the two pencils.
const tones = HighlightStyle.define([
  { tag: [tags.tagName, tags.angleBracket, tags.attributeName], color: "var(--ink-soft)" },
  { tag: tags.comment, color: "var(--graphite)" },
]);

/** A source to be read, with what differs from the original marked, and messages at their places. */
export default function SourceView({
  source,
  original,
  messages,
  line,
  onChange,
}: {
  source: string;
  original: string;
  /** What is typed; without it the source can only be read. */
  onChange?: (text: string) => void;
  messages: readonly Validity[];
  /** The line to be shown; null for none. */
  line: number | null;
}) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView>(undefined);
  const changed = useRef(onChange);
  changed.current = onChange;
  const editable = onChange !== undefined;
  useEffect(() => {
    const nonce = document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce ?? "";
    view.current = new EditorView({
      parent: host.current ?? document.body,
      state: EditorState.create({
        doc: source,
        extensions: [
          EditorView.cspNonce.of(nonce),
          ...(editable
            ? [
                history(),
                keymap.of([...defaultKeymap, ...historyKeymap]),
                EditorView.updateListener.of(
                  (update) => update.docChanged && changed.current?.(update.state.doc.toString()),
                ),
              ]
            : [EditorState.readOnly.of(true)]),
          EditorView.lineWrapping,
          EditorView.contentAttributes.of({
            "aria-label": "Source of this page",
            tabindex: "0",
            ...(editable && OWN_UNDO),
          }),
          lineNumbers(),
          highlightSpecialChars(),
          html(),
          syntaxHighlighting(tones),
          look("420px"),
          ...(source === original || editable
            ? []
            : [
                unifiedMergeView({
                  original,
                  mergeControls: false,
                  highlightChanges: true,
                  collapseUnchanged: { margin: 3 },
                }),
              ]),
        ],
      }),
    });
    // Whoever has asked to write goes on here, unless something else is typed by now.
    if (editable && !(document.activeElement && isTyped(document.activeElement))) view.current.focus();
    return () => view.current?.destroy();
  }, [source, original, editable]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another source makes another view
  useEffect(() => {
    const editor = view.current;
    if (!editor) return;
    const { doc } = editor.state;
    const diagnostics = messages.flatMap((one) => {
      if (one.line > doc.lines) return [];
      const from = Math.min(doc.length, doc.line(one.line).from + one.column - 1);
      const to = Math.min(doc.length, from + Math.max(1, one.size));
      const severity =
        one.weight === "must" ? ("error" as const) : one.weight === "should" ? ("warning" as const) : ("info" as const);
      return [{ from, to, severity, message: one.message }];
    });
    editor.dispatch(setDiagnostics(editor.state, diagnostics));
  }, [messages, source]);
  useEffect(() => {
    const editor = view.current;
    if (!editor || line === null || line > editor.state.doc.lines) return;
    const { from } = editor.state.doc.line(line);
    editor.dispatch({ selection: { anchor: from }, effects: EditorView.scrollIntoView(from, { y: "center" }) });
  }, [line]);
  return <div ref={host} className="mt-3 border-hairline border-y" />;
}
