import { useEffect } from "react";
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
  const { announce } = useNotices();
  const tenth = Math.floor((10 * done) / Math.max(1, of));
  const told = `${before}${number.format(done)} of ${number.format(of)}${after}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what lies between two tenths is not spoken
  useEffect(() => announce(told), [tenth, of, before]);
  return <span className="tabular-nums">{told}</span>;
}
