import { findingsCsv, findingsHtml, findingsMarkdown } from "#core/exchange/findings-report";
import { Action } from "../ui/controls";
import { Menu, MenuItem, MenuLine } from "../ui/menu";

/** The document that findings are given out as: its name, its maker, its type. */
export const DOCUMENTS = {
  Markdown: { make: findingsMarkdown, file: "findings.md", type: "text/markdown" },
  HTML: { make: findingsHtml, file: "findings.html", type: "text/html" },
  CSV: { make: findingsCsv, file: "findings.csv", type: "text/csv" },
} as const;
export type DocumentName = keyof typeof DOCUMENTS;

/** The ways to give the findings to somebody who gets a document. */
export function Documents({ onGive }: { onGive: (name: DocumentName, how: "copy" | "save") => void }) {
  return (
    <Menu align="end" trigger={<Action>Copy as a document</Action>}>
      {(Object.keys(DOCUMENTS) as DocumentName[]).map((name) => (
        <MenuItem key={name} onChoose={() => onGive(name, "copy")}>
          Copy as {name}
        </MenuItem>
      ))}
      <MenuLine />
      <MenuItem onChoose={() => onGive("HTML", "save")}>Save as a page (HTML)</MenuItem>
      <MenuItem onChoose={() => onGive("CSV", "save")}>Save as a spreadsheet (CSV)</MenuItem>
    </Menu>
  );
}
