import { defaultKeymap, history, historyKeymap } from "@codemirror/commands";
import { json } from "@codemirror/lang-json";
import { setDiagnostics } from "@codemirror/lint";
import { EditorState } from "@codemirror/state";
import { EditorView, keymap, lineNumbers } from "@codemirror/view";
import { useEffect, useRef } from "react";
import type { Weight } from "#core/rules/setting";
import { look } from "./source-look";

/** A finding at its place in a block, in offsets of its text. */
export interface DataMark {
  from: number;
  to: number;
  weight: Weight;
  message: string;
}

const SEVERITY = { must: "error", should: "warning", may: "info" } as const;

/** The JSON of one block, to be read and edited, with what is found marked in place. */
export default function DataSource({
  text,
  marks,
  label,
  onChange,
}: {
  text: string;
  marks: readonly DataMark[];
  label: string;
  onChange: (text: string) => void;
}) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView>(undefined);
  const changed = useRef(onChange);
  changed.current = onChange;
  useEffect(() => {
    const nonce = document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce ?? "";
    view.current = new EditorView({
      parent: host.current ?? document.body,
      state: EditorState.create({
        doc: text,
        extensions: [
          EditorView.cspNonce.of(nonce),
          history(),
          keymap.of([...defaultKeymap, ...historyKeymap]),
          EditorView.updateListener.of((update) => update.docChanged && changed.current(update.state.doc.toString())),
          EditorView.lineWrapping,
          EditorView.contentAttributes.of({ "aria-label": label, tabindex: "0" }),
          lineNumbers(),
          json(),
          look("auto"),
        ],
      }),
    });
    return () => view.current?.destroy();
  }, [text, label]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another text makes another view
  useEffect(() => {
    const editor = view.current;
    if (!editor) return;
    const end = editor.state.doc.length;
    const diagnostics = marks.map(({ from, to, weight, message }) => ({
      from: Math.min(from, end),
      to: Math.min(Math.max(to, from + 1), end),
      severity: SEVERITY[weight],
      message,
    }));
    editor.dispatch(setDiagnostics(editor.state, diagnostics));
  }, [marks, text]);
  return <div ref={host} className="mt-2 border-hairline border-y" />;
}
