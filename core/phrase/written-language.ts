/**
 * The commonest words of languages in the Latin and Cyrillic scripts, those that several share among them. From memory, as
 * frequency lists have them; each list holds what about a quarter of a running text consists of.
 */
const COMMON: Record<string, string> = {
  cy: "y yr yn a i o ar mae am gan ei eu un ac wedi bod sydd oedd fod hyn nid at gyda neu",
  da: "og i at det er en til på af for med den der ikke som et har de kan vi men om fra blev",
  de: "der die das und ist in zu den mit von für auf sich nicht ein eine dem des im als auch werden wird oder sind bei",
  en: "the of and to in is that for it with as on are this by be or an from at not which you have can",
  es: "de la que el en y los del se las por un para con una su al es no lo como más o pero",
  fi: "ja on ei se että hän oli ovat mutta kun myös tai voi ole jos kuin niin vain joka sekä",
  fr: "de la le et les des en un une du que dans est pour qui par sur au pas plus ne sont ce il",
  hu: "a az és hogy nem is egy van volt meg ez csak de ha vagy már mint el ki lehet",
  it: "di e il la che in un per non una del le con della i da si sono al più come dei nel",
  nb: "og i det er en til på av for at med som de den ikke et har om fra kan var men seg",
  nl: "de het een en van in is dat op te zijn met voor niet die er aan om ook als bij naar of wordt",
  pl: "w i na z się do nie to jest że o jak po co od za ale przez oraz są tym był dla",
  pt: "de a o que e do da em um para com não uma os no se na por mais as dos ao é como",
  ro: "de și în a la cu pe care nu o un din că este pentru sau mai sunt prin ca al au",
  sv: "och i att det som en på är av för med till den har inte om ett de kan från men vi var",
  tr: "ve bir bu da de için ile olarak olan daha gibi en çok ne kadar sonra ya her veya o",
  ru: "и в не на что с по это как из для от или то к его при все так но у быть",
  uk: "і в не на що з до та це як для від або за по його але є при цей також які",
  bg: "и на в за да се от с е не са по като но до това или при със към",
};

const NAMES: Record<string, string> = {
  Grek: "Greek",
  Arab: "written in Arabic letters",
  Hebr: "written in Hebrew letters",
  Deva: "written in Devanagari letters",
  Thai: "Thai",
  Hang: "Korean",
  Kana: "Japanese",
  Hani: "written in Chinese characters",
};

/** The script of a letter, by the blocks of Unicode that hold it; "" for scripts that are not told apart here. */
function scriptOf(code: number): string {
  if (code < 0x250 || (code >= 0x1e00 && code < 0x1f00)) return "Latn";
  if (code >= 0x370 && code < 0x400) return "Grek";
  if (code >= 0x400 && code < 0x530) return "Cyrl";
  if (code >= 0x590 && code < 0x600) return "Hebr";
  if ((code >= 0x600 && code < 0x780) || (code >= 0x8a0 && code < 0x900)) return "Arab";
  if (code >= 0x900 && code < 0x980) return "Deva";
  if (code >= 0xe00 && code < 0xe80) return "Thai";
  if (code >= 0x1f00 && code < 0x2000) return "Grek";
  if (code >= 0x3040 && code < 0x3100) return "Kana";
  if (code >= 0x3400 && code < 0xa000) return "Hani";
  return code >= 0xac00 && code < 0xd7b0 ? "Hang" : "";
}
const TOLD_APART = new Set(["Latn", "Grek", "Cyrl", "Hebr", "Arab", "Deva", "Thai", "Kana", "Hani", "Hang"]);

/** Scripts of which texts in another one of the list consist too. */
const WITHIN: Record<string, readonly string[]> = {
  Jpan: ["Kana", "Hani"],
  Kore: ["Hang", "Hani"],
  Hans: ["Hani"],
  Hant: ["Hani"],
};

let names: Intl.DisplayNames | undefined;
const lists = new Map<string, ReadonlySet<string>>();

function commonWords(language: string): ReadonlySet<string> {
  let list = lists.get(language);
  if (!list) {
    list = new Set((COMMON[language] ?? "").split(" "));
    lists.set(language, list);
  }
  return list;
}

/** Letters below which nothing is said, and words. */
const LEAST_LETTERS = 200;
const LEAST_WORDS = 60;
/** Share of a running text that its language's commonest words make at least. */
const ENOUGH = 0.2;
/** Share above which a text is plainly in a language. */
const PLAINLY = 0.12;
/** Languages that share most of their common words: they are not told apart. */
const KIN = [
  ["da", "nb", "nn", "no"],
  ["es", "pt", "gl", "ca"],
];

/**
 * What a text is written in, in words that end a sentence (“German”), where that is plainly not the language declared; null
 * where it is, or where it cannot be told for sure.
 */
export function differsFrom(declared: string, text: string): string | null {
  const script = scriptFor(declared);
  if (!script) return null;
  const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  const language = declared.slice(0, 2).toLowerCase();
  // Most pages are in the language that they say, which shows at once.
  if (COMMON[language] && shareOf(words, language) > PLAINLY) return null;
  const letters = new Map<string, number>();
  let total = 0;
  for (const word of words) {
    const own = scriptOf(word.charCodeAt(0));
    letters.set(own, (letters.get(own) ?? 0) + word.length);
    total += word.length;
  }
  if (total < LEAST_LETTERS) return null;
  const expected = WITHIN[script] ?? [script];
  const own = expected.reduce((sum, one) => sum + (letters.get(one) ?? 0), 0);
  const [most, n] = [...letters].reduce((a, b) => (b[1] > a[1] ? b : a));
  if (own < total * 0.1 && n > total * 0.8) {
    // Lists of names and code are in Latin letters everywhere: only running text tells.
    return most === "Latn" || most === "Cyrl" ? commonest(words).name : (NAMES[most] ?? null);
  }
  if ((script !== "Latn" && script !== "Cyrl") || !COMMON[language]) return null;
  const { best, high, name } = commonest(words);
  if (best === language || shareOf(words, language) > high / 3) return null;
  return KIN.some((group) => group.includes(best) && group.includes(language)) ? null : name;
}

const scripts = new Map<string, string>();

/** The script that a language is written in, where it is one that is told apart; "" elsewhere. */
function scriptFor(language: string): string {
  let script = scripts.get(language);
  if (script === undefined) {
    try {
      script = new Intl.Locale(language).maximize().script ?? "";
    } catch {
      script = "";
    }
    if (!TOLD_APART.has(script) && !WITHIN[script]) script = "";
    if (scripts.size < 1000) scripts.set(language, script);
  }
  return script;
}

/** Which part of some words are among the commonest of a language, 0 to 1. */
function shareOf(words: readonly string[], language: string): number {
  const common = commonWords(language);
  let n = 0;
  for (const word of words) if (common.has(word)) n++;
  return n / Math.max(1, words.length);
}

/** The language that has most of some words among its commonest, and its name where those are enough. */
function commonest(words: readonly string[]) {
  const shares = Object.keys(COMMON).map((language) => [language, shareOf(words, language)] as const);
  const [best, high] = shares.reduce((a, b) => (b[1] > a[1] ? b : a));
  names ??= new Intl.DisplayNames("en", { type: "language" });
  const sure = words.length >= LEAST_WORDS && high >= ENOUGH;
  return { best, high, name: sure ? (names.of(best) ?? null) : null };
}
