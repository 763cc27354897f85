import { useMemo } from "react";
import type { Finding } from "#core/findings/finding";
import { toldToRules } from "#core/page/found-for";
import { languageOf } from "#core/page/page";
import { differingWords } from "#core/result/differing";
import { boldOf, setDescription, setTitle } from "#core/result/result";
import { applyToPage } from "#core/rewrite/apply";
import { withEdit } from "#core/rewrite/edits";
import type { ResultLimits } from "#core/settings/house-style";
import type { TakeRecord } from "../../store/records/takes";
import { addTake, keepEarlier, removeTake, sameWording, useTakes, type Wording } from "../../store/takes";
import { useToday } from "../../store/use-today";
import { Action } from "../../ui/controls";
import { useNotices } from "../../ui/notice";
import { ResultField } from "../field";
import { useRules } from "../state/use-rules";
import type { Desk } from "../use-desk";
import { wordingEdits, wordingOf } from "../wording";
import { useTakeTexts } from "./use-take-texts";

/** What of the desk it takes. */
type Taken = Pick<Desk, "page" | "record" | "edit" | "edits" | "original" | "houseStyle">;

const nothing = () => {};

/** Several wordings of title and description under each other at true scale; one of them is in use. */
export default function Takes({ desk, limits, query }: { desk: Taken; limits: ResultLimits; query: string }) {
  const takes = useTakes(desk.record.id);
  if (!takes) return null;
  return <Loaded desk={desk} limits={limits} query={query} takes={takes} />;
}

