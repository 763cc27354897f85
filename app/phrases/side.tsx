import { useMemo, useState } from "react";
import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { readVolume } from "#core/exchange/phrase-table";
import type { SiteFix, WrapFix } from "#core/findings/site-fix";
import { placeInWords } from "#core/performance/first-pages";
import { phraseFault, phraseKey } from "#core/phrase/phrase-key";
import { TextInPlace } from "../desk/text-in-place";
import { periodInWords } from "../performance/words";
import { linkTo, linkToPage, screenOf } from "../screens";
import type { PageRecord } from "../store/page-record";
import { usePeriods } from "../store/performance";
import type { PagePassages } from "../store/phrase-passages";
import { assignPhrase, changePhrase, mergePhrases, movePhrase, removePhrases, unassignPhrase } from "../store/phrases";
import type { SiteRecord } from "../store/records/sites";
import { mergeInto } from "../store/redirects";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { Action } from "../ui/controls";
import { useNotices } from "../ui/notice";
import { ofPage } from "../ui/of-page";
import type { PhraseLine } from "./lines";
import { PageChoice } from "./page-choice";
import { MarkedSentence } from "./passage";
import { usePassages } from "./use-passages";

const number = new Intl.NumberFormat("en-GB");
/** Sentences that are looked through for words that go with a phrase. */
const MOST_SENTENCES = 400;
/** Links that are named. */
const MOST_LINKS = 30;

