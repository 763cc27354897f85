const RIGHT_TO_LEFT =
  /[\p{Script=Arabic}\p{Script=Hebrew}\p{Script=Syriac}\p{Script=Thaana}\p{Script=Nko}\p{Script=Adlam}]/u;

/** Whether a text runs from right to left: its first letter does (HTML 3.2.6.4, `dir=auto`; UAX #9, P2 and P3). */
export function runsFromRight(text: string): boolean {
  const [first] = /\p{L}/u.exec(text) ?? [];
  return first !== undefined && RIGHT_TO_LEFT.test(first);
}