function Loaded({
  desk,
  limits,
  query,
  takes,
}: {
  desk: Taken;
  limits: ResultLimits;
  query: string;
  takes: readonly TakeRecord[];
}) {
  const { page, record, original } = desk;
  const { fail } = useNotices();
  const { textOf, type } = useTakeTexts(record.id, takes);
  const now = wordingOf(page);
  const of = { id: record.id, siteId: record.siteId };
  const current = takes.filter(({ usedUntil }) => usedUntil === null);
  const earlier = takes.filter(({ usedUntil }) => usedUntil !== null);
  const findings = useTakeFindings(desk);
  const wording = (take: TakeRecord): Wording => ({
    title: textOf(take, "title"),
    description: textOf(take, "description"),
  });
  const kept = current.some((take) => sameWording(wording(take), now));
  const use = (next: Wording, letter: string) => {
    const edits = wordingEdits(original, now, next);
    if (edits.length === 0) return;
    void keepEarlier(of, now).catch(fail);
    desk.edit(edits, `Use take ${letter}`);
  };
  return (
    <section aria-label="Takes" className="mt-4 max-w-[660px] border-hairline border-t pt-3">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span className="text-ink-soft">
          {current.length === 0
            ? "A take is another wording of title and description. It stands beside the one in use until you choose."
            : `${current.length === 1 ? "One take stands" : `${current.length} takes stand`} beside the wording in use. What differs from that is underlined.`}
        </span>
        {!kept && <Action onClick={() => void addTake(of, now).catch(fail)}>Keep this wording as a take</Action>}
      </p>
      <ul className="mt-3 grid gap-4">
        {current.map((take) => {
          const own = wording(take);
          const inUse = sameWording(own, now);
          return (
            <li key={take.id} className="grid grid-cols-[28px_minmax(0,1fr)] gap-x-2">
              <span className="font-serif text-18 leading-[32px]">{take.letter}</span>
              <div className="min-w-0">
                <Line
                  label={`Title of take ${take.letter}`}
                  value={own.title}
                  was={now.title}
                  cut={setTitle(own.title, "desktop", limits).end}
                  onChange={(text) => type(take, "title", text)}
                  className="text-[20px] leading-[32px] text-result-title"
                />
                <Measured name="title" text={own.title} set={setTitle} limits={limits} />
                <Line
                  label={`Description of take ${take.letter}`}
                  value={own.description}
                  was={now.description}
                  cut={setDescription(own.description, "desktop", limits).end}
                  bold={boldOf(query, own.description, languageOf(page))}
                  onChange={(text) => type(take, "description", text)}
                  className="text-[14px] leading-[24px] text-result-text"
                />
                <Measured name="description" text={own.description} set={setDescription} limits={limits} />
                <Found findings={findings(own)} />
                <p className="mt-1 flex flex-wrap items-baseline gap-x-4 text-12">
                  {inUse ? (
                    <span className="text-blue">in use</span>
                  ) : (
                    <Action onClick={() => use(own, take.letter)}>Use take {take.letter}</Action>
                  )}
                  <Action removes onClick={() => void removeTake(take).catch(fail)}>
                    Let it go
                  </Action>
                  <label className="flex min-w-[200px] flex-1 items-baseline gap-1.5 text-ink-soft">
                    because
                    <input
                      aria-label={`Reason for take ${take.letter}`}
                      value={textOf(take, "reason")}
                      placeholder="no reason given"
                      onChange={(e) => type(take, "reason", e.target.value)}
                      className="min-w-0 flex-1 border-edge border-b bg-transparent text-ink"
                    />
                  </label>
                </p>
              </div>
            </li>
          );
        })}
      </ul>
      {earlier.length > 0 && (
        <details className="mt-4">
          <summary className="cursor-pointer text-ink-soft">
            {earlier.length === 1 ? "One earlier wording" : `${earlier.length} earlier wordings`}
          </summary>
          <ul className="mt-2 grid gap-3">
            {earlier.map((take) => (
              <li key={take.id}>
                <span className="result-desktop block text-[18px] text-result-title" dir="auto">
                  {take.title || "no title"}
                </span>
                <span className="result-desktop block text-[14px] text-result-text" dir="auto">
                  {take.description || "no description"}
                </span>
                <span className="flex gap-4 text-12 text-ink-soft">
                  in use until {when(take.usedUntil ?? "")}
                  <Action onClick={() => use(take, take.letter)}>Use it again</Action>
                  <Action removes onClick={() => void removeTake(take).catch(fail)}>
                    Let it go
                  </Action>
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

const day = new Intl.DateTimeFormat("en-GB", { dateStyle: "medium", timeStyle: "short" });
const when = (at: string) => day.format(new Date(at));

/** One text of a take, edited where it is shown; what differs from the one in use is underlined. */
function Line({
  label,
  value,
  was,
  cut,
  bold = [],
  onChange,
  className,
}: {
  label: string;
  value: string;
  was: string;
  cut: number;
  bold?: readonly { start: number; end: number }[];
  onChange: (text: string) => void;
  className: string;
}) {
  const marked = useMemo(() => differingWords(was, value), [was, value]);
  return (
    <div className="result-desktop max-w-[600px]">
      <ResultField
        label={label}
        value={value}
        onChange={onChange}
        lostFrom={cut}
        bold={bold}
        marked={marked}
        notes={[]}
        selected={null}
        onSelect={nothing}
        className={className}
        placeholder={label.startsWith("Title") ? "No title yet" : "No description yet"}
      />
    </div>
  );
}

/** How wide a text is, and what each device loses of it. */
function Measured({
  name,
  text,
  set,
  limits,
}: {
  name: string;
  text: string;
  set: typeof setTitle;
  limits: ResultLimits;
}) {
  const cuts = (["desktop", "mobile"] as const).map((device) => ({ device, ...set(text, device, limits) }));
  const lost = cuts.filter((one) => one.lost !== "");
  return (
    <p className="text-12 text-graphite">
      <span className="sr-only">{name}: </span>
      {Math.round(cuts[0]?.px ?? 0)} px
      {lost.map(({ device, lost: words }) => (
        <span key={device} className="text-red">
          , loses “{words.length > 40 ? `${words.slice(0, 38)}…` : words}” on {device}
        </span>
      ))}
    </p>
  );
}

/** What the rules find on title and description of a take, in one line. */
function Found({ findings }: { findings: readonly Finding[] | null }) {
  if (!findings || findings.length === 0) return null;
  return (
    <ul aria-label="What is found on it" className="mt-0.5 grid text-12">
      {findings.map(({ rule, weight, message }) => (
        <li key={rule + message} className={weight === "may" ? "text-graphite" : "text-red"}>
          {message}
        </li>
      ))}
    </ul>
  );
}

/** What is found on title and description where a wording is put in the place of the page's own. */
function useTakeFindings({ page, original, edits, record, houseStyle }: Taken) {
  const rules = useRules();
  const today = useToday();
  const run = useMemo(
    () => rules?.auditor({ ...toldToRules(record), houseStyle, today }) ?? null,
    [rules, record, houseStyle, today],
  );
  return useMemo(() => {
    const known = new Map<string, readonly Finding[]>();
    return (wording: Wording): readonly Finding[] | null => {
      if (!run) return null;
      const key = JSON.stringify(wording);
      let found = known.get(key);
      if (!found) {
        const list = wordingEdits(original, wordingOf(page), wording).reduce<readonly (typeof edits)[number][]>(
          (all, edit) => withEdit(all, edit),
          edits,
        );
        found = run(applyToPage(original, list).page, { original, edits: list }).filter(
          ({ at }) => at.part === "title" || at.part === "description",
        );
        known.set(key, found);
      }
      return found;
    };
  }, [run, page, original, edits]);
}
