import type { Passage } from "#core/standing/passages";
import { ofPage } from "../ui/of-page";

/** Exact under the marker, another form with a dotted line, scattered words with a dashed one. */
const MARKED = {
  exact: "bg-marker text-ink",
  form: "border-ink border-b-2 border-dotted bg-transparent",
  scattered: "border-ink border-b border-dashed bg-transparent",
} as const;
const TOLD = { exact: "exactly", form: "in another form", scattered: "scattered" } as const;

/** A sentence with the words of a phrase marked. */
export function MarkedSentence({
  sentence,
  marks,
  language,
}: Pick<Passage, "sentence" | "marks"> & { language: string }) {
  const pieces: React.ReactNode[] = [];
  let at = 0;
  for (const { start, end, kind } of [...marks].sort((a, b) => a.start - b.start)) {
    if (start < at) continue;
    pieces.push(
      sentence.slice(at, start),
      <mark key={start} title={TOLD[kind]} className={MARKED[kind]}>
        {sentence.slice(start, end)}
      </mark>,
    );
    at = end;
  }
  return (
    <span {...ofPage(language)}>
      {pieces}
      {sentence.slice(at)}
    </span>
  );
}
