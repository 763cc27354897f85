import { defaultKeymap } from "@codemirror/commands";
import { json } from "@codemirror/lang-json";
import { setDiagnostics } from "@codemirror/lint";
import { Annotation, EditorState } from "@codemirror/state";
import { EditorView, keymap, lineNumbers } from "@codemirror/view";
import { useEffect, useRef } from "react";
import type { Weight } from "#core/settings/setting";
import { Echoes } from "../../ui/echoes";
import { look } from "./source-look";

/** A finding at its place in a block, in offsets of its text. */
export interface DataMark {
  from: number;
  to: number;
  weight: Weight;
  message: string;
}

const SEVERITY = { must: "error", should: "warning", may: "info" } as const;

/** A change that comes from elsewhere: an entry, an undo. */
const FROM_OUTSIDE = Annotation.define<boolean>();

/** The stretch in which two texts differ. */
function difference(was: string, is: string): { from: number; to: number; insert: string } {
  let from = 0;
  while (from < was.length && was[from] === is[from]) from++;
  let end = 0;
  while (end < Math.min(was.length, is.length) - from && was.at(-1 - end) === is.at(-1 - end)) end++;
  return { from, to: was.length - end, insert: is.slice(from, is.length - end) };
}

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
  const first = useRef(text);
  const changed = useRef(onChange);
  changed.current = onChange;
  /** What is typed comes back as the block's text, and not each letter of it. */
  const echoes = useRef(new Echoes());
  useEffect(() => {
    const nonce = document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce ?? "";
    view.current = new EditorView({
      parent: host.current ?? document.body,
      state: EditorState.create({
        doc: first.current,
        extensions: [
          EditorView.cspNonce.of(nonce),
          // Undo is the desk's, over entries and JSON alike.
          keymap.of(defaultKeymap),
          EditorView.updateListener.of((update) => {
            if (!update.docChanged) return;
            const typed = update.state.doc.toString();
            if (!update.transactions.some((one) => one.annotation(FROM_OUTSIDE))) echoes.current.send(typed);
            changed.current(typed);
          }),
          EditorView.lineWrapping,
          EditorView.contentAttributes.of({ "aria-label": label, tabindex: "0" }),
          lineNumbers(),
          json(),
          look("auto"),
        ],
      }),
    });
    return () => view.current?.destroy();
  }, [label]);
  useEffect(() => {
    const editor = view.current;
    if (!editor) return;
    const now = editor.state.doc.toString();
    if (echoes.current.hear(text) !== "other" || now === text) return;
    const { from, to, insert } = difference(now, text);
    editor.dispatch({ changes: { from, to, insert }, annotations: FROM_OUTSIDE.of(true) });
  }, [text]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: places move with the text
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
