/** A block that a redraft adds: plain text in one element, or a list of links. */
export interface NewBlock {
  tag: "p" | "li" | "h1" | "h2" | "h3" | "h4" | "h5" | "h6" | "links";
  text: string;
  /** For `links`: where each leads, and its words. */
  links?: { href: string; text: string }[];
}
