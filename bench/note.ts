/** Notes one measurement: what it was of, what came out, the bar, and whether it was met. */
export type Note = (what: string, result: string, bar: string, met: boolean) => void;