/** The chosen phrase: its pages, what can be done with it, and the sentences of the site that say it. */
export function PhraseSide({
  site,
  line,
  lines,
  pages,
  onChosen,
  onFind,
}: {
  site: SiteRecord;
  line: PhraseLine;
  lines: readonly PhraseLine[];
  pages: readonly PageRecord[];
  /** Another phrase is to be shown; null for none. */
  onChosen: (key: string | null) => void;
  /** The list is to be looked through for words. */
  onFind: (words: string) => void;
}) {
  const { notify, fail } = useNotices();
  const { text, record, targets, supporting } = line;
  const found = usePassages(site, text, targets[0]);
  const act = (done: Promise<unknown>) => void done.catch(fail);
  const canonical = async (page: PageRecord) => {
    const others = targets.flatMap(({ id }) => (id === page.id ? [] : id));
    const { makeCanonical } = await import("../store/canonical");
    const { changed, refused } = await makeCanonical(site, page, others);
    if (refused[0]) fail(new Error(refused[0].reason));
    else
      notify(
        `Canonical address: ${pathOf(page.address)}`,
        `Stated on ${changed === 1 ? "1 page" : `${changed} pages`}.`,
      );
  };
  const merge = async (page: PageRecord) => {
    const others = targets.flatMap(({ id }) => (id === page.id ? [] : id));
    try {
      await mergeInto(site.id, page, others);
      notify(
        `${others.length === 1 ? "One page is" : `${others.length} pages are`} to lead to ${pathOf(page.address)}`,
      );
    } catch (error) {
      fail(error);
    }
  };
  const own = [...targets, ...supporting];
  const likely = (line.told?.answered ?? []).map(([id]) => id);
  const reword = (next: string) => {
    const fault = phraseFault(next);
    if (fault) return fault;
    const other = lines.find(({ key }) => key === phraseKey(next) && key !== line.key);
    if (other)
      return {
        reason: `“${other.text}” is in the list already.`,
        instead: {
          label: "Make one of both",
          run: () => {
            act(mergePhrases(site.id, [text], other.text));
            onChosen(other.key);
          },
        },
      };
    act(changePhrase({ siteId: site.id, text }, { text: next }));
    onChosen(phraseKey(next));
    return null;
  };
  return (
    <>
      <h2 className="font-medium font-serif text-18 leading-snug">
        <TextInPlace value={text} label="Wording of the phrase" empty="a phrase" onKeep={reword} className="w-full" />
      </h2>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-2 text-ink-soft">
        searched
        <TextInPlace
          value={record?.volume === null || record === null ? "" : number.format(record.volume)}
          label="Searches a month"
          empty="nobody has said how often"
          onKeep={(said) => {
            const volume = readVolume(said);
            if (volume === undefined) return `“${said}” is no number of searches. Type digits, or leave it empty.`;
            act(changePhrase({ siteId: site.id, text }, { volume }));
            return null;
          }}
        />
        {record?.volume !== null && record !== null && "times a month"}
      </p>
      <Measured site={site} phrase={text} />
      {record && Object.keys(record.more).length > 0 && (
        <p className="text-12 text-ink-soft">
          {Object.entries(record.more)
            .map(([name, value]) => `${name}: ${value}`)
            .join(" · ")}
        </p>
      )}
      <GoesWith site={site} phrase={text} found={found} onFind={onFind} />
      {own.length > 0 && (
        <ul aria-label="Its pages" className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-2.5">
          {own.map((page) => (
            <li key={page.id} className="min-w-0 border-hairline border-l-2 pl-3">
              <Link
                to={linkToPage(site.id, page.id)}
                className="block truncate font-medium hover:underline"
                {...ofPage(page.language)}
              >
                {page.name || pathOf(page.address)}
              </Link>
              {targets.length > 1 && targets.includes(page) && (
                <span className="block text-12">
                  <span className="block truncate">{page.title || "no title"}</span>
                  <span className="line-clamp-2 text-ink-soft">{page.description || "no description"}</span>
                </span>
              )}
              <span className="block truncate font-mono text-12 text-ink-soft">{pathOf(page.address)}</span>
              <span className="flex flex-wrap gap-x-4 text-12">
                {!targets.includes(page) && <span className="text-ink-soft">supports it</span>}
                {targets.length > 1 && targets.includes(page) && (
                  <Action
                    onClick={() =>
                      act(
                        unassignPhrase(
                          site.id,
                          targets.flatMap(({ id }) => (id === page.id ? [] : id)),
                          text,
                        ),
                      )
                    }
                  >
                    Keep it for this page alone
                  </Action>
                )}
                <Action onClick={() => act(unassignPhrase(site.id, [page.id], text))}>Take it from this page</Action>
                {targets.length > 1 && targets.includes(page) && (
                  <Action
                    title="Search engines are told that the others are copies of it. They stay where they are."
                    onClick={() => act(canonical(page))}
                  >
                    Make it the canonical address
                  </Action>
                )}
                {targets.length > 1 && targets.includes(page) && (
                  <Action
                    title="The others are to lead to it: the redirects are listed under This site. They stay here until the site has done so."
                    onClick={() => void merge(page)}
                  >
                    Redirect the others to it
                  </Action>
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 flex flex-wrap gap-x-4 gap-y-1">
        <PageChoice
          words={targets.length > 0 ? "Give it another page" : "Choose its page"}
          pages={pages}
          likely={likely}
          onChoose={(page) => act(movePhrase(site.id, text, page.id))}
        />
        {targets.length > 0 && (
          <PageChoice
            words="Let it support a page"
            pages={pages.filter((page) => !own.includes(page))}
            likely={likely}
            onChoose={(page) => act(assignPhrase(site.id, [page.id], text, "supporting"))}
          />
        )}
        {record && (
          <Action
            onClick={() => {
              act(removePhrases(site.id, [record.id]));
              if (own.length === 0) onChosen(null);
            }}
          >
            Take it off the list
          </Action>
        )}
      </p>
      <Concordance site={site} line={line} pages={pages} found={found} />
      {targets[0] && <OtherWords site={site} page={targets[0]} phrase={text} />}
    </>
  );
}

/** What the phrase had in the latest period that figures are kept of. */
function Measured({ site, phrase }: { site: SiteRecord; phrase: string }) {
  const [period] = usePeriods(site.id) ?? [];
  const id = period?.id;
  const ask = useMemo(
    () => async (worker: SiteAsked) => (id === undefined ? null : worker.figuresOfPhrase(id, phrase)),
    [id, phrase],
  );
  const figures = useSiteAnswer(site, ask);
  if (!period) return null;
  return (
    <p className="text-ink-soft">
      <Link to={linkTo(site, screenOf("performance"))} className="hover:underline">
        {periodInWords(period)}
      </Link>
      {": "}
      {figures
        ? `shown ${number.format(figures.impressions)} times, clicked ${number.format(figures.clicks)} times${figures.position === null ? "" : `, place ${placeInWords(figures.position)}`}`
        : "not shown"}
    </p>
  );
}

/** The words that occur with the phrase, in the list and in the site's sentences; one that other phrases say finds them. */
function GoesWith({
  site,
  phrase,
  found,
  onFind,
}: {
  site: SiteRecord;
  phrase: string;
  found: ReturnType<typeof usePassages>;
  onFind: (words: string) => void;
}) {
  const sentences = useMemo(
    () => found?.pages.flatMap(({ passages }) => passages.map(({ sentence }) => sentence)) ?? [],
    [found],
  );
  const ask = useMemo(
    () => (worker: SiteAsked) => worker.helperWordsOf(phrase, sentences.slice(0, MOST_SENTENCES)),
    [phrase, sentences],
  );
  const words = useSiteAnswer(site, ask) ?? [];
  if (words.length === 0) return null;
  return (
    <p className="mt-1 text-ink-soft">
      Goes with:{" "}
      {words.map(({ text, phrases, volume, sentences: said }, i) => {
        const searched = phrases > 0 ? `${phrases} ${phrases === 1 ? "phrase" : "phrases"} of the list` : "";
        const times = volume > 0 ? `, searched ${number.format(volume)} times a month` : "";
        const here = said > 0 ? `${said} ${said === 1 ? "sentence" : "sentences"} of this site` : "";
        return (
          <span key={text}>
            {i > 0 && ", "}
            <span title={[searched + times, here].filter(Boolean).join("; ")}>
              {phrases > 0 ? <Action onClick={() => onFind(text)}>{text}</Action> : text}
            </span>
          </span>
        );
      })}
    </p>
  );
}

function Concordance({
  site,
  line,
  pages,
  found,
}: {
  site: SiteRecord;
  line: PhraseLine;
  pages: readonly PageRecord[];
  found: ReturnType<typeof usePassages>;
}) {
  const { notify, fail } = useNotices();
  const make = async (page: PagePassages, fix: SiteFix, done: string, why: string) => {
    try {
      const asked = { way: "fixes", rule: "link/opportunity", byPage: { [page.pageId]: [fix] } } as const;
      const { makeAtOnce } = await import("../proposals/make-at-once");
      const { changed, refused } = await makeAtOnce(site, [page.pageId], asked, fix.label);
      if (changed > 0) notify(done, `On ${page.path}.`);
      else fail(new Error(refused[0]?.reason ?? why));
    } catch (error) {
      fail(error);
    }
  };
  const link = (page: PagePassages, fix: WrapFix) =>
    make(
      page,
      fix,
      `“${fix.wrap.words}” links to ${pathOf(fix.wrap.to)}`,
      "These words cannot become a link any more: the page has changed.",
    );
  const head = (page: PagePassages, sentence: string, text: string) =>
    make(
      page,
      { label: `Heading “${text}”`, head: { id: crypto.randomUUID(), sentence, text } },
      `“${text}” is a heading now`,
      "No heading can be put here. Open the page, and put it where you want it.",
    );
  const languages = useMemo(() => new Map(pages.map(({ id, language }) => [id, language])), [pages]);
  if (!found) return <p className="mt-5 text-ink-soft">Looking for its sentences…</p>;
  const sentences = found.pages.reduce((sum, { passages }) => sum + passages.length, 0);
  return (
    <section aria-label="Where the site says it" className="mt-5">
      <p className="border-hairline border-b pb-1 text-12 text-ink-soft" aria-live="polite">
        {sentences === 0
          ? found.looked < found.among
            ? "Looking for its sentences…"
            : "No sentence of this site says it."
          : `${number.format(sentences)} ${sentences === 1 ? "sentence" : "sentences"} on ${number.format(found.pages.length)} ${found.pages.length === 1 ? "page" : "pages"}`}
      </p>
      <ul>
        {found.pages.flatMap((page) =>
          page.passages.map((one) => {
            const { link: fix } = one;
            return (
              <li key={`${page.pageId} ${one.block} ${one.at}`} className="border-hairline border-b py-2.5">
                <Link
                  to={`${linkToPage(site.id, page.pageId)}?phrase=${encodeURIComponent(line.text)}`}
                  className="block pb-1 font-mono text-12 text-ink-soft leading-snug hover:text-ink hover:underline"
                >
                  {page.path}
                  {one.heading ? `, ${one.heading}` : one.under && `, under “${one.under}”`}
                </Link>
                <p className="font-serif text-15 leading-snug">
                  <MarkedSentence {...one} language={languages.get(page.pageId) ?? ""} />
                </p>
                {!one.heading && (
                  <p className="mt-0.5 flex flex-wrap gap-x-4">
                    {fix && <Action onClick={() => void link(page, fix)}>Link these words</Action>}
                    <HeadIt phrase={line.text} onHead={(text) => void head(page, one.sentence, text)} />
                  </p>
                )}
              </li>
            );
          }),
        )}
      </ul>
    </section>
  );
}

/** Longest heading that is made here, in UTF-16 code units. */
const LONGEST_HEADING = 200;

/** A heading before the block of a sentence: the phrase is offered, and can be worded before it is put. */
function HeadIt({ phrase, onHead }: { phrase: string; onHead: (text: string) => void }) {
  const [text, setText] = useState<string | null>(null);
  const named = phrase.charAt(0).toUpperCase() + phrase.slice(1);
  if (text === null) return <Action onClick={() => setText(named)}>Put a heading over it…</Action>;
  const put = () => {
    if (text.trim() === "") return;
    onHead(text.trim());
    setText(null);
  };
  return (
    <span className="mt-1 flex w-full flex-wrap items-baseline gap-x-3">
      <input
        // biome-ignore lint/a11y/noAutofocus: it was just asked for
        autoFocus
        aria-label="Words of the heading"
        dir="auto"
        maxLength={LONGEST_HEADING}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === "Enter") put();
          if (e.key === "Escape") setText(null);
        }}
        className="min-w-0 flex-1 border-edge border-b bg-transparent font-serif text-15"
      />
      <Action onClick={put}>Put it there</Action>
      <Action onClick={() => setText(null)}>Cancel</Action>
    </span>
  );
}

/** Links that lead to the phrase's page with words that do not say it. */
function OtherWords({ site, page, phrase }: { site: SiteRecord; page: PageRecord; phrase: string }) {
  const ask = useMemo(() => (worker: SiteAsked) => worker.linksInOtherWords(page.id, phrase), [page.id, phrase]);
  const links = useSiteAnswer(site, ask) ?? [];
  if (links.length === 0) return null;
  return (
    <section aria-label="Links with other words" className="mt-5">
      <p className="border-hairline border-b pb-1 text-12 text-ink-soft">
        {number.format(links.length)} {links.length === 1 ? "link leads" : "links lead"} to {pathOf(page.address)} with
        other words
      </p>
      <ul>
        {links.slice(0, MOST_LINKS).map(({ id, address, text }) => (
          <li
            key={`${id} ${text}`}
            className="flex items-baseline justify-between gap-4 border-hairline border-b py-1.5"
          >
            <Link to={linkToPage(site.id, id)} className="min-w-0 font-serif text-15 hover:underline" dir="auto">
              {text || <span className="font-sans text-13 text-ink-soft">no words</span>}
            </Link>
            <span className="truncate font-mono text-12 text-ink-soft">{pathOf(address)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
