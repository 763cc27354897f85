/** What the validator says in its own words, behind ours. */
export function OriginalWords({
  words,
  rule,
  className = "",
}: {
  words: string | null;
  rule: string;
  className?: string;
}) {
  if (!words) return null;
  return (
    <details className={`text-ink-soft ${className}`}>
      <summary className="w-max cursor-pointer text-blue">why</summary>
      The validator says: “{words}” ({rule}).
    </details>
  );
}
