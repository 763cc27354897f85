import { useEffect, useRef } from "react";
import { useNotices } from "./notice";

const number = new Intl.NumberFormat("en-GB");

/** How far long work has come, in numbers: seen as it comes, heard every tenth. */
export function HowFar({
  before = "",
  done,
  of,
  after = "",
}: {
  before?: string;
  done: number;
  of: number;
  after?: string;
}) {
  const { announce, silence } = useNotices();
  const tenth = Math.floor((10 * done) / Math.max(1, of));
  const told = `${before}${number.format(done)} of ${number.format(of)}${after}`;
  const spoken = useRef("");
  // biome-ignore lint/correctness/useExhaustiveDependencies: what lies between two tenths is not spoken
  useEffect(() => {
    spoken.current = told;
    announce(told);
  }, [tenth, of, before]);
  // What is over is not left standing for who comes to it later.
  useEffect(() => () => silence(spoken.current), [silence]);
  return <span className="tabular-nums">{told}</span>;
}
