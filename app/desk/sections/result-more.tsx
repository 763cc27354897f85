import { type RefObject, useEffect, useState } from "react";
import { Link } from "react-router";
import { languageOf, titleOf } from "#core/page/page";
import { inCaseWithin, LETTER_CASES, type LetterCase } from "#core/phrase/letter-case";
import type { PartId } from "#core/result/parts/part";
import type { ResultLimits } from "#core/settings/house-style";
import { namesOnPage } from "#core/site/names";
import { type BesideTitle, leadIn, useResultParts } from "../../result/use-result-parts";
import { useSite } from "../../routes/site";
import { linkTo, screenOf } from "../../screens";
import { Action, WordSelect } from "../../ui/controls";
import { useNotices } from "../../ui/notice";
import { onDemand } from "../../ui/on-demand";
import type { Desk } from "../use-desk";
import { descriptionEdit, titleEdit, wordingOf } from "../wording";

const Instead = onDemand(async () => (await import("./instead")).default);
const OtherWordings = onDemand(async () => (await import("./other-wordings")).default);
const Takes = onDemand(async () => (await import("./takes")).default);
const ResultParts = onDemand(async () => (await import("./result-parts")).default);
const PictureDialog = onDemand(async () => (await import("../../result/picture-dialog")).default);

/** What of the desk it takes. */
type Taken = Pick<Desk, "edit" | "edits" | "houseStyle" | "original" | "page" | "record">;

const CASES = Object.entries(LETTER_CASES).map(([style, { name }]) => [style, name] as const);
const DEVICES = ["desktop", "mobile"] as const;
const NOTHING: ReadonlySet<PartId> = new Set();

/** What can be opened under the result. */
const OPENED = [
  ["wordings", "Other wordings"],
  ["takes", "Takes"],
  ["parts", "What stands in it"],
  ["instead", "What may be shown instead"],
] as const;
type Opened = (typeof OPENED)[number][0];

/** What is done with the result beside typing into it: the query that it is seen for, other wordings, takes, its parts. */
export default function ResultMore({
  desk,
  limits,
  query,
  onQuery,
  field,
  onDrawn,
}: {
  desk: Taken;
  limits: ResultLimits;
  query: string;
  onQuery: (query: string) => void;
  /** The field that was typed into last: what is selected in it is put into another case. */
  field: RefObject<HTMLTextAreaElement | null>;
  /** What is to be drawn beside title and description. */
  onDrawn: (drawn: BesideTitle) => void;
}) {
  const site = useSite();
  const { notify } = useNotices();
  const [open, setOpen] = useState<Opened | null>(null);
  const [picture, setPicture] = useState(false);
  const [triedOn, setTriedOn] = useState<ReadonlySet<PartId>>(NOTHING);
  const parts = useResultParts(desk.page, query, site.name || site.houseStyle.brand);
  useEffect(() => onDrawn({ parts, triedOn, lead: leadIn(parts, triedOn) }), [onDrawn, parts, triedOn]);
  const changeCase = (style: LetterCase) => {
    const { current } = field;
    const ofTitle = !current?.ariaLabel?.startsWith("Description");
    const { title, description } = wordingOf(desk.page);
    const text = ofTitle ? title : description;
    const [start, end] = [current?.selectionStart ?? 0, current?.selectionEnd ?? 0];
    const stretch = start < end ? { start, end } : { start: 0, end: text.length };
    const names = namesOnPage(desk.page, site.houseStyle);
    const value = inCaseWithin(text, stretch, style, { language: languageOf(desk.page) || "en", names });
    if (value === text) notify("It is in that case already");
    else desk.edit((ofTitle ? titleEdit : descriptionEdit)(desk.original, value), LETTER_CASES[style].name);
    current?.focus();
  };
  const tryOn = (id: PartId, on: boolean) => {
    const next = new Set(triedOn);
    if (on) next.add(id);
    else next.delete(id);
    setTriedOn(next);
  };
  return (
    <>
      <div className="mt-3 flex flex-wrap items-baseline gap-x-5 gap-y-1 text-12">
        <label className="flex items-baseline gap-1.5 text-ink-soft">
          searched for:
          <input
            aria-label="Query to try"
            value={query}
            placeholder="a query"
            onChange={(e) => onQuery(e.target.value)}
            size={Math.max(10, query.length)}
            className="max-w-[12.5rem] border-edge border-b bg-transparent text-ink"
          />
        </label>
        {OPENED.map(([id, label]) => (
          <Action key={id} aria-expanded={open === id} onClick={() => setOpen(open === id ? null : id)}>
            {open === id ? `Hide ${label.charAt(0).toLowerCase()}${label.slice(1)}` : label}
          </Action>
        ))}
        <WordSelect
          label="Case of what is selected, or of the whole text"
          value=""
          options={[["", "Case…"], ...CASES]}
          onChange={(style) => changeCase(style as LetterCase)}
          className="text-blue"
        />
        <Action onClick={() => setPicture(true)}>Picture…</Action>
        <Link to={`${linkTo(site, screenOf("lineUp"))}?page=${desk.record.id}`} className="text-blue hover:underline">
          Among others
        </Link>
      </div>
      {picture && (
        <PictureDialog
          name={`result ${titleOf(desk.page)}`}
          query={query}
          language={languageOf(desk.page)}
          limits={limits}
          devices={DEVICES}
          results={[{ at: null, address: desk.page.address, own: true, ...wordingOf(desk.page) }]}
          onClose={() => setPicture(false)}
        />
      )}
      {open === "wordings" && <OtherWordings desk={desk} limits={limits} />}
      {open === "takes" && <Takes desk={desk} limits={limits} query={query} />}
      {open === "instead" && <Instead desk={desk} limits={limits} query={query} />}
      {open === "parts" && <ResultParts parts={parts} triedOn={triedOn} onTry={tryOn} />}
    </>
  );
}
