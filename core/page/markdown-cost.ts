/** What makes Markdown slow to read: each one's microseconds, and nanoseconds for each pair of them in one stretch. */
interface Cost {
  what: string;
  pattern: RegExp;
  each: number;
  pairs?: number;
}

// Measured with the parser that reads it; it goes back over what it has read for some of these.
const COSTS: readonly Cost[] = [
  { what: "characters", pattern: /[^\n]/g, each: 2 },
  { what: "signs that may begin markup", pattern: /[\\<&]/g, each: 7 },
  { what: "addresses", pattern: /@|www\.|:\/\//gi, each: 40 },
  { what: "lines", pattern: /\n/g, each: 40 },
  { what: "list items", pattern: /^[ \t>]*(?:[-*+]|\d{1,9}[.)])(?=\s)/gm, each: 110 },
  { what: "table cells", pattern: /\|/g, each: 50 },
  { what: "underlined headings and rules", pattern: /^[ \t>]*(?:=+|-+)[ \t]*$/gm, each: 100, pairs: 200 },
  { what: "definitions and footnotes", pattern: /^[ \t>]*\[[^\]\n]*\]:/gm, each: 90, pairs: 400 },
];
/** Emphasis, links, pictures and code, in one paragraph. */
const MARKS: Cost = { what: "marks of emphasis, links and code", pattern: /[*_~[\]`!]/g, each: 10, pairs: 14 };
/** For each bracket that closes nothing, all that was read of the paragraph is gone through for one that opens. */
const STRAY: Cost = { what: "brackets that close nothing", pattern: /\]/g, each: 10, pairs: 100 };
/** What goes on until it is closed, and is looked for to the end of the paragraph each time that it is not. */
const OPENINGS = [
  { opens: /<!--/g, closes: "-->" },
  { opens: /<\?/g, closes: "?>" },
  { opens: /<!\[CDATA\[/g, closes: "]]>" },
  { opens: /<![A-Za-z]/g, closes: ">" },
];
/** Microseconds for each of them and each character of its paragraph. */
const FOR_CHARACTER = 0.04;

/** How many things are opened behind the last place where one is closed. */
const unclosed = (stretch: string): number =>
  OPENINGS.reduce((sum, { opens, closes }) => sum + count(stretch.slice(stretch.lastIndexOf(closes) + 1), opens), 0);

/** Microseconds that reading may take. */
const MOST = 700_000;
/** Quotes and lists in each other. */
const DEEPEST = 100;
const CONTAINERS = /^(?:[ \t]*(?:>|[-*+](?=\s)|\d{1,9}[.)](?=\s)))+/gm;

const count = (text: string, pattern: RegExp): number => text.match(pattern)?.length ?? 0;
const costOf = ({ each, pairs = 0 }: Cost, n: number): number => n * each + (n * n * pairs) / 1000;

/** Why Markdown is not read: it is nested too deep, or would take seconds for what it holds most of; null where it is read. */
export function tooMuch(source: string): { deep: true } | { what: string; times: number } | null {
  for (const [line] of source.matchAll(CONTAINERS)) {
    const indent = line.length - line.trimStart().length;
    if (count(line, />|[-*+]|\d+[.)]/g) + indent / 2 > DEEPEST) return { deep: true };
  }
  // Nothing small takes long.
  if (source.length < 8_000) return null;
  const costs = COSTS.map((cost) => {
    const times = count(source, cost.pattern);
    return { what: cost.what, times, takes: costOf(cost, times) };
  });
  const marks = { what: MARKS.what, times: 0, takes: 0 };
  const stray = { what: STRAY.what, times: 0, takes: 0 };
  const add = (sum: typeof marks, cost: Cost, times: number) => {
    sum.times += times;
    sum.takes += costOf(cost, times);
  };
  const open = { what: "comments and the like without an end", times: 0, takes: 0 };
  for (const stretch of source.split(/\n[ \t]*\n/)) {
    const opened = unclosed(stretch);
    open.times += opened;
    open.takes += opened * stretch.length * FOR_CHARACTER;
    add(marks, MARKS, count(stretch, MARKS.pattern));
    add(stray, STRAY, Math.max(0, count(stretch, STRAY.pattern) - count(stretch, /\[/g)));
  }
  costs.push(marks, stray, open);
  if (costs.reduce((sum, { takes }) => sum + takes, 0) <= MOST) return null;
  const [most] = costs.sort((a, b) => b.takes - a.takes);
  return { what: most?.what ?? "", times: most?.times ?? 0 };
}
