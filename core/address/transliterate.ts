import { toAscii } from "./ascii.ts";

/** A text in ASCII letters, and what its editor should know of it; `text` is "" where it cannot be read for sure. */
export interface Transliterated {
  text: string;
  /** A sentence for the editor; null where there is nothing to say. */
  note: string | null;
}

type Letters = Readonly<Record<string, string>>;

/** “аa бb” as a table: the first letter of each stands for the others. */
const table = (pairs: string): Letters =>
  Object.fromEntries(pairs.split(" ").map((pair) => [pair[0] ?? "", pair.slice(1)]));

// German: DIN 5007-2 and DIN 91379, 5.2, from memory. Danish and Norwegian: ae, oe, aa (common practice in both countries'
// addresses). Swedish and Finnish: the dots and ring are left out (common practice).
const GERMAN = table("äae öoe üue ßss");
const DANISH = table("æae øoe åaa");
const SWEDISH = table("äa öo åa");
const BY_LANGUAGE: Record<string, Letters> = {
  de: GERMAN,
  lb: GERMAN,
  gsw: GERMAN,
  da: DANISH,
  nb: DANISH,
  nn: DANISH,
  no: DANISH,
  sv: SWEDISH,
  fi: SWEDISH,
};

// Bulgaria, Transliteration Act (State Gazette 19/2009), from memory.
const BULGARIAN = table(
  "аa бb вv гg дd еe жzh зz иi йy кk лl мm нn оo пp рr сs тt уu фf хh цts чch шsh щsht ъa ьy юyu яya",
);
// Ukraine, Cabinet of Ministers, resolution 55 of 27 January 2010, from memory.
const UKRAINIAN = table(
  "аa бb вv гh ґg дd еe єie жzh зz иy іi їi йi кk лl мm нn оo пp рr сs тt уu фf хkh цts чch шsh щshch ь юiu яia",
);
const UKRAINIAN_FIRST = table("єye їyi йy юyu яya");

// Greek: ELOT 743 (ISO 843:1997, type 2, transcription), from memory.
const GREEK = table("αa βv γg δd εe ζz ηi θth ιi κk λl μm νn ξx οo πp ρr σs ςs τt υy φf χch ψps ωo");

const ACUTE = "\u0301";
const DIAERESIS = "\u0308";

function greek(word: string): string {
  const letters = [...word.toLowerCase().normalize("NFD")];
  const plain: { letter: string; acute: boolean; apart: boolean }[] = [];
  for (const one of letters) {
    const last = plain.at(-1);
    if (one === ACUTE && last) last.acute = true;
    else if (one === DIAERESIS && last) last.apart = true;
    else if (!/\p{M}/u.test(one)) plain.push({ letter: one, acute: false, apart: false });
  }
  const at = (i: number) => plain[i]?.letter ?? "";
  let text = "";
  for (let i = 0; i < plain.length; i++) {
    const [one, two] = [at(i), at(i + 1)];
    // Two vowels are read as one where the accent, if any, stands on the second.
    const together = !plain[i]?.acute && !plain[i + 1]?.apart;
    if (one === "ο" && two === "υ" && together) {
      text += "ou";
      i++;
    } else if (/[αεη]/.test(one) && two === "υ" && together) {
      const voiced = /[αεηιοωυβγδζλμνρ]/.test(at(i + 2));
      text += (GREEK[one] ?? "") + (voiced ? "v" : "f");
      i++;
    } else if (one === "γ" && /[γξχ]/.test(two)) {
      text += `n${GREEK[two] ?? ""}`;
      i++;
    } else if (one === "μ" && two === "π") {
      text += i === 0 || i + 2 === plain.length ? "b" : "mp";
      i++;
    } else text += GREEK[one] ?? one;
  }
  return text;
}

