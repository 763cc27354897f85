import { Progress } from "radix-ui";

/** How far long work has come: a hairline that fills with ink. */
export function ProgressLine({ label, done, of }: { label: string; done: number; of: number }) {
  return (
    <Progress.Root aria-label={label} value={done} max={Math.max(1, of)} className="h-1 min-w-32 flex-1 bg-tint">
      <Progress.Indicator className="h-full bg-ink" style={{ width: `${(100 * done) / Math.max(1, of)}%` }} />
    </Progress.Root>
  );
}
