import { useMemo } from "react";
import { descriptionOf, languageOf } from "#core/page/page";
import { boldWords } from "#core/phrase/match";
import { drawnDescription, titlesInstead } from "#core/result/instead";
import { setDescription } from "#core/result/result";
import type { ResultLimits } from "#core/settings/house-style";
import { useSite } from "../../routes/site";
import { type SiteAsked, useSiteAnswer } from "../../store/site-findings";
import { Action } from "../../ui/controls";
import { useOfPage } from "../../ui/of-page";
import { stretches } from "../field";
import type { Desk } from "../use-desk";
import { descriptionEdit } from "../wording";

/** What of the desk it takes. */
type Taken = Pick<Desk, "page" | "record" | "edit" | "original">;

/** What search engines may show in the place of the page's own title and description, for a query that can be tried. */
export default function Instead({ desk, limits, query }: { desk: Taken; limits: ResultLimits; query: string }) {
  const words = useOfPage();
  const { page, record } = desk;
  const site = useSite();
  const ask = useMemo(() => (worker: SiteAsked) => worker.titlesAlike(record.id), [record.id]);
  const alike = useSiteAnswer(site, ask) ?? 0;
  const { titles: own, headings, language, blocks } = page;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read of the page is named part by part
  const titles = useMemo(
    () => titlesInstead(page, site.houseStyle, alike),
    [own, headings, language, site.houseStyle, alike],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read of the page is named part by part
  const drawn = useMemo(() => drawnDescription(page, query, limits), [blocks, headings, language, query, limits]);
  const bold = drawn ? boldWords(query, drawn.text, { language: languageOf(page) }) : [];
  const cut = drawn && setDescription(drawn.text, "desktop", limits, bold);
  const stands = drawn !== null && descriptionOf(page) === drawn.text;
  return (
    <section aria-label="What may be shown instead" className="mt-4 max-w-[640px] border-hairline border-t pt-3">
      <ul className="grid gap-2.5">
        {titles.map(({ why, text }) => (
          <li key={text}>
            <span className="block text-ink-soft">{why}</span>
            <span className="result-desktop block truncate text-[18px] text-result-title" {...words}>
              {text}
            </span>
          </li>
        ))}
        <li>
          <span className="text-ink-soft">
            {query ? `Where the description is passed over for “${query}” ` : "Where the description is passed over "}
            {drawn
              ? drawn.of === 0
                ? "the page’s first words stand there:"
                : drawn.words === 0
                  ? "no sentence has any of it, and the first words stand there:"
                  : `the sentence that has most of it stands there (${drawn.words} of ${drawn.of} words):`
              : "there is no sentence to be shown."}
          </span>
          {drawn && cut && (
            <>
              <span className="result-desktop mt-0.5 block text-[14px] text-result-text leading-[22px]" {...words}>
                {stretches(drawn.text, cut.end, bold, []).map(({ stretch, end }) => (
                  <span
                    key={end}
                    className={`${stretch.lost ? "text-graphite" : ""} ${stretch.bold ? "font-bold" : ""}`}
                  >
                    {stretch.text}
                  </span>
                ))}
              </span>
              {!stands && (
                <Action
                  onClick={() => desk.edit(descriptionEdit(desk.original, drawn.text), "Description out of the page")}
                >
                  Make it the description
                </Action>
              )}
            </>
          )}
        </li>
      </ul>
    </section>
  );
}
