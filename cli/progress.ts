/** How often the line is written anew, in milliseconds. */
const EVERY = 100;

const number = new Intl.NumberFormat("en-GB");

/** A line on standard error that counts pages, where that is a terminal; it can be cleared for what is printed. */
export function countPages(of: number): { done(): void; clear(): void } {
  const { stderr } = process;
  if (!stderr.isTTY) return { done: () => {}, clear: () => {} };
  let pages = 0;
  let last = 0;
  return {
    done() {
      pages++;
      if (Date.now() - last < EVERY) return;
      last = Date.now();
      stderr.write(`\r${number.format(pages)} of ${number.format(of)} pages`);
    },
    clear() {
      stderr.write("\r\u001b[K");
    },
  };
}
