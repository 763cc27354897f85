/** Lines and cells of what a spreadsheet copies: tabs between cells, quotes around those with line breaks. */
export function pastedLines(text: string): string[][] {
  const lines: string[][] = [[]];
  const pattern = /("(?:[^"]|"")*"|[^\t\r\n]*)(\t|\r\n|\n|\r|$)/y;
  let match = pattern.exec(text);
  while (match) {
    const [whole, cell = "", end] = match;
    lines
      .at(-1)
      ?.push(
        cell.startsWith('"') && cell.endsWith('"') && cell.length > 1 ? cell.slice(1, -1).replaceAll('""', '"') : cell,
      );
    if (end === "" || whole === "") break;
    if (end !== "\t") {
      if (pattern.lastIndex >= text.length) break;
      lines.push([]);
    }
    match = pattern.exec(text);
  }
  return lines;
}
