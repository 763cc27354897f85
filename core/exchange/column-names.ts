/** What a column of a table can hold. */
export const COLUMNS = ["address", "title", "description", "slug", "h1", "phrase", "canonical"] as const;
export type Column = (typeof COLUMNS)[number];

// Headings of columns as people write them, in English, German, French, Spanish, Italian, Portuguese, Dutch, Swedish,
// Norwegian, Danish, Finnish, Russian, Romanian and Hungarian. Common practice, no source.
export const NAMES: Readonly<Record<Column, string>> = {
  address:
    "address|url|uri|link|page|webpage|landing page|loc|location|permalink|adresse|webadresse|seite|zielseite|lien|adresse web|enlace|dirección|página|indirizzo|pagina|endereço|ligação|adres|webadres|adress|webbadress|länk|sida|lenke|nettadresse|side|webadresse|osoite|sivu|linkki|адрес|ссылка|страница|adresă|legătură|webcím|oldal|hivatkozás",
  title:
    "title|titel|seitentitel|metatitel|metatitle|pagetitle|titre|título|titolo|tittel|sidetittel|sidetitel|sidtitel|paginatitel|otsikko|sivun otsikko|тайтл|заголовок|заголовок страницы|titlu|cím|oldalcím",
  description:
    "description|desc|descr|metadescription|metadesc|beschreibung|metabeschreibung|seitenbeschreibung|descripción|descrizione|descrição|beschrijving|omschrijving|beskrivning|beskrivelse|kuvaus|описание|descriere|leírás",
  slug: "slug|urlslug|kurzadresse",
  h1: "h1|heading|headline|überschrift|hauptüberschrift|titre principal|titre h1|encabezado|titular|intestazione|titolo h1|cabeçalho|kop|hoofdkop|rubrik|huvudrubrik|overskrift|hovedoverskrift|pääotsikko|заголовок h1|antet|címsor|főcím",
  phrase:
    "phrase|keyword|keywords|key word|key words|keyphrase|key phrase|query|search term|search query|suchbegriff|suchwort|schlüsselwort|fokuskeyword|mot clé|mots clés|requête|palabra clave|palabras clave|parola chiave|parole chiave|palavra chave|palavras chave|zoekwoord|zoekterm|trefwoord|sökord|nyckelord|søkeord|nøkkelord|søgeord|nøgleord|hakusana|avainsana|ключевое слово|ключевая фраза|запрос|cuvânt cheie|cuvinte cheie|kulcsszó|keresőkifejezés",
  canonical:
    "canonical|kanonisch|canonique|canónica|canónico|canonica|canonico|kanonisk|kanoninen|канонический|canonică|kanonikus",
};
/** Words that say that a column holds what is to be, not what is. */
const WANTED =
  "new|suggested|suggestion|proposed|proposal|optimised|optimized|revised|neu|neue|neuer|neues|vorschlag|vorgeschlagen|optimiert|soll|nouveau|nouvelle|proposé|proposée|proposition|nuevo|nueva|propuesto|propuesta|sugerido|sugerida|nuovo|nuova|proposto|proposta|novo|nova|sugestão|nieuw|nieuwe|voorstel|voorgesteld|ny|nytt|nya|nye|förslag|forslag|uusi|ehdotus|новый|новая|новое|предложение|предложенный|nou|nouă|propunere|propus|új|javaslat|javasolt";
/** Words that say that it holds what is. */
const PRESENT =
  "old|current|existing|present|original|alt|alte|alter|altes|aktuell|aktuelle|aktueller|bisher|bisherig|bisherige|bisheriger|ist|ancien|ancienne|actuel|actuelle|actual|antiguo|antigua|viejo|vecchio|vecchia|attuale|antigo|antiga|atual|oud|oude|huidig|huidige|gammal|gammalt|gamla|nuvarande|gammel|nåværende|nuværende|vanha|nykyinen|старый|старая|старое|текущий|текущая|vechi|veche|régi|jelenlegi";
/** Words that tell nothing by themselves. */
const BESIDE =
  "seo|meta|html|page|seite|seiten|google|serp|tag|text|target|focus|fokus|main|haupt|ziel|full|url|link|der|die|das|le|la|de|du|del|della|da|do|van|för|for|objetivo|principal|principale|страницы";

const list = (text: string) => text.split("|").map(folded);
const [wanted, present, beside] = [new Set(list(WANTED)), new Set(list(PRESENT)), new Set(list(BESIDE))];
/** Languages that write words together: “Titelvorschlag”. */
const JOINED = /^(.{3,}?)s?(vorschlag|forslag|voorstel|javaslat)$/;

/** Letters alone: case, accents and signs make no difference. */
function folded(text: string): string {
  return text
    .normalize("NFKD")
    .replace(/\p{M}+/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
}

/** What a heading says of its column. */
export interface Heading<C extends string = Column> {
  /** Null where only its neighbour tells: “Vorschlag”. */
  column: C | null;
  /** It holds what is to be, what is, or does not say. */
  holds: "wanted" | "present" | "unsaid";
}

/** Makes what reads headings in any of the languages; it says null where one names nothing that is known. */
export function headingReader<C extends string>(
  names: Readonly<Record<C, string>>,
): (text: string) => Heading<C> | null {
  const columns = Object.entries(names) as [C, string][];
  const columnOf = new Map(columns.flatMap(([column, called]) => list(called).map((name) => [name, column] as const)));
  return (text) => readBy(text, columnOf);
}

function readBy<C extends string>(text: string, columnOf: ReadonlyMap<string, C>): Heading<C> | null {
  const words = folded(text)
    .split(" ")
    .flatMap((word) => JOINED.exec(word)?.slice(1) ?? word);
  const rest = words.filter((word) => !wanted.has(word) && !present.has(word));
  const holds = words.some((word) => wanted.has(word))
    ? "wanted"
    : words.some((word) => present.has(word))
      ? "present"
      : "unsaid";
  if (rest.length === 0) return holds === "wanted" ? { column: null, holds } : null;
  const plain = rest.filter((word) => !beside.has(word));
  // “page url” is made of words that tell nothing by themselves: the last of them does then.
  const last = plain.length === 0 ? rest.slice(-1) : [];
  for (const name of [rest, plain, plain.filter((word) => !/^\d+$/.test(word)), last]) {
    const column = columnOf.get(name.join(" ")) ?? columnOf.get(name.join(""));
    if (column) return { column, holds };
  }
  return null;
}

/** Reads a heading of a table of pages. */
export const readHeading = headingReader(NAMES);
