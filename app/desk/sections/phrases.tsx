import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { languageOf, type Page } from "#core/page/page";
import { phraseFault, phraseKey, uniquePhrases } from "#core/phrase/phrase-key";
import { inWords } from "#core/standing/in-words";
import { passagesOf } from "#core/standing/passages";
import { fewPhrases } from "#core/standing/phrase-list";
import { PLACES, type Standing, standingsOf } from "#core/standing/standing";
import { useSite } from "../../routes/site";
import { type SiteAsked, useSiteAnswer } from "../../store/site-findings";
import { Action, Keys } from "../../ui/controls";
import { useKeys } from "../../ui/keys";
import { onDemand } from "../../ui/on-demand";
import { useUnkept } from "../../ui/unkept";
import type { Desk } from "../use-desk";
import { usePhraseMarks } from "./use-phrase-marks";

const AudienceChoice = onDemand(async () => (await import("./audience")).default);
const Suggested = onDemand(async () => (await import("./suggested")).default);

/** What of the desk it takes. */
type Taken = Pick<Desk, "page" | "record" | "setPhrase" | "setSupporting" | "setAudience">;

const NOTHING: never[] = [];

/**
 * How the page's phrases stand on it. Its short texts are looked at at every key, its content only where it has changed: on
 * a long page that takes longer than a key may.
 */
