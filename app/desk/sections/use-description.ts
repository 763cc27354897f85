import { useEffect, useState } from "react";

/** What schema.org says that a term means. The descriptions are long, and loaded when one is first asked for. */
export function useDescription(name: string): string {
  const [description, setDescription] = useState("");
  useEffect(() => {
    let gone = false;
    setDescription("");
    if (name !== "")
      void import("#core/structured-data/descriptions").then(({ describe }) => !gone && setDescription(describe(name)));
    return () => {
      gone = true;
    };
  }, [name]);
  return description;
}
