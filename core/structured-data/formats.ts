import currencies from "currency-codes";
import countries from "i18n-iso-countries/codes.json";

/** The extended forms of ISO 8601-1: a year, month, day, week or ordinal date (5.2), with a time or without (5.3, 5.4). */
const EXTENDED =
  /^(?<year>[+-]?\d{4}|[+-]\d{6})(?:-(?<month>\d\d)(?:-(?<day>\d\d))?|-W(?<week>\d\d)(?:-[1-7])?|-(?<ordinal>\d{3}))?(?<time>[T ](?<hour>\d\d)(?::(?<minute>\d\d)(?::(?<second>\d\d))?)?(?:[.,]\d+)?(?<zone>Z|[+-]\d\d(?::\d\d)?|[+-]\d{4})?)?$/;
/** The basic forms, without hyphens and colons. A month alone has none (5.2.2.2). */
const BASIC =
  /^(?<year>\d{4})(?:(?<month>\d\d)(?<day>\d\d)|W(?<week>\d\d)[1-7]?|(?<ordinal>\d{3}))(?<time>T(?<hour>\d\d)(?:(?<minute>\d\d)(?<second>\d\d)?)?(?:[.,]\d+)?(?<zone>Z|[+-]\d\d(?:\d\d)?)?)?$/;

/** A date as milliseconds of UTC, for comparing; null where it is no date of ISO 8601. A date without zone is taken as UTC. */
export function dateOf(text: string): number | null {
  const groups = (EXTENDED.exec(text) ?? BASIC.exec(text))?.groups;
  if (!groups) return null;
  const { year, month, day, week, ordinal, hour, minute, second, zone, time } = groups;
  // With a time the day must be whole (ISO 8601-1, 5.4.1).
  if (time && !day && !ordinal && !week) return null;
  if (time?.startsWith(" ")) return null;
  if (week && (Number(week) < 1 || Number(week) > 53)) return null;
  if (Number(hour ?? 0) > 24 || Number(minute ?? 0) > 59 || Number(second ?? 0) > 60) return null;
  const months = Number(month ?? 1);
  const days = Number(day ?? 1);
  const base = new Date(0);
  base.setUTCFullYear(Number(year), ordinal ? 0 : months - 1, ordinal ? Number(ordinal) : days);
  if (!ordinal && (base.getUTCMonth() !== months - 1 || base.getUTCDate() !== days)) return null;
  if (ordinal && base.getUTCFullYear() !== Number(year)) return null;
  const offset = zone && zone !== "Z" ? zoneMinutes(zone) : 0;
  const weeks = week ? (Number(week) - 1) * 7 : 0;
  return (
    base.getTime() +
    weeks * 86_400_000 +
    (Number(hour ?? 0) * 60 + Number(minute ?? 0) - offset) * 60_000 +
    Number(second ?? 0) * 1000
  );
}

const zoneMinutes = (zone: string) => {
  const [, sign = "+", hours = "0", minutes = "0"] = /^([+-])(\d\d):?(\d\d)?$/.exec(zone) ?? [];
  return (sign === "-" ? -1 : 1) * (Number(hours) * 60 + Number(minutes || 0));
};

/** A time of day (ISO 8601-1, 5.3). */
export const isTime = (text: string): boolean =>
  /^T?(?:[01]\d|2[0-3]):[0-5]\d(?::[0-5]\d)?(?:[.,]\d+)?(?:Z|[+-]\d\d(?::?\d\d)?)?$|^T?24:00(?::00)?$|^T(?:[01]\d|2[0-3])(?:[0-5]\d(?:[0-5]\d)?)?(?:[.,]\d+)?(?:Z|[+-]\d\d(?:\d\d)?)?$/.test(
    text,
  );

/** A duration (ISO 8601-1, 5.5.2): weeks alone, at least one of years to seconds, or the alternative form like a date. */
export const isDuration = (text: string): boolean =>
  /^P\d{4}-(?:0\d|1[0-2])-(?:[0-2]\d|3[01])(?:T(?:[01]\d|2[0-4]):[0-5]\d(?::[0-5]\d)?)?$|^P\d{8}(?:T\d{4}(?:\d\d)?)?$/.test(
    text,
  ) ||
  /^[+-]?P(?:\d+(?:[.,]\d+)?W|(?=\d|T\d)(?:\d+(?:[.,]\d+)?Y)?(?:\d+(?:[.,]\d+)?M)?(?:\d+(?:[.,]\d+)?D)?(?:T(?=\d)(?:\d+(?:[.,]\d+)?H)?(?:\d+(?:[.,]\d+)?M)?(?:\d+(?:[.,]\d+)?S)?)?)$/.test(
    text,
  );

