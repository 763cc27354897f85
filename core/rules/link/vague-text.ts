import { rule } from "../rule.ts";
import { quote } from "../texts.ts";

const VAGUE =
  "click,click here,click this link,continue,continue reading,details,download,find out more,go,here,info,learn more,link,more,more info,more information,more…,read,read more,read on,see more,this,this page,view,view more,en savoir plus,ici,lire la suite,mehr,mehr erfahren,weiterlesen,hier,darllen mwy,mwy,yma".split(
    ",",
  );

export const linkVagueText = rule({
  id: "link/vague-text",
  weight: "may",
  sees: ["links"],
  finds: "a link whose words say nothing by themselves",
  why: "Links are read out in lists, without what stands around them. Words that name where a link goes serve listeners and search engines alike.",
  source: { kind: "standard", text: "WCAG 2.2, 2.4.9 (AAA); common practice" },
  settings: { words: { type: "words", default: VAGUE, says: "These say nothing as a link: {words}" } },
  *check(page, { settings }) {
    for (const [index, link] of page.links.entries()) {
      const bare = link.text
        .toLowerCase()
        .replace(/[\s.!…»›>→-]+$/g, "")
        .trim();
      if (bare === "" || !settings.words.includes(bare)) continue;
      yield {
        message: `${quote(link.text, 40)} does not say that it leads to ${link.href}.`,
        at: { part: "link", link: index, range: link.range },
      };
    }
  },
});
