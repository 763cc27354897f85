import { useEffect, useState } from "react";
import { onPool, type PooledWorker } from "./pool";

/**
 * What a worker of the pool makes of something, worked out again whenever `work` is another function; null before the first
 * answer, where it has failed, or where there is no work. While the next answer is worked out the last one stays, and
 * `working` is true.
 *
 * @param work Keep it with `useMemo`.
 * @param fail Is told what goes wrong.
 */
export function useOnPool<T>(
  work: ((worker: PooledWorker) => Promise<T>) | null,
  fail: (error: unknown) => void,
): { made: T | null; working: boolean } {
  const [last, setLast] = useState<{ of: typeof work; made: T | null } | null>(null);
  useEffect(() => {
    if (!work) {
      setLast(null);
      return;
    }
    let gone = false;
    onPool(work).then(
      (made) => !gone && setLast({ of: work, made }),
      (error) => {
        if (gone) return;
        setLast({ of: work, made: null });
        fail(error);
      },
    );
    return () => {
      gone = true;
    };
  }, [work, fail]);
  return { made: work ? (last?.made ?? null) : null, working: work !== null && last?.of !== work };
}
