import { alternatives, namesIn } from "./dates.ts";

const NUMBERS = "one two three four five six seven eight nine ten eleven twelve".split(" ");

/** A time of the day in minutes from midnight. */
interface Time {
  minutes: number;
  /** Said with minutes, with its half of the day, or in words that are used for times alone. */
  sure: boolean;
  /** Whether it is before noon or after is told. */
  half: boolean;
  end: number;
}

const HALF = "(?<half>a\\.?m\\.?|p\\.?m\\.?|in the (?:morning|afternoon|evening)|at night)";
const TIME = new RegExp(
  `(?<named>noon|midday|midnight)|(?:(?:a )?(?<part>half|quarter) (?<way>past|to) )?(?<hour>\\d{1,2}|${NUMBERS.join("|")})(?:[:.h](?<minute>[0-5]\\d))?(?<clock>\\s+o.clock)?(?:\\s*${HALF}(?!\\p{L}))?(?![\\d\\p{L}])`,
  "iuy",
);

function timeAt(text: string, at: number): Time | null {
  TIME.lastIndex = at;
  const match = TIME.exec(text);
  if (!match?.groups) return null;
  const end = TIME.lastIndex;
  const { named, part, way, hour = "", minute, clock, half } = match.groups;
  if (named) return { minutes: /midnight/i.test(named) ? 1440 : 720, sure: true, half: true, end };
  const number = /^\d/.test(hour) ? Number(hour) : NUMBERS.indexOf(hour.toLowerCase()) + 1;
  if (number > 24) return null;
  const late = half !== undefined && /^p|afternoon|evening|night/i.test(half);
  const hours = late && number < 12 ? number + 12 : half && !late && number === 12 ? 0 : number;
  const past = part ? (/half/i.test(part) ? 30 : 15) * (/to/i.test(way ?? "") ? -1 : 1) : Number(minute ?? 0);
  const sure = Boolean(minute ?? part ?? clock ?? half);
  // “09:00” and “17:00” are of a clock with 24 hours.
  const whole = Boolean(half) || number > 12 || number === 0 || (minute !== undefined && /^0/.test(hour));
  return { minutes: hours * 60 + past, sure, half: whole, end };
}

