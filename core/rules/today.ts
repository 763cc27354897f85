/** The day as it is where the editor is, in the form of ISO 8601: not Greenwich's, which is another one for hours. */
export function localDay(now = new Date()): string {
  const two = (n: number) => String(n).padStart(2, "0");
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
