import { collapse, titleOf } from "../../page/page.ts";
import { withoutBrand } from "../../settings/without-brand.ts";
import { commonPractice, rule } from "../rule.ts";
import { quote } from "../texts.ts";

export const titleMetaTitle = rule({
  id: "title/meta-title",
  weight: "should",
  formats: ["html", "markdown", "fields"],
  sees: ["titles", "metas"],
  heeds: ["brand"],
  finds: "a meta title that stands in for the title element, or disagrees with it",
  counted: [
    "# page has a meta title beside or instead of its title",
    "# pages have a meta title beside or instead of their title",
  ],
  hasFix: true,
  why: "No standard knows a meta element named title. Browsers and search engines take the title element, so what is typed into the other is lost.",
  source: commonPractice(),
  check(page, report, { houseStyle }) {
    for (const meta of page.metas) {
      if (meta.name !== "title" && meta.name !== "meta-title") continue;
      const content = collapse(meta.content ?? "");
      const title = titleOf(page);
      // The site's name and capitals are no other title.
      const plain = (text: string) => withoutBrand(text, houseStyle.brand).toLowerCase();
      if (plain(content) === plain(title) || content === "") continue;
      const message =
        title === ""
          ? `The text ${quote(content)} stands in a meta element and not in the title.`
          : `A meta title says ${quote(content)}, the title element something else.`;
      report({
        message,
        at: { part: "title", range: meta.range },
        ...(title === "" && {
          fix: {
            label: `Make it the title: ${quote(content)}`,
            edits: [{ op: "set-title" as const, value: content, was: page.titles.length ? "" : null }],
          },
        }),
      });
    }
  },
});