const clock = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, "0")}:${String(minutes % 60).padStart(2, "0")}`;

export interface Hours {
  /** `HH:MM`. */
  from: string;
  /** Null where only the beginning is told. */
  to: string | null;
  exact: string;
}

const BETWEEN = /\s*(?:-|–|—|to|until|till|and|bis)\s+|\s*[-–—]\s*/iuy;

function hoursAt(text: string, at: number): { hours: Hours; sure: boolean } | null {
  const from = timeAt(text, at);
  if (!from) return null;
  BETWEEN.lastIndex = from.end;
  const to = BETWEEN.test(text) ? timeAt(text, BETWEEN.lastIndex) : null;
  if (!to) {
    return {
      hours: { from: clock(from.minutes % 1440), to: null, exact: text.slice(at, from.end) },
      sure: from.sure && (from.half || /o.clock/i.test(text.slice(at, from.end))),
    };
  }
  let [start, end] = [from.minutes, to.minutes];
  // “ten until five” ends in the afternoon, and “2–5 pm” begins there.
  if (!to.half && end <= start && end < 720) end += 720;
  if (!from.half && to.half && start < 420 && start + 720 < end) start += 720;
  return {
    hours: { from: clock(start % 1440), to: clock(end > 1440 ? end - 720 : end), exact: text.slice(at, to.end) },
    sure: from.sure || to.sure,
  };
}

/** The first time of the day in a text, with its end where that is told: “7 pm”, “19:00–21:00”, “at seven o’clock in the evening”. */
export function hoursIn(text: string): Hours | null {
  for (const { index } of text.matchAll(/(?<![\d.,:£€$\p{L}-])(?:\d|[a-z])/giu)) {
    const found = hoursAt(text, index);
    // A number alone may count anything.
    if (found?.sure) return found.hours;
  }
  return null;
}

/** As schema.org names them, from Monday. */
export const DAYS = "Monday Tuesday Wednesday Thursday Friday Saturday Sunday".split(" ");

/** Days of the week on which a place is open, with its hours. */
export interface OpenDays {
  /** From 0 for Monday, in order. */
  days: number[];
  opens: string;
  closes: string;
  exact: string;
}

const openings = new Map<string, RegExp>();

function openingsIn(language: string): RegExp {
  let ways = openings.get(language);
  if (!ways) {
    const plural = `(?:${alternatives(namesIn(language).days.keys())})\\.?s?`;
    const joined = `(?:\\s*(?:-|–|—|to|until|through|bis|,|and|&)\\s*${plural})`;
    ways = new RegExp(
      `(?<![\\p{L}])(?:(?<all>daily|every day|täglich)|(?<week>weekdays)|(?<end>weekends)|(?<some>${plural}${joined}*))(?![\\p{L}])(?:,|:|\\s)*(?:from|between|open|von)?\\s*`,
      "giu",
    );
    openings.set(language, ways);
  }
  return ways;
}

/** Lines of opening hours that one text may have: what has more is no place that is open for visitors. */
const MOST_LINES = 50;

/** Every line of opening hours in a text, up to `MOST_LINES`: “Tue–Fri 10:00–17:00”, “Tuesday to Sunday, ten in the morning until five”, “daily 9–5”. */
export function openDaysIn(text: string, language: string): OpenDays[] {
  const { days } = namesIn(language);
  const found: OpenDays[] = [];
  for (const match of text.matchAll(openingsIn(language))) {
    const hours = hoursAt(text, match.index + match[0].length)?.hours;
    if (!hours?.to || !match.groups) continue;
    const { all, week, end, some = "" } = match.groups;
    const on = all ? [0, 1, 2, 3, 4, 5, 6] : week ? [0, 1, 2, 3, 4] : end ? [5, 6] : daysOf(some, days);
    if (on.length === 0) continue;
    const until = match.index + match[0].length + hours.exact.length;
    found.push({ days: on, opens: hours.from, closes: hours.to, exact: text.slice(match.index, until) });
    if (found.length >= MOST_LINES) break;
  }
  return found;
}

function daysOf(text: string, days: ReadonlyMap<string, number>): number[] {
  const on = new Set<number>();
  let last = -1;
  let range = false;
  for (const [word] of text.matchAll(/[\p{L}]+|[-–—,&]/gu)) {
    const name = word.toLowerCase();
    const day = days.get(name) ?? days.get(name.replace(/s$/, ""));
    if (day === undefined) {
      range = /^(?:-|–|—|to|until|through|bis)$/.test(name);
      continue;
    }
    if (range && last >= 0) for (let one = last; one !== day; one = (one + 1) % 7) on.add(one);
    on.add(day);
    last = day;
    range = false;
  }
  return [...on].sort((a, b) => a - b);
}

const AMOUNTS: Record<string, number> = {
  ...Object.fromEntries(NUMBERS.map((word, i) => [word, i + 1])),
  a: 1,
  an: 1,
  fifteen: 15,
  twenty: 20,
  "twenty-five": 25,
  thirty: 30,
  forty: 40,
  "forty-five": 45,
  fifty: 50,
  sixty: 60,
  ninety: 90,
};
const AMOUNT = `\\d+(?:[.,]5)?½?|${alternatives(Object.keys(AMOUNTS))}`;
const DURATION = new RegExp(
  `(?<![\\p{L}\\d])(?:(?<halfHour>half an hour)|(?:(?<hours>${AMOUNT})\\s*(?:hours?|hrs?|h|Stunden?|heures?)(?<half> and a half)?(?!\\p{L}))?(?:\\s*(?:and\\s*)?(?<minutes>${AMOUNT})\\s*(?:minutes?|mins?|Minuten)(?!\\p{L}))?)`,
  "giu",
);

/** The first duration in hours and minutes, as ISO 8601 has it: “forty minutes” is PT40M, “1½ hours” PT1H30M. */
export function durationIn(text: string): { duration: string; exact: string } | null {
  const amount = (word: string | undefined) => {
    if (!word) return 0;
    const whole = AMOUNTS[word.toLowerCase()] ?? Number(word.replace("½", "").replace(",", "."));
    return whole + (word.includes("½") ? 0.5 : 0);
  };
  for (const match of text.matchAll(DURATION)) {
    const { halfHour, hours, half, minutes } = match.groups ?? {};
    const total = halfHour ? 30 : Math.round((amount(hours) + (half ? 0.5 : 0)) * 60 + amount(minutes));
    if (total > 0) return { duration: durationOf(total), exact: match[0].trim() };
  }
  return null;
}

/** Minutes as a duration of ISO 8601. */
export function durationOf(minutes: number): string {
  const [h, m] = [Math.floor(minutes / 60), minutes % 60];
  return `PT${h > 0 ? `${h}H` : ""}${m > 0 || h === 0 ? `${m}M` : ""}`;
}
