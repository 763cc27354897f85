import type { Ref } from "react";

/** A table file that somebody chose. */
export interface ChosenTable {
  name: string;
  bytes: Uint8Array;
}

/** The hidden field that chooses a table file; a button presses it. One file can be chosen twice. */
export function TableInput({
  ref,
  label,
  onChosen,
}: {
  ref: Ref<HTMLInputElement>;
  label: string;
  onChosen: (table: ChosenTable) => void;
}) {
  return (
    <input
      ref={ref}
      type="file"
      hidden
      aria-label={label}
      accept=".csv,.tsv,.tab,.txt,text/csv"
      onChange={async ({ target }) => {
        const [file] = target.files ?? [];
        if (file) onChosen({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) });
        target.value = "";
      }}
    />
  );
}
