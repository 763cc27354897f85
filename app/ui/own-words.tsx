/** What the validator says in its own words, behind ours. */
export function OwnWords({ own, rule, className = "" }: { own: string | null; rule: string; className?: string }) {
  if (!own) return null;
  return (
    <details className={`text-soft ${className}`}>
      <summary className="w-max cursor-pointer text-blue">why</summary>
      The validator says: “{own}” ({rule}).
    </details>
  );
}
