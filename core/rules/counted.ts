import type { RuleFacts } from "./rule.ts";

const number = new Intl.NumberFormat("en-GB");

/** How many pages a rule finds something on, in two parts: “7 titles” and “are cut on desktop”. */
export function countedAs({ counted }: Pick<RuleFacts, "counted">, pages: number): { what: string; rest: string } {
  const [, noun = "", rest = ""] = /^# (\S+) (.*)$/s.exec(counted[pages === 1 ? 0 : 1]) ?? [];
  return { what: `${number.format(pages)} ${noun}`, rest };
}
