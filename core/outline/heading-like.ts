import { contentBlocks, isHeadingBlock } from "../page/body.ts";
import { HEADING_LIKE, type Page, type TextBlock } from "../page/page.ts";

export interface HeadingLike {
  block: TextBlock;
  index: number;
  why: "bold" | "class";
}

/** Class names that say heading or title; “subtitle” and “title-bar” say something else. */
const SAYS_HEADING = /(?:^|\s)(?:[a-z0-9]+[-_]+)*(?:heading|headline|title|hd|h[1-6])(?:[-_]?[0-9]+)?(?=\s|$)/i;
const SAYS_OTHER = /sub-?_?(?:title|head)|untitled/i;

/** “Table 3.”, “Figure 2:”: what names a table, picture or sample is its caption (in the stemmed languages and a dozen more). */
const CAPTION =
  /^(?:table|figure|fig\.|example|listing|tabelle|abbildung|abb\.|beispiel|tableau|exemple|tabla|figura|ejemplo|tabella|esempio|tabela|exemplo|tabel|figuur|voorbeeld|tabell|figur|exempel|eksempel|taulukko|kuva|esimerkki|táblázat|ábra|példa|таблица|рисунок|рис\.|пример|tablo|şekil|örnek|exemplu|rysunek|rys\.|przykład|obrázek|obr\.|tabulka|příklad|tabuľka|príklad|slika|tablica|primjer|primer|малюнок|мал\.|таблиця|приклад|фигура|εικόνα|σχήμα|πίνακας|παράδειγμα|איור|טבלה|תמונה|شكل|جدول|صورة|مثال|그림|표|hình|bảng|ví dụ|gambar|contoh|ffigur|tabl|enghraifft|รูปที่|ตาราง|चित्र|तालिका|表|図|图|例)\s*[\d०-९一-九a-z]{0,3}(?:[.\-–]\d+)*\s*[.:：)]?\s|^(?:表|図|图|例)\s*\d/iu;
/** Labels of boxes that warn and advise. */
const ADMONITION = new Set(
  "note,notes,tip,tips,hint,important,warning,caution,danger,attention,see also,example,examples,hinweis,tipp,wichtig,warnung,achtung,vorsicht,beispiel,siehe auch,remarque,astuce,avertissement,exemple,voir aussi,nota,notas,consejo,importante,advertencia,aviso,precaución,ejemplo,suggerimento,avvertenza,attenzione,esempio,dica,atenção,exemplo,opmerking,waarschuwing,let op,voorbeeld,obs,varning,tips,exempel,bemærk,advarsel,merk,huomautus,varoitus,megjegyzés,figyelem,примечание,внимание,совет,not,uyarı,dikkat,notă,atenție,注意,注,備考,ヒント,警告,重要,提示,备注,참고,주의,ملاحظة,تحذير".split(
    ",",
  ),
);
const BESIDE_THE_TEXT = /(?:^|[\s_-])(?:admonition|caption|legend|label|callout|toc|note|warning|tip)(?:[\s_-]|$)/i;

/** Whether a text names what stands right behind it: a table, a sample of code, a picture. */
function isCaption({ tables, images }: Page, { text, element, classNames }: TextBlock, next: TextBlock): boolean {
  const plain = text.replace(/[\s.:：!]+$/u, "").toLowerCase();
  if (CAPTION.test(text) || ADMONITION.has(plain) || BESIDE_THE_TEXT.test(classNames)) return true;
  const [from, to] = [element?.end ?? 0, next.range.start];
  const between = (start: number) => start >= from && start < to;
  return (
    next.tag === "pre" ||
    tables.some(({ range }) => between(range.start)) ||
    images.some(({ range }) => between(range.start))
  );
}

const remembered = new WeakMap<Page["blocks"], HeadingLike[]>();

/** Short texts of the content that are set like headings, stand before other text, and are none. */
export function headingLike(page: Page): HeadingLike[] {
  let found = remembered.get(page.blocks);
  if (found) return found;
  found = [];
  const blocks = contentBlocks(page);
  for (const [i, { block, index }] of blocks.entries()) {
    if (block.text.length > HEADING_LIKE || (block.tag !== "p" && block.tag !== "div") || !block.element) continue;
    if ((!block.bold && block.classNames === "") || !/[\p{L}\p{N}]/u.test(block.text)) continue;
    const byClass = SAYS_HEADING.test(block.classNames) && !SAYS_OTHER.test(block.classNames);
    if (!block.bold && !byClass) continue;
    const next = blocks[i + 1];
    // A heading stands before text: a line of the same kind after it makes both of them a list, or a last line a signature.
    if (!next || next.block.tag.length < 1 || isHeadingBlock(page, next.index) || isHeadingBlock(page, index)) continue;
    if (next.block.bold || /[.;,]$/.test(block.text) || isCaption(page, block, next.block)) continue;
    // What stands in a heading, as in one that is not closed, is a part of it.
    const { start, end } = block.range;
    if (page.headings.some(({ range }) => range.start < start && end <= range.end)) continue;
    found.push({ block, index, why: block.bold ? "bold" : "class" });
  }
  remembered.set(page.blocks, found);
  return found;
}
