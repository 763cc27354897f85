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

const SCRIPTS: [string, RegExp][] = [
  ["Kana", /[\p{Script=Hiragana}\p{Script=Katakana}]/gu],
  ["Hang", /\p{Script=Hangul}/gu],
  ["Hani", /\p{Script=Han}/gu],
  ["Latn", /\p{Script=Latin}/gu],
  ["Cyrl", /\p{Script=Cyrillic}/gu],
  ["Grek", /\p{Script=Greek}/gu],
  ["Arab", /\p{Script=Arabic}/gu],
  ["Hebr", /\p{Script=Hebrew}/gu],
  ["Deva", /\p{Script=Devanagari}/gu],
  ["Thai", /\p{Script=Thai}/gu],
];

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
  let script: string | undefined;
  try {
    script = new Intl.Locale(declared).maximize().script;
  } catch {
    return null;
  }
  const counts = SCRIPTS.map(([name, letters]) => [name, text.match(letters)?.length ?? 0] as const);
  const total = counts.reduce((sum, [, n]) => sum + n, 0);
  if (!script || total < LEAST_LETTERS || !(SCRIPTS.some(([name]) => name === script) || WITHIN[script])) return null;
  const expected = WITHIN[script] ?? [script];
  const own = counts.reduce((sum, [name, n]) => sum + (expected.includes(name) ? n : 0), 0);
  const [most, n] = counts.reduce((a, b) => (b[1] > a[1] ? b : a));
  if (own < total * 0.1 && n > total * 0.8) {
    // Lists of names and code are in Latin letters everywhere: only running text tells.
    return most === "Latn" || most === "Cyrl" ? commonest(text).name : (NAMES[most] ?? null);
  }
  if (script !== "Latn" && script !== "Cyrl") return null;
  return otherWords(declared.slice(0, 2).toLowerCase(), text);
}

/** The language that a text's commonest words belong to, where they are hardly those of the one declared. */
function otherWords(declared: string, text: string): string | null {
  if (!COMMON[declared]) return null;
  const { best, high, name, share } = commonest(text);
  if (best === declared || share(declared) > high / 3) return null;
  return KIN.some((group) => group.includes(best) && group.includes(declared)) ? null : name;
}

/** The language that has most of a text's commonest words, and its name where it has enough of them. */
function commonest(text: string) {
  const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  const share = (language: string) => {
    const common = commonWords(language);
    return words.filter((word) => common.has(word)).length / Math.max(1, words.length);
  };
  const shares = Object.keys(COMMON).map((language) => [language, share(language)] as const);
  const [best, high] = shares.reduce((a, b) => (b[1] > a[1] ? b : a));
  names ??= new Intl.DisplayNames("en", { type: "language" });
  const sure = words.length >= LEAST_WORDS && high >= ENOUGH;
  return { best, high, share, name: sure ? (names.of(best) ?? null) : null };
}
