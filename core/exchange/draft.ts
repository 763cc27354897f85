import { collapse } from "../page/page.ts";
import { attribute, type ElementNode, parseSource, type TreeNode } from "../page/parse.ts";
import { escapeAttribute, escapeText } from "../rewrite/markup.ts";

/** Inline elements that carry meaning, by what they are written as. */
const INLINE: Record<string, string> = {
  a: "a",
  em: "em",
  i: "em",
  strong: "strong",
  b: "strong",
  sup: "sup",
  sub: "sub",
  code: "code",
  q: "q",
  cite: "cite",
  abbr: "abbr",
};
const KEPT_BLOCKS = new Set(
  "p blockquote ul ol li table thead tbody tr td th dl dt dd pre figure figcaption".split(" "),
);
const DROPPED = new Set(
  "script style head title meta link template noscript iframe object svg math textarea select button".split(" "),
);

/** A block of the draft; its content is HTML. */
interface Block {
  tag: string;
  html: string;
}

/** The level that a paragraph's style gives it, as word processors write it; null where it is none. */
function styledLevel(element: ElementNode): number | null {
  const style = attribute(element, "style") ?? "";
  const outline = /mso-outline-level\s*:\s*([1-6])/i.exec(style);
  if (outline) return Number(outline[1]);
  const name = `${attribute(element, "class") ?? ""} ${/mso-style-name\s*:\s*"?([^;"]+)/i.exec(style)?.[1] ?? ""}`;
  if (/\b(?:Mso)?Title\b/.test(name)) return 1;
  const heading = /\b(?:Mso)?Heading\s*([1-6])/i.exec(name);
  if (heading) return Number(heading[1]);
  const role = attribute(element, "role");
  return role === "heading" ? Math.min(6, Math.max(1, Number(attribute(element, "aria-level") ?? 2))) : null;
}

// Declarations from their beginning: “mso-bidi-font-weight” is about text of another script.
const weighs = (element: ElementNode) =>
  /(?:^|;)\s*font-weight\s*:\s*(?:bold|[6-9]00)/i.test(attribute(element, "style") ?? "");
const leans = (element: ElementNode) => /(?:^|;)\s*font-style\s*:\s*italic/i.test(attribute(element, "style") ?? "");
/** Clipboards wrap what is pasted in a `b` that is not bold. */
const notBold = (element: ElementNode) =>
  /(?:^|;)\s*font-weight\s*:\s*(?:normal|400)/i.test(attribute(element, "style") ?? "");

/** The bullet or number that word processors write as text before a list paragraph. */
const BULLET = /^\s*(?:[·•▪◦‣o§-]|\(?(?:\d{1,3}|[a-z]|[ivx]{1,4})[.)])\s+/i;

class Cleaner {
  readonly blocks: Block[] = [];
  private inline = "";

  nodes(nodes: readonly TreeNode[]): void {
    for (const node of nodes) this.node(node);
  }

  flush(tag = "p"): void {
    const html = tidy(this.inline);
    this.inline = "";
    if (html) this.blocks.push({ tag, html });
  }

  private node(node: TreeNode): void {
    if (node.type === "text") this.inline += escapeText(node.text);
    else if (node.type === "element") this.element(node);
  }

  private element(element: ElementNode): void {
    const { tag } = element;
    if (DROPPED.has(tag) || tag === "img") return;
    if (tag === "br") {
      this.inline += " ";
      return;
    }
    if (INLINE[tag] || tag === "span" || tag === "font" || tag === "u") {
      this.wrap(element);
      return;
    }
    const level = /^h[1-6]$/.test(tag) ? Number(tag[1]) : tag === "p" || tag === "div" ? styledLevel(element) : null;
    if (level !== null) this.whole(element, `h${level}`);
    else if (
      tag === "p" &&
      /MsoListParagraph|mso-list/i.test(`${attribute(element, "class")} ${attribute(element, "style")}`)
    )
      this.listParagraph(element);
    else if (tag === "p" || tag === "pre" || tag === "blockquote") this.whole(element, tag);
    else if (tag === "ul" || tag === "ol" || tag === "table" || tag === "dl" || tag === "figure") {
      this.flush();
      const inner = structure(element);
      if (inner) this.blocks.push({ tag, html: inner });
    } else {
      this.flush();
      this.nodes(element.children);
      this.flush();
    }
  }

  private whole(element: ElementNode, tag: string): void {
    this.flush();
    const inner = new Cleaner();
    inner.nodes(element.children);
    inner.flush(tag);
    // What a heading or paragraph wrongly holds, such as a list, stands behind it.
    for (const block of inner.blocks) this.blocks.push(block.tag === "p" ? { ...block, tag } : block);
  }

  private listParagraph(element: ElementNode): void {
    this.flush();
    const inner = new Cleaner();
    inner.nodes(element.children);
    inner.flush();
    const html = inner.blocks.map((block) => block.html).join(" ");
    const ordered = /^\s*\(?(?:\d|[a-z][.)])/i.test(html);
    const tag = ordered ? "ol" : "ul";
    const item = `<li>${html.replace(BULLET, "")}</li>`;
    const last = this.blocks.at(-1);
    if (last?.tag === tag && last.html.endsWith("</li>")) last.html += `\n${item}`;
    else this.blocks.push({ tag, html: item });
  }

