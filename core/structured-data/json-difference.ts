import { type Json, readJson } from "./json-text.ts";

/** A value of structured data before and after; "" where there is none. */
export interface DifferingValue {
  /** The way to it, such as "offers.price". */
  property: string;
  was: string;
  is: string;
}

/** What is shown of a text around what differs, in UTF-16 code units. */
const AROUND = 30;

const isObject = (value: Json | undefined): value is { [name: string]: Json } =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const inWords = (value: Json | undefined): string => {
  if (value === undefined || value === null) return "";
  return typeof value === "object" ? JSON.stringify(value) : String(value);
};

/** Things of a list are the same by their place, or, where one is added or left out, by their text. */
function ofLists(was: readonly Json[], is: readonly Json[], property: string): DifferingValue[] {
  if (was.length === is.length) return was.flatMap((one, i) => ofValues(one, is[i], `${property}.${i + 1}`));
  const [texts, others] = [was, is].map((list) => new Set(list.map((one) => JSON.stringify(one))));
  return [
    ...was.flatMap((one) => (others?.has(JSON.stringify(one)) ? [] : { property, was: inWords(one), is: "" })),
    ...is.flatMap((one) => (texts?.has(JSON.stringify(one)) ? [] : { property, was: "", is: inWords(one) })),
  ];
}

function ofValues(was: Json | undefined, is: Json | undefined, property: string): DifferingValue[] {
  if (JSON.stringify(was) === JSON.stringify(is)) return [];
  const within = (name: string) => (property === "" ? name : `${property}.${name}`);
  if (isObject(was) && isObject(is))
    return [...new Set([...Object.keys(was), ...Object.keys(is)])].flatMap((name) =>
      ofValues(was[name], is[name], within(name)),
    );
  if (Array.isArray(was) && Array.isArray(is)) return ofLists(was, is, property);
  // A whole entity that comes or goes is told value by value.
  if (isObject(is) && was === undefined)
    return Object.entries(is).flatMap(([name, one]) => ofValues(undefined, one, within(name)));
  if (isObject(was) && is === undefined)
    return Object.entries(was).flatMap(([name, one]) => ofValues(one, undefined, within(name)));
  return [{ property, was: inWords(was), is: inWords(is) }];
}

/** Where two texts differ, with a little of what stands around it. */
function ofTexts(was: string, is: string): DifferingValue[] {
  let start = 0;
  while (start < Math.min(was.length, is.length) && was[start] === is[start]) start++;
  let end = 0;
  while (end < Math.min(was.length, is.length) - start && was.at(-1 - end) === is.at(-1 - end)) end++;
  const part = (text: string) =>
    text.slice(Math.max(0, start - AROUND), Math.min(text.length, text.length - end + AROUND)).trim();
  return [{ property: "", was: part(was), is: part(is) }];
}

/**
 * The values in which two texts of JSON-LD differ, "" standing for no block. Where one cannot be read, or they are written
 * differently and say the same, it is the place in the text.
 */
export function differingValues(was: string, is: string): DifferingValue[] {
  if (was === is) return [];
  const [before, after] = [was, is].map((text) => (text.trim() === "" ? { value: {} } : readJson(text)));
  if (!before || !after || "fault" in before || "fault" in after) return ofTexts(was, is);
  const values = ofValues(before.value as Json, after.value as Json, "");
  return values.length > 0 ? values : ofTexts(was, is);
}
