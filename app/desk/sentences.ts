/** First sentence and the rest. What is quoted is not parted. */
export function sentences(message: string): [string, string] {
  for (const { 0: mark, index } of message.matchAll(/[.?]["”’)]*\s(?=\S)/g)) {
    const end = index + mark.length;
    const first = message.slice(0, end - 1);
    if (first.split("“").length === first.split("”").length) return [first, message.slice(end)];
  }
  return [message, ""];
}