function ukrainian(word: string): string {
  const lower = word.toLowerCase().replace(/зг/g, "зgh").replace(/['’ʼ]/g, "");
  return Array.from(
    lower,
    (letter, i) => (i === 0 ? UKRAINIAN_FIRST[letter] : undefined) ?? UKRAINIAN[letter] ?? letter,
  ).join("");
}

function bulgarian(word: string): string {
  const lower = word.toLowerCase();
  if (lower === "българия") return "bulgaria";
  const stem = lower.endsWith("ия") ? `${lower.slice(0, -2)}ia` : lower;
  return Array.from(stem, (letter) => BULGARIAN[letter] ?? letter).join("");
}

// Japanese kana: Hepburn as Japan's passports are written, from memory: long vowels are not marked, n is m before b, m, p.
const KANA: Letters = {
  ...table(
    "あa いi うu えe おo かka きki くku けke こko さsa しshi すsu せse そso たta ちchi つtsu てte とto なna にni ぬnu ねne のno はha ひhi ふfu へhe ほho まma みmi むmu めme もmo やya ゆyu よyo らra りri るru れre ろro わwa ゐi ゑe をo んn がga ぎgi ぐgu げge ごgo ざza じji ずzu ぜze ぞzo だda ぢji づzu でde どdo ばba びbi ぶbu べbe ぼbo ぱpa ぴpi ぷpu ぺpe ぽpo ゔvu ぁa ぃi ぅu ぇe ぉo ー",
  ),
};
const SMALL_Y: Letters = { ゃ: "ya", ゅ: "yu", ょ: "yo" };
const SMALL_VOWELS: Letters = { ぁ: "a", ぃ: "i", ぅ: "u", ぇ: "e", ぉ: "o" };

function kana(text: string): string {
  // Katakana stand 96 code points behind hiragana.
  const letters = Array.from(text.normalize("NFC"), (one) =>
    /[ァ-ヴ]/.test(one) ? String.fromCharCode(one.charCodeAt(0) - 96) : one,
  );
  let result = "";
  let doubled = false;
  for (const [i, one] of letters.entries()) {
    if (one === "っ") {
      doubled = true;
      continue;
    }
    let syllable = KANA[one] ?? SMALL_Y[one] ?? one;
    const small = SMALL_Y[one];
    if (small && /(?:shi|chi|ji)$/.test(result)) {
      result = result.slice(0, -1) + small.slice(1);
      continue;
    }
    if (small && result.endsWith("i")) {
      result = result.slice(0, -1) + small;
      continue;
    }
    const vowel = SMALL_VOWELS[one];
    if (vowel && i > 0 && /[a-z]$/.test(result)) {
      result = result.replace(/(?:(?<=[^aeiou])[aeiou]|u)$/, "") + vowel;
      continue;
    }
    if (one === "ー") continue;
    if (doubled) syllable = syllable.startsWith("ch") ? `t${syllable}` : (syllable[0] ?? "") + syllable;
    doubled = false;
    if (/^[bmp]/.test(syllable) && result.endsWith("n") && letters[i - 1] === "ん") result = `${result.slice(0, -1)}m`;
    // Long vowels are written once.
    if ((one === "う" && /[ou]$/.test(result)) || (one === "お" && result.endsWith("o"))) continue;
    result += syllable;
  }
  return result;
}

const LEAVES_OUT_VOWELS: [RegExp, string][] = [
  [/\p{Script=Arabic}/u, "Arabic letters leave out most vowels, and so does this: read it before you take it."],
  [/\p{Script=Hebrew}/u, "Hebrew letters leave out most vowels, and so does this: read it before you take it."],
];

const IS_KANA = /[\p{Script=Hiragana}\p{Script=Katakana}ー]/u;

/** What an editor should know of a text written in ASCII, in a sentence; null for nothing. */
export function noteOn(text: string, language: string): string | null {
  const normal = text.normalize("NFC");
  if (/^ja\b/i.test(language) || IS_KANA.test(normal))
    return /\p{Script=Han}/u.test(normal)
      ? "Kanji are read in several ways, which only a reader knows: type the slug yourself."
      : null;
  return LEAVES_OUT_VOWELS.find(([script]) => script.test(normal))?.[1] ?? null;
}

/** A text in ASCII letters, as the language has it. `language` is a BCP 47 tag, or "" where it is not known. */
export function transliterate(text: string, language: string): Transliterated {
  const primary = language.split("-")[0]?.toLowerCase() ?? "";
  const normal = text.normalize("NFC");
  // Kana stand in Japanese only, and what stands among them is no Chinese either.
  if (primary === "ja" || IS_KANA.test(normal)) {
    const note = noteOn(normal, language);
    if (note) return { text: "", note };
    return { text: toAscii(kana(normal)), note: null };
  }
  const letters = BY_LANGUAGE[primary];
  let result = normal;
  if (letters)
    result = Array.from(result, (one) => {
      const lower = letters[one.toLowerCase()];
      return lower === undefined ? one : lower;
    }).join("");
  result = result.replace(/[\p{Script=Greek}\p{M}]*\p{Script=Greek}[\p{Script=Greek}\p{M}]*/gu, greek);
  if (primary === "uk")
    result = result.replace(/[\p{Script=Cyrillic}'’ʼ]*\p{Script=Cyrillic}[\p{Script=Cyrillic}'’ʼ]*/gu, ukrainian);
  if (primary === "bg") result = result.replace(/\p{Script=Cyrillic}+/gu, bulgarian);
  return { text: toAscii(result), note: noteOn(normal, language) };
}
