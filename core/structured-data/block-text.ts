/** Whether two texts of a block differ at most in line endings and in the white space around them. */
export const sameBlock = (a: string, b: string): boolean =>
  a === b || a.replace(/\r\n?/g, "\n").trim() === b.replace(/\r\n?/g, "\n").trim();

/** JSON that can stand in a script element: nothing in it ends the element or begins a comment (HTML 4.12.1.3). */
export const safeInScript = (json: string): string =>
  json
    .replace(/<(?=\/script|!--|script)/gi, "\\u003C")
    .replace(/\u2028/g, "\\u2028")
    .replace(/\u2029/g, "\\u2029");
