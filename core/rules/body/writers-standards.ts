import { contentWords } from "../../page/body.ts";
import { count } from "../../settings/setting.ts";
import { commonPractice, rule } from "../rule.ts";
import { counted } from "../texts.ts";

export const bodyWritersStandards = rule({
  id: "body/writers-standards",
  weight: "should",
  off: true,
  formats: ["html", "markdown"],
  sees: ["blocks", "lists", "tables", "images"],
  finds: "a page that falls short of the writers' standards",
  counted: ["# page falls short of the writers’ standards", "# pages fall short of the writers’ standards"],
  why: "Some houses want so many words, lists and pictures of every article. It is off until a house style turns it on for a kind of page.",
  source: commonPractice(),
  settings: {
    words: count(800, "A page has at least {words} words."),
    lists: count(1, "A page has at least {lists} lists or tables."),
    pictures: count(1, "A page has at least {pictures} pictures."),
  },
  check(page, report, { settings }) {
    const around = new Set<string | null>(["navigation", "complementary", "contentinfo", "banner"]);
    const inContent = (list: readonly { landmark: string | null }[]) =>
      list.filter(({ landmark }) => !around.has(landmark)).length;
    const lists = inContent(page.lists) + inContent(page.tables);
    const pictures = inContent(page.images);
    const words = contentWords(page);
    const short = [
      words < settings.words && `${counted(words, "word")} of ${settings.words}`,
      lists < settings.lists && `${counted(lists, "list or table", "lists or tables")} of ${settings.lists}`,
      pictures < settings.pictures && `${counted(pictures, "picture")} of ${settings.pictures}`,
    ].filter(Boolean);
    if (short.length > 0) report({ message: `The page has ${short.join(", ")}.`, at: { part: "markup" } });
  },
});
