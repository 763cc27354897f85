const ESCAPED: Readonly<Record<string, string>> = { "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" };

/** A text as it is written into an HTML document, between tags or in an attribute with double quotes. */
export const escapedHtml = (text: string): string =>
  text.replace(/[&<>"]/g, (character) => ESCAPED[character] ?? character);
