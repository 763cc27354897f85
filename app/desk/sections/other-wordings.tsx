import { useId, useMemo } from "react";
import { descriptionOf, languageOf, titleOf } from "#core/page/page";
import { findPhrase } from "#core/phrase/match";
import { setDescription, setTitle } from "#core/result/result";
import { shorterWordings } from "#core/result/shorten";
import type { SuggestedText } from "#core/result/suggested/suggested";
import type { ResultLimits } from "#core/settings/house-style";
import { withoutBrand } from "#core/settings/without-brand";
import { useSite } from "../../routes/site";
import { addTake } from "../../store/takes";
import { Action } from "../../ui/controls";
import { useNotices } from "../../ui/notice";
import { useOfPage } from "../../ui/of-page";
import type { Desk } from "../use-desk";
import { descriptionEdit, titleEdit, wordingOf } from "../wording";
import { useOtherWordings } from "./use-other-wordings";

/** What of the desk it takes. */
type Taken = Pick<Desk, "page" | "record" | "edit" | "original">;

/** Ways in which a text that is cut fits: two or three. */
const WAYS = 3;

/** Each wording once, without the one in use. */
const once = (texts: readonly SuggestedText[], now: string): SuggestedText[] =>
  texts.filter(({ text }, i) => text !== now && texts.findIndex((one) => one.text === text) === i);

/** Other titles and descriptions out of the page's own words; where the present ones are cut, shorter ones of them first. */
export default function OtherWordings({ desk, limits }: { desk: Taken; limits: ResultLimits }) {
  const { page, record, original } = desk;
  const site = useSite();
  const { fail } = useNotices();
  const { blocks, headings, data } = page;
  const said = useMemo(() => ({ blocks, headings, data }), [blocks, headings, data]);
  const found = useOtherWordings(site, record.id, record.phrase, said);
  const now = wordingOf(page);
  const language = languageOf(page);
  const { brand } = site.houseStyle;
  const shorter = useMemo(() => {
    const keeps = (of: string) => {
      const has = (text: string) => findPhrase(record.phrase, text, { language }).length > 0;
      return record.phrase !== "" && has(of) ? has : () => true;
    };
    const ways = (text: string, set: typeof setTitle, bare: string): SuggestedText[] => {
      const fits = (one: string) => set(one, "desktop", limits).lost === "" && set(one, "mobile", limits).lost === "";
      return text === "" || fits(text)
        ? []
        : shorterWordings(text, { fits, brandless: bare, language, keeps: keeps(text) })
            .slice(0, WAYS)
            .map((one) => ({ text: one.text, px: set(one.text, "desktop", limits).px, reasons: [`fits ${one.how}`] }));
    };
    return {
      title: ways(now.title, setTitle, withoutBrand(now.title, brand)),
      description: ways(now.description, setDescription, now.description),
    };
  }, [now.title, now.description, limits, record.phrase, language, brand]);
  const take = (wording: Partial<typeof now>) =>
    void addTake({ id: record.id, siteId: record.siteId }, { ...now, ...wording }).catch(fail);
  return (
    <section aria-label="Other wordings" className="mt-4 max-w-[640px] border-hairline border-t pt-3">
      <List
        of="Titles"
        texts={once([...shorter.title, ...(found?.titles ?? [])], titleOf(page))}
        looking={found === null}
        className="text-[18px] text-result-title"
        onUse={(text) => desk.edit(titleEdit(original, text), "Suggested title")}
        onTake={(title) => take({ title })}
      />
      <List
        of="Descriptions"
        texts={once([...shorter.description, ...(found?.descriptions ?? [])], descriptionOf(page))}
        looking={found === null}
        className="text-[14px] text-result-text leading-[22px]"
        onUse={(text) => desk.edit(descriptionEdit(original, text), "Suggested description")}
        onTake={(description) => take({ description })}
      />
    </section>
  );
}

function List({
  of,
  texts,
  looking,
  className,
  onUse,
  onTake,
}: {
  of: "Titles" | "Descriptions";
  texts: readonly SuggestedText[];
  looking: boolean;
  className: string;
  onUse: (text: string) => void;
  onTake: (text: string) => void;
}) {
  const words = useOfPage();
  const id = useId();
  return (
    <div className="mb-4">
      <h3 id={id} className="font-medium text-13">
        {of} out of the page’s own words
      </h3>
      {texts.length === 0 ? (
        <p className="mt-1 text-ink-soft">
          {looking ? "Looking through its words…" : "Its words make no other one that fits."}
        </p>
      ) : (
        <ul aria-labelledby={id} className="mt-1.5 grid gap-2.5">
          {texts.map(({ text, px, reasons }) => (
            <li key={text}>
              <span className={`result-desktop block ${className}`} {...words}>
                {text}
              </span>
              <span className="flex flex-wrap items-baseline gap-x-4 text-12 text-ink-soft">
                <Action onClick={() => onUse(text)}>Use it</Action>
                <Action onClick={() => onTake(text)}>Keep it as a take</Action>
                <span>
                  {Math.round(px)} px; it {reasons.join(", ")}.
                </span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
