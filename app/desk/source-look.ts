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
    "& .cm-collapsedLines:before, & .cm-collapsedLines:after": { content: '""' },
  });
