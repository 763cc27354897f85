import { DropdownMenu } from "radix-ui";
import { findingsCsv, findingsHtml, findingsMarkdown } from "#core/exchange/findings-report";
import { menuItem } from "../ui/frame";

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
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="text-blue hover:underline">Copy as a document</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={4} className="floating z-50 min-w-56 p-1.5">
          {(Object.keys(DOCUMENTS) as DocumentName[]).map((name) => (
            <DropdownMenu.Item key={name} className={menuItem} onSelect={() => onGive(name, "copy")}>
              Copy as {name}
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Separator className="my-1.5 h-px bg-hairline" />
          <DropdownMenu.Item className={menuItem} onSelect={() => onGive("HTML", "save")}>
            Save as a page (HTML)
          </DropdownMenu.Item>
          <DropdownMenu.Item className={menuItem} onSelect={() => onGive("CSV", "save")}>
            Save as a spreadsheet (CSV)
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