  private wrap(element: ElementNode): void {
    const before = this.inline;
    const blocks = this.blocks.length;
    this.inline = "";
    this.nodes(element.children);
    // A wrapper with blocks inside is no inline element.
    if (this.blocks.length > blocks) {
      this.inline = before && this.blocks.length > blocks ? this.inline : before + this.inline;
      return;
    }
    const inner = this.inline;
    this.inline = before + marked(element, inner);
  }
}

function marked(element: ElementNode, inner: string): string {
  if (inner.trim() === "") return inner;
  let tag = INLINE[element.tag] ?? null;
  if (tag === "strong" && notBold(element)) tag = null;
  if (tag === null && weighs(element)) tag = "strong";
  if (tag === null && leans(element)) tag = "em";
  if (tag === null) return inner;
  if (tag !== "a") return around(tag, "", inner);
  const href = attribute(element, "href")?.trim() ?? "";
  if (!/^(?:https?:|mailto:|tel:|[/#?]|[^:]*$)/i.test(href) || href === "") return inner;
  return around("a", ` href="${escapeAttribute(href, '"')}"`, inner);
}

/** White space at the edges stays outside of the element. */
function around(tag: string, attributes: string, inner: string): string {
  const [, lead = "", core = "", trail = ""] = /^(\s*)([\s\S]*?)(\s*)$/.exec(inner) ?? [];
  return `${lead}<${tag}${attributes}>${core}</${tag}>${trail}`;
}

const tidy = (html: string) =>
  html
    .replace(/[\s\u00a0]+/g, " ")
    .replace(/<\/(strong|em)>( ?)<\1>/g, "$2")
    .trim();

/** Lists and tables with their own elements, without attributes but those of table cells. */
function structure(element: ElementNode): string {
  const parts: string[] = [];
  for (const child of element.children) {
    if (child.type !== "element") continue;
    if (!KEPT_BLOCKS.has(child.tag)) {
      const inner = structure(child);
      if (inner) parts.push(inner);
      continue;
    }
    const spans = ["colspan", "rowspan"].flatMap((name) => {
      const value = attribute(child, name);
      return value && /^[2-9]\d?$/.test(value) ? [` ${name}="${value}"`] : [];
    });
    const leaf = /^(?:li|td|th|dt|dd|figcaption|p)$/.test(child.tag);
    const inner = leaf ? cell(child) : structure(child);
    if (inner || child.tag === "td" || child.tag === "th")
      parts.push(`<${child.tag}${spans.join("")}>${inner}</${child.tag}>`);
  }
  return parts.join("\n");
}

function cell(element: ElementNode): string {
  const inner = new Cleaner();
  inner.nodes(element.children);
  inner.flush();
  const [only] = inner.blocks;
  if (only && inner.blocks.length === 1 && /^(?:p|h[1-6])$/.test(only.tag)) return only.html;
  return inner.blocks
    .map(({ tag, html }, i) => (i === 0 && tag === "p" ? html : `<${tag}>${html}</${tag}>`))
    .join("\n");
}

/**
 * Rich text from a clipboard or a word-processor file as plain semantic HTML: headings by their styles, paragraphs, lists,
 * tables, links, emphasis; everything that only looks is left out.
 */
export function cleanRichText(html: string): string {
  // Clipboards mark the part that was copied.
  const fragment = /<!--StartFragment-->([\s\S]*?)<!--EndFragment-->/i.exec(html)?.[1] ?? html;
  const { document } = parseSource(`<!DOCTYPE html><body>${fragment.replace(/<o:p>|<\/o:p>/gi, "")}`);
  const cleaner = new Cleaner();
  cleaner.nodes(document.children);
  cleaner.flush();
  return oneTitle(cleaner.blocks)
    .map(({ tag, html: inner }) =>
      /^(?:ul|ol|table|dl|figure)$/.test(tag) ? `<${tag}>\n${inner}\n</${tag}>` : `<${tag}>${inner}</${tag}>`,
    )
    .join("\n");
}

/** Where a title stands over sections that are level-1 headings too, as word processors have it, those go one level down. */
function oneTitle(blocks: readonly Block[]): Block[] {
  const tops = blocks.filter(({ tag }) => tag === "h1").length;
  if (tops < 2 || blocks.find(({ tag }) => /^h\d$/.test(tag))?.tag !== "h1") return [...blocks];
  let seen = false;
  return blocks.map((block) => {
    if (!/^h[1-6]$/.test(block.tag)) return block;
    if (!seen) {
      seen = true;
      return block;
    }
    return { ...block, tag: `h${Math.min(6, Number(block.tag[1]) + 1)}` };
  });
}

/** The text of the first heading, else the first words of a draft. */
export function draftName(html: string): string {
  const heading = /<h[1-6]>([\s\S]*?)<\/h[1-6]>/.exec(html)?.[1] ?? /<p>([\s\S]*?)<\/p>/.exec(html)?.[1] ?? "";
  const text = collapse(
    heading
      .replace(/<[^>]*>/g, "")
      .replace(/&lt;/g, "<")
      .replace(/&amp;/g, "&"),
  );
  return text.length > 80 ? `${text.slice(0, 79).replace(/\s+\S*$/, "")}…` : text;
}

/** A complete page around a draft's body, as Keen Quill writes it. */
export function draftSource(body: string, { language, title }: { language: string; title: string }): string {
  return `<!DOCTYPE html>
<html lang="${escapeAttribute(language, '"')}">
<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
${title ? `  <title>${escapeText(title)}</title>\n` : ""}</head>
<body>
<main>
${body}
</main>
</body>
</html>
`;
}