function useStandings(page: Page, texts: readonly string[], anchors: readonly string[]): (Standing | null)[] {
  const { titles, metas, headings, blocks, images, address, language, values } = page;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read of the page is named part by part
  const short = useMemo(
    () => standingsOf({ ...page, blocks: NOTHING, images: NOTHING }, fewPhrases(texts), anchors),
    [titles, metas, headings, address, language, values, texts, anchors],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read of the page is named part by part
  const long = useMemo(
    () => standingsOf({ ...page, titles: NOTHING, metas: NOTHING, address: "" }, fewPhrases(texts)),
    [headings, blocks, images, language, texts],
  );
  return texts.map((_, n) => {
    const [one, other] = [short.get(n), long.get(n)];
    if (!one || !other) return one ?? other ?? null;
    const places = { ...one.places };
    for (const place of PLACES) places[place] ??= other.places[place];
    return { ...other, places };
  });
}

/** What the page is to be found for, where each phrase stands in it and where not, and every place of one marked. */
export default function Phrases({ desk }: { desk: Taken }) {
  const { page, record } = desk;
  const site = useSite();
  const [params, setParams] = useSearchParams();
  const marked = params.get("phrase");
  const ask = useMemo(() => (worker: SiteAsked) => worker.linksTo(record.id), [record.id]);
  const linking = useSiteAnswer(site, ask);
  const anchors = useMemo(() => linking?.map(({ text }) => text) ?? NOTHING, [linking]);
  const { phrase, supporting } = record;
  const texts = useMemo(() => [...(phraseKey(phrase) === "" ? [] : [phrase]), ...supporting], [phrase, supporting]);
  const standings = useStandings(page, texts, anchors);
  const marks = usePhraseMarks(page, marked);
  const mark = (text: string | null) => {
    const next = new URLSearchParams(params);
    if (text === null) next.delete("phrase");
    else next.set("phrase", text);
    setParams(next, { replace: true });
  };
  useKeys("n", () => marks.go(1));
  useKeys("shift+n", () => marks.go(-1));
  const [suggesting, setSuggesting] = useState(false);
  const shown = marked !== null && !texts.some((text) => phraseKey(text) === phraseKey(marked)) ? [marked] : [];
  return (
    <section aria-labelledby="phrases-heading">
      <div className="flex items-baseline gap-3">
        <h2 id="phrases-heading" className="font-serif text-18">
          Phrases
        </h2>
        <span className="text-ink-soft">
          {texts.length === 0
            ? "nobody has said yet what it is to be found for"
            : "what it is to be found for, and where that stands"}
        </span>
      </div>
      <ul className="mt-2 grid gap-2">
        {[...texts, ...shown].map((text, n) => {
          const standing = standings[n];
          const { there, missing } = standing ? inWords(standing) : { there: "", missing: "" };
          const target = n === 0 && texts[0] === phrase;
          const own = n < texts.length;
          const isMarked = marked !== null && phraseKey(marked) === phraseKey(text);
          return (
            <li
              key={text}
              className="grid grid-cols-[minmax(0,12.5rem)_minmax(0,1fr)] gap-x-4 max-[43.75rem]:grid-cols-1"
            >
              <span className="font-serif text-15 leading-snug" dir="auto">
                {text}
              </span>
              <span>
                {own && (
                  <>
                    {!target && <span className="text-ink-soft">supports it: </span>}
                    {there ||
                      (!standing && <span className={target ? "text-red" : ""}>stands nowhere on this page</span>)}
                    {target && missing && (
                      <>
                        {there && "; "}
                        <span className="text-red">{missing}</span>
                      </>
                    )}
                  </>
                )}
                <span className="flex flex-wrap items-baseline gap-x-4 text-12">
                  {isMarked ? (
                    <>
                      <span aria-live="polite" className="text-ink-soft">
                        {marks.places === 0
                          ? "not in the text that is shown"
                          : marks.at < 0
                            ? `${marks.places} ${marks.places === 1 ? "place" : "places"} marked`
                            : `place ${marks.at + 1} of ${marks.places}`}
                      </span>
                      {marks.places > 0 && (
                        <>
                          <Action onClick={() => marks.go(1)}>
                            Next <Keys>N</Keys>
                          </Action>
                          <Action onClick={() => marks.go(-1)}>Previous</Action>
                        </>
                      )}
                      <Action onClick={() => mark(null)}>Stop marking</Action>
                    </>
                  ) : (
                    (standing?.count ?? 0) + (standing?.places.body ? 1 : 0) > 0 && (
                      <Action onClick={() => mark(text)}>Mark it in the text</Action>
                    )
                  )}
                  {own && !target && (
                    <Action onClick={() => desk.setSupporting(supporting.filter((one) => one !== text))}>
                      Take it out
                    </Action>
                  )}
                </span>
                {isMarked && <BySection page={page} phrase={text} />}
              </span>
            </li>
          );
        })}
      </ul>
      <AudienceChoice
        waiting={<p className="mt-2 h-6" />}
        audience={record.audience}
        siteId={site.id}
        onChange={desk.setAudience}
      />
      <AddSupporting onAdd={(text) => desk.setSupporting(uniquePhrases([...supporting, text], phrase))} known={texts} />
      {suggesting ? (
        <Suggested
          site={site}
          pageId={record.id}
          known={texts}
          onTake={(text) =>
            phraseKey(phrase) === ""
              ? desk.setPhrase(text)
              : desk.setSupporting(uniquePhrases([...supporting, text], phrase))
          }
        />
      ) : (
        <p className="mt-2">
          <Action onClick={() => setSuggesting(true)}>Suggest phrases out of its words</Action>
        </p>
      )}
    </section>
  );
}

/** How often a phrase is said in each section. */
function BySection({ page, phrase }: { page: Page; phrase: string }) {
  const { blocks, headings, language } = page;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is read of the page is named part by part
  const sections = useMemo(() => {
    const counts = new Map<number, number>();
    for (const { heading, marks } of passagesOf(page, fewPhrases([phrase]).in(languageOf(page)))) {
      const said = marks.filter(({ kind }) => kind !== "scattered").length;
      if (said > 0) counts.set(heading, (counts.get(heading) ?? 0) + said);
    }
    return [...counts];
  }, [blocks, headings, language, phrase]);
  if (sections.length < 2) return null;
  return (
    <span className="block text-12 text-ink-soft">
      {sections
        .map(
          ([heading, n]) =>
            `${n} ${n === 1 ? "time" : "times"} ${heading < 0 ? "before the first heading" : `under “${headings[heading]?.text ?? ""}”`}`,
        )
        .join(", ")}
    </span>
  );
}

function AddSupporting({ onAdd, known }: { onAdd: (text: string) => void; known: readonly string[] }) {
  const [text, setText] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  useUnkept(text.trim() !== "" && fault ? `“${text}” is not kept. ${fault}` : null);
  const add = () => {
    const said = text.trim();
    if (said === "") return setFault(null);
    const why = known.some((one) => phraseKey(one) === phraseKey(said))
      ? `“${said}” is there already.`
      : phraseFault(said);
    setFault(why);
    if (why) return;
    onAdd(said);
    setText("");
  };
  return (
    <div className="mt-2">
      <input
        aria-label="Add a supporting phrase"
        list="phrases-of-site"
        placeholder="add a supporting phrase"
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={add}
        onKeyDown={(e) => {
          if (e.key === "Enter") add();
          if (e.key === "Escape") {
            setText("");
            setFault(null);
          }
        }}
        size={28}
        className="border-edge border-b bg-transparent"
      />
      {fault && (
        <span role="alert" className="ml-3 text-12 text-red">
          {fault}
        </span>
      )}
    </div>
  );
}
