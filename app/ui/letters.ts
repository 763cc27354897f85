import { remember, remembered, useRemembered } from "./remembered";

/** The keys of one sign that screens have, and what each does. They can be changed and switched off (WCAG 2.2, 2.1.4). */
export const LETTERS = {
  j: "Next note, line or phrase",
  k: "Previous note, line or phrase",
  ".": "Apply the fix of the selected note",
  "]": "Next page",
  "[": "Previous page",
  n: "Next place of the marked phrase; with Shift, the one before",
  "/": "Find on the screen",
  "?": "Keys and hints",
} as const;

export type Letter = keyof typeof LETTERS;

export const isLetter = (keys: string): keys is Letter => Object.hasOwn(LETTERS, keys);

/** How the keys of one sign are set: none at all, and those that are others than the usual. */
export interface Letters {
  off: boolean;
  changed: Partial<Record<Letter, string>>;
}

const NAME = "letters";

function read(text: string): Letters {
  const [off, ...pairs] = text.split("\n");
  const changed = Object.fromEntries(pairs.map((pair) => [pair.slice(0, 1), pair.slice(1)]).filter(([one]) => one));
  return { off: off === "off", changed };
}

let last = { text: "", letters: read("") };

/** How they are set now: read once, as often as it is asked for. */
export function useLetters(): Letters {
  const text = useRemembered(NAME);
  if (text !== last.text) last = { text, letters: read(text) };
  return last.letters;
}

/** The key that does what a letter usually does. */
export const keyFor = ({ changed }: Letters, letter: Letter): string => changed[letter] ?? letter;

const keep = ({ off, changed }: Letters) => {
  const lines = [off ? "off" : "on", ...Object.entries(changed).map(([letter, key]) => letter + key)];
  remember(NAME, lines.length === 1 && !off ? "" : lines.join("\n"));
};

export const switchLetters = (off: boolean): void => keep({ ...read(remembered(NAME)), off });

/** Gives a letter's work to another key; returns why not, or null. */
export function changeLetter(letter: Letter, key: string): string | null {
  const now = read(remembered(NAME));
  const wanted = key.trim().toLowerCase();
  if ([...wanted].length !== 1 || /[\d,+]/.test(wanted))
    return "Type one letter or sign; digits, comma and plus are taken.";
  const taken = (Object.keys(LETTERS) as Letter[]).find((one) => one !== letter && keyFor(now, one) === wanted);
  if (taken) return `“${wanted}” is the key for: ${LETTERS[taken]}. Change that one first.`;
  const { [letter]: _, ...others } = now.changed;
  keep({ ...now, changed: wanted === letter ? others : { ...others, [letter]: wanted } });
  return null;
}
