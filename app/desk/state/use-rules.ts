import { useEffect, useState } from "react";

interface Rules {
  auditor: typeof import("#core/audit/auditor")["auditor"];
  told: typeof import("#core/rules/told")["TOLD"];
}

let loaded: Rules | null = null;

async function load(): Promise<Rules> {
  const [{ auditor }, { TOLD }] = await Promise.all([import("#core/audit/auditor"), import("#core/rules/told")]);
  loaded = { auditor, told: TOLD };
  return loaded;
}

/** The rules, as large as all else that the desk needs: null until they are there, a moment after the page. */
export function useRules(): Rules | null {
  const [rules, setRules] = useState(loaded);
  const [fault, setFault] = useState<{ error: unknown } | null>(null);
  useEffect(() => {
    if (rules) return;
    let gone = false;
    load().then(
      (all) => !gone && setRules(all),
      (error) => !gone && setFault({ error }),
    );
    return () => {
      gone = true;
    };
  }, [rules]);
  if (fault) throw fault.error;
  return rules;
}
