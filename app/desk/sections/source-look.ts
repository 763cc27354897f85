import { EditorView } from "@codemirror/view";

/** How sources look: paper and ink, changes underlined in blue. `height` as in CSS. */
export const look = (height: string) =>
  EditorView.theme({
    "&": { height, fontSize: "12px", backgroundColor: "var(--sheet)", color: "var(--ink)" },
    ".cm-scroller": { fontFamily: '"JetBrains Mono", monospace' },
    ".cm-gutters": { backgroundColor: "var(--paper)", color: "var(--ink-soft)", border: "none" },
    "& .cm-changedLine, & .cm-insertedLine": { backgroundColor: "var(--tint) !important" },
    "& .cm-changedText, & .cm-insertedLine .cm-changedText": {
      background: "none !important",
      borderBottom: "2px solid var(--blue)",
    },
    "& .cm-changedLineGutter": { background: "var(--blue) !important" },
    "& .cm-deletedLineGutter": { background: "var(--graphite) !important" },
    "& .cm-deletedChunk": { backgroundColor: "var(--paper) !important", color: "var(--ink-soft)" },
    "& .cm-deletedChunk .cm-deletedText": { background: "none !important", textDecoration: "line-through" },
    "& .cm-collapsedLines": { background: "var(--paper) !important", color: "var(--ink-soft)", padding: "4px 8px" },
    // A finding weighs by its line, not by its hue.
    "& .cm-lintRange": { backgroundImage: "none", paddingBottom: "0" },
    "& .cm-lintRange-error": { borderBottom: "2px solid var(--red)" },
    "& .cm-lintRange-warning": { borderBottom: "1px dashed var(--red)" },
    "& .cm-lintRange-info": { borderBottom: "1px dotted var(--graphite)" },
    "& .cm-tooltip": { backgroundColor: "var(--sheet)", color: "var(--ink)", border: "1px solid var(--hairline)" },
    "& .cm-diagnostic": { borderLeft: "none", fontFamily: '"Instrument Sans", sans-serif' },
    "& .cm-collapsedLines:before, & .cm-collapsedLines:after": { content: '""' },
  });