const CURRENCIES = new Set(currencies.codes());
/** A currency by its three letters (ISO 4217). */
export const isCurrency = (text: string): boolean => CURRENCIES.has(text);

/** Tickers of currencies beside ISO 4217, which schema.org's priceCurrency allows (such as BTC); from memory. */
const TICKERS = new Set(
  "ADA AVAX BCH BNB BTC DAI DASH DOGE DOT EOS ETC ETH LINK LTC MATIC NEAR POL SHIB SOL TRX UNI USDC USDT XBT XLM XMR XRP XTZ ZEC".split(
    " ",
  ),
);
export const isTicker = (text: string): boolean => TICKERS.has(text);

const SYMBOLS: Record<string, string> = {
  "£": "GBP",
  "€": "EUR",
  "¥": "JPY",
  "₹": "INR",
  "₩": "KRW",
  "₺": "TRY",
  "₽": "RUB",
  zł: "PLN",
  kč: "CZK",
};
/** The currency that somebody may have meant: another case, or a sign that only one uses. */
export const meantCurrency = (text: string): string | null =>
  CURRENCIES.has(text.toUpperCase()) ? text.toUpperCase() : (SYMBOLS[text.toLowerCase()] ?? null);

const COUNTRIES = new Set((countries as string[][]).flatMap(([two = "", three = ""]) => [two, three]));
/** A country by its two or three letters (ISO 3166-1). */
export const isCountry = (text: string): boolean => COUNTRIES.has(text);

/** GS1's check digit over all digits, the last one included (GS1 General Specifications, 7.9). */
function gs1Sum(digits: string): number {
  return [...digits].reverse().reduce((sum, digit, i) => sum + Number(digit) * (i % 2 === 0 ? 1 : 3), 0);
}

/** A trade item number of 8, 12, 13 or 14 digits whose check digit is right. */
export const isGtin = (text: string): boolean => /^(?:\d{8}|\d{12,14})$/.test(text) && gs1Sum(text) % 10 === 0;

/** A book number of ten or thirteen digits whose check digit is right (ISO 2108); hyphens and spaces are allowed. */
export function isIsbn(text: string): boolean {
  const digits = text.replace(/^ISBN(?:-1[03])?:?\s*/i, "").replace(/[\s-]/g, "");
  if (/^97[89]\d{10}$/.test(digits)) return gs1Sum(digits) % 10 === 0;
  if (!/^\d{9}[\dXx]$/.test(digits)) return false;
  const sum = [...digits].reduce((all, digit, i) => all + (10 - i) * (/x/i.test(digit) ? 10 : Number(digit)), 0);
  return sum % 11 === 0;
}

const DAYS = "Mo|Tu|We|Th|Fr|Sa|Su|PH";
const HOURS = new RegExp(
  `^(?:(?:${DAYS})(?:-(?:${DAYS}))?(?:,\\s*(?:${DAYS})(?:-(?:${DAYS}))?)*)(?:\\s+(?:[01]\\d|2[0-3]):[0-5]\\d-(?:(?:[01]\\d|2[0-3]):[0-5]\\d|24:00))?$`,
);
/** Opening hours as schema.org's openingHours writes them: “Mo-Fr 09:00-17:00”, “Tu,Th 16:00-20:00”, “Sa”. */
export const isOpeningHours = (text: string): boolean => HOURS.test(text.trim());

/** A number as JSON or its text would write it. */
export const numberOf = (text: string): number | null =>
  /^[+-]?(?:\d+(?:\.\d+)?|\.\d+)(?:e[+-]?\d+)?$/i.test(text.trim()) ? Number(text) : null;

/** A price as data needs it: digits and a point, neither sign nor thousands apart. */
export const isPrice = (text: string): boolean => /^\d+(?:\.\d+)?$/.test(text);

/** A price as it would be written rightly, where that is sure: “£1,250.00” is 1250.00. */
export function meantPrice(text: string): string | null {
  const digits = text.replace(/[^\d.,]/g, "");
  if (!/\d/.test(digits)) return null;
  const decimal = /[.,](\d{1,2})$/.exec(digits);
  const whole = (decimal ? digits.slice(0, decimal.index) : digits).replace(/[.,]/g, "");
  return decimal ? `${whole || "0"}.${decimal[1]}` : whole;
}
