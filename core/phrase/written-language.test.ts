import { describe, expect, it } from "vitest";
import { differsFrom } from "./written-language.ts";

/** Articles 1, 3, 4 and 5 of the Universal Declaration of Human Rights (United Nations, 1948) in its translations, from memory. */
const ARTICLES = {
  en: "All human beings are born free and equal in dignity and rights. They are endowed with reason and conscience and should act towards one another in a spirit of brotherhood. Everyone has the right to life, liberty and security of person. No one shall be held in slavery or servitude; slavery and the slave trade shall be prohibited in all their forms. No one shall be subjected to torture or to cruel, inhuman or degrading treatment or punishment.",
  fr: "Tous les êtres humains naissent libres et égaux en dignité et en droits. Ils sont doués de raison et de conscience et doivent agir les uns envers les autres dans un esprit de fraternité. Tout individu a droit à la vie, à la liberté et à la sûreté de sa personne. Nul ne sera tenu en esclavage ni en servitude; l'esclavage et la traite des esclaves sont interdits sous toutes leurs formes. Nul ne sera soumis à la torture, ni à des peines ou traitements cruels, inhumains ou dégradants.",
  de: "Alle Menschen sind frei und gleich an Würde und Rechten geboren. Sie sind mit Vernunft und Gewissen begabt und sollen einander im Geist der Brüderlichkeit begegnen. Jeder hat das Recht auf Leben, Freiheit und Sicherheit der Person. Niemand darf in Sklaverei oder Leibeigenschaft gehalten werden; Sklaverei und Sklavenhandel sind in allen ihren Formen verboten. Niemand darf der Folter oder grausamer, unmenschlicher oder erniedrigender Behandlung oder Strafe unterworfen werden.",
  es: "Todos los seres humanos nacen libres e iguales en dignidad y derechos y, dotados como están de razón y conciencia, deben comportarse fraternalmente los unos con los otros. Todo individuo tiene derecho a la vida, a la libertad y a la seguridad de su persona. Nadie estará sometido a esclavitud ni a servidumbre; la esclavitud y la trata de esclavos están prohibidas en todas sus formas. Nadie será sometido a torturas ni a penas o tratos crueles, inhumanos o degradantes.",
  it: "Tutti gli esseri umani nascono liberi ed eguali in dignità e diritti. Essi sono dotati di ragione e di coscienza e devono agire gli uni verso gli altri in spirito di fratellanza. Ogni individuo ha diritto alla vita, alla libertà ed alla sicurezza della propria persona. Nessun individuo potrà essere tenuto in stato di schiavitù o di servitù; la schiavitù e la tratta degli schiavi saranno proibite sotto qualsiasi forma. Nessun individuo potrà essere sottoposto a tortura o a trattamento o a punizione crudeli, inumani o degradanti.",
  nl: "Alle mensen worden vrij en gelijk in waardigheid en rechten geboren. Zij zijn begiftigd met verstand en geweten, en behoren zich jegens elkander in een geest van broederschap te gedragen. Een ieder heeft het recht op leven, vrijheid en onschendbaarheid van zijn persoon. Niemand zal in slavernij of horigheid gehouden worden. Slavernij en slavenhandel in iedere vorm zijn verboden. Niemand zal onderworpen worden aan folteringen, noch aan een wrede, onmenselijke of onterende behandeling of bestraffing.",
} as const;
type Language = keyof typeof ARTICLES;
const LANGUAGES = Object.keys(ARTICLES) as Language[];
const NAMES = new Intl.DisplayNames("en", { type: "language" });

describe("the language of a text, against the Universal Declaration of Human Rights", () => {
  it.each(LANGUAGES)("%s is what it says it is, with a country too", (language) => {
    expect(differsFrom(language, ARTICLES[language])).toBeNull();
    expect(differsFrom(`${language}-CH`, ARTICLES[language])).toBeNull();
  });

  const ROMANCE = ["fr", "es", "it"];
  const PAIRS = LANGUAGES.flatMap((is) => LANGUAGES.filter((said) => said !== is).map((said) => [is, said] as const));

  it.each(PAIRS)("%s is never taken for a third language where the page says %s", (is, said) => {
    expect([null, NAMES.of(is)]).toContain(differsFrom(said, ARTICLES[is]));
  });

  // Of Italian a fifth are among its commonest words only in longer texts; the Romance languages share many of theirs.
  it.each(PAIRS.filter(([is, said]) => is !== "it" && !(ROMANCE.includes(is) && ROMANCE.includes(said))))(
    "%s is told where the page says %s",
    (is, said) => {
      expect(differsFrom(said, ARTICLES[is])).toBe(NAMES.of(is));
    },
  );

  it("says nothing of Spanish that is called Portuguese: their common words are much the same", () => {
    expect(differsFrom("pt", ARTICLES.es)).toBeNull();
  });

  it("says nothing of few words, of lists, and of what is no language", () => {
    expect(differsFrom("en", "Alle Menschen sind frei und gleich an Würde und Rechten geboren.")).toBeNull();
    expect(differsFrom("en", "Hamburg Bremen Kiel Lübeck Rostock Wismar Stralsund ".repeat(12))).toBeNull();
    for (const said of ["", "xx-nonsense", "art-lojban"]) expect(differsFrom(said, ARTICLES.de)).toBeNull();
  });

  // Article 1, as above.
  const GREEK =
    "Όλοι οι άνθρωποι γεννιούνται ελεύθεροι και ίσοι στην αξιοπρέπεια και τα δικαιώματα. Είναι προικισμένοι με λογική και συνείδηση, και οφείλουν να συμπεριφέρονται μεταξύ τους με πνεύμα αδελφοσύνης.";

  it("tells another script by its letters, and knows which scripts a language is written in", () => {
    expect(differsFrom("en", GREEK.repeat(2))).toBe("Greek");
    expect(differsFrom("el", GREEK.repeat(2))).toBeNull();
    expect(
      differsFrom(
        "ja",
        "すべての人間は、生まれながらにして自由であり、かつ、尊厳と権利とについて平等である。".repeat(8),
      ),
    ).toBeNull();
    // Names and code in Latin letters are no running text.
    expect(differsFrom("ja", "sudo systemctl restart apache ".repeat(20))).toBeNull();
    expect(differsFrom("ja", ARTICLES.en)).toBe("English");
  });
});
