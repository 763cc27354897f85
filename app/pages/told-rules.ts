import { useEffect, useState } from "react";

export type Told = { rules: typeof import("#core/rules/told")["TOLD"]; subjects: Readonly<Record<string, string>> };

/** What each rule finds, by its id. The catalogue holds all rules, and the table need not wait for it. */
export function useToldRules(): Told | null {
  const [told, setTold] = useState<Told | null>(null);
  useEffect(() => {
    void import("#core/rules/told").then(({ TOLD, TOLD_SUBJECTS }) =>
      setTold({ rules: TOLD, subjects: TOLD_SUBJECTS }),
    );
  }, []);
  return told;
}
