import { useEffect, useMemo, useRef, useState } from "react";
import { Link } from "react-router";
import { type LineUpPlace, movePlace, readPlaces, standingOrder } from "#core/result/line-up";
import type { Device } from "#core/result/styles";
import { limitsOf } from "#core/settings/house-style";
import { useTakeTexts } from "../desk/sections/use-take-texts";
import { TextInPlace } from "../desk/text-in-place";
import { DrawnResult } from "../result/drawn-result";
import { linkToPage } from "../screens";
import { changeLineUp } from "../store/line-ups";
import type { PageRecord } from "../store/page-record";
import type { LineUpRecord } from "../store/records/line-ups";
import type { SiteRecord } from "../store/records/sites";
import type { TakeRecord } from "../store/records/takes";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { addTake } from "../store/takes";
import { Action, WordSelect } from "../ui/controls";
import { useNotices } from "../ui/notice";
import { onDemand } from "../ui/on-demand";
import { type InColumn, OpeningWords, WhatOthersDo } from "./beside";
import { Column, Handle, Numeral, Place } from "./column";
import { OthersDialog } from "./others-dialog";
import { ReallyShown } from "./really-shown";
import { RivalBeside } from "./rival-beside";
import { TakeResult } from "./take-result";
import { dayInWords, placesInWords } from "./words";

const ProofDialog = onDemand(async () => (await import("../proof/proof-dialog")).default);
const PictureDialog = onDemand(async () => (await import("../result/picture-dialog")).default);

export type Shown = Device | "both";

const NO_LIGHT: ReadonlySet<number> = new Set();

/** The page's result among others for one phrase, in several places and wordings at once. */
export function LineUpView({
  site,
  page,
  lineUp,
  takes,
  shown,
  onShown,
}: {
  site: SiteRecord;
  page: PageRecord;
  lineUp: LineUpRecord;
  takes: readonly TakeRecord[];
  shown: Shown;
  onShown: (shown: Shown) => void;
}) {
  const { fail } = useNotices();
  const limits = useMemo(() => limitsOf(site.houseStyle), [site.houseStyle]);
  const ask = useMemo(() => (worker: SiteAsked) => worker.languageOfPage(page.id), [page.id]);
  const language = useSiteAnswer(site, ask) ?? "";
  const { textOf, type } = useTakeTexts(page.id, takes);
  const [others, setOthers] = useState(false);
  const [rival, setRival] = useState<string | null>(null);
  const [lit, setLit] = useState(NO_LIGHT);
  const [proof, setProof] = useState(false);
  const [picture, setPicture] = useState(false);
  const ids = useMemo(() => [page.id], [page.id]);
  // The number that was moved keeps the focus: it stands in another row when the move is kept.
  const moved = useRef<number | null>(null);
  useEffect(() => {
    const at = moved.current;
    if (at === null || !lineUp.places.some((one) => one.at === at)) return;
    moved.current = null;
    document.querySelector<HTMLElement>(`[data-at="${at}"] [data-own]`)?.focus();
  }, [lineUp.places]);
  const change = (make: (was: LineUpRecord) => Partial<LineUpRecord>, label?: string) =>
    void changeLineUp(lineUp, make, label).catch(fail);
  const { phrase, places } = lineUp;
  const current = takes.filter(({ usedUntil }) => usedUntil === null);
  const takeOf = (place: LineUpPlace) => current.find(({ id }) => id === place.take);
  const nameOf = (place: LineUpPlace) => {
    const take = takeOf(place);
    return take ? `take ${take.letter}` : "as it is now";
  };
  const textsOf = (place: LineUpPlace) => {
    const take = takeOf(place);
    return take
      ? { title: textOf(take, "title"), description: textOf(take, "description") }
      : { title: page.title, description: page.description };
  };
  const order = useMemo(() => standingOrder(lineUp), [lineUp]);
  const theirs = useMemo(
    () =>
      order.flatMap((one, i): InColumn[] => {
        const other = "other" in one ? lineUp.others[one.other] : undefined;
        return other ? [{ at: i + 1, title: other.title, description: other.description, wording: null }] : [];
      }),
    [order, lineUp],
  );
  const mine = order.flatMap((one, i): InColumn[] =>
    "yours" in one ? [{ at: i + 1, ...textsOf(one.yours), wording: nameOf(one.yours) }] : [],
  );
  const column = [...theirs, ...mine].sort((a, b) => a.at - b.at);
  const setPlaces = (text: string) => {
    const read = readPlaces(text);
    if ("reason" in read) return read.reason;
    change(({ places: was }) => {
      const left = current.map(({ id }) => id).filter((id) => !was.some(({ take }) => take === id));
      return {
        places: read.places.map(
          (at, i) => was.find((one) => one.at === at) ?? { at, take: was[i]?.take ?? left.shift() ?? "" },
        ),
      };
    }, "Places of yours");
    return null;
  };
  const move = (from: number, to: number) => {
    const at = (place: number) => {
      const one = order[place - 1];
      return one && "yours" in one ? one.yours.at : place;
    };
    if (to > order.length) return;
    change(({ places: was }) => ({ places: movePlace(was, at(from), at(to)) }), "Move yours");
    moved.current = at(to);
  };
  const another = async () => {
    try {
      const texts = places[0] ? textsOf(places[0]) : { title: page.title, description: page.description };
      const id = await addTake(page, texts, "", { always: true });
      if (!id) return;
      change(({ places: was }) => {
        const taken = new Set(was.map(({ at }) => at));
        let at = 1;
        while (taken.has(at)) at++;
        return { places: [...was, { at, take: id }].sort((a, b) => a.at - b.at) };
      }, "Another take");
    } catch (error) {
      fail(error);
    }
  };
  const devices: readonly Device[] = shown === "both" ? ["desktop", "mobile"] : [shown];
  return (
    <div className="min-h-0 flex-1 overflow-y-auto bg-sheet" data-scroll>
      <div className="border-hairline border-b px-7 pt-4 pb-3 max-[43.75rem]:px-4">
        <p className="font-serif text-18 leading-[1.7]">
          For{" "}
          <span className="bg-marker px-1">
            <TextInPlace
              value={phrase}
              label="Phrase of the line-up"
              empty="a phrase"
              onKeep={(text) => {
                change(() => ({ phrase: text.trim().slice(0, 200) }));
                return null;
              }}
            />
          </span>{" "}
          in{" "}
          <TextInPlace
            value={lineUp.place}
            label="Place of the search"
            empty="no place in particular"
            className="border-graphite border-b border-dotted"
            onKeep={(text) => {
              change(() => ({ place: text.trim().slice(0, 100) }));
              return null;
            }}
          />
          , seen on{" "}
          <label className="relative border-graphite border-b border-dotted focus-within:outline-1 focus-within:outline-blue focus-within:outline-offset-2">
            {dayInWords(lineUp.seen)}
            <input
              type="date"
              aria-label="Day on which the others were seen"
              value={lineUp.seen}
              onClick={(e) => e.currentTarget.showPicker?.()}
              onChange={(e) => {
                const { value } = e.target;
                if (value) change(() => ({ seen: value }));
              }}
              className="absolute inset-0 w-full cursor-pointer opacity-0"
            />
          </label>
          , on{" "}
          <WordSelect
            label="Device"
            value={shown}
            options={[
              ["desktop", "desktop"],
              ["mobile", "mobile"],
              ["both", "both devices"],
            ]}
            onChange={(value) => onShown(value as Shown)}
          />
          : yours stands{" "}
          <TextInPlace
            value={placesInWords(places.map(({ at }) => at))}
            label="Places of your result"
            empty="nowhere"
            className="border-graphite border-b border-dotted"
            onKeep={setPlaces}
          />
          .
        </p>
        <p className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
          <Action onClick={() => void another()}>Another take</Action>
          <Action onClick={() => setOthers(true)}>
            {lineUp.others.length === 0 ? "Bring in the others…" : "Other results…"}
          </Action>
          <Action onClick={() => setPicture(true)}>Picture…</Action>
          <Action onClick={() => setProof(true)}>Proof…</Action>
          <Link to={linkToPage(site.id, page.id)} className="text-blue hover:underline">
            Open the page on its desk
          </Link>
        </p>
      </div>
      <div
        className={`grid gap-x-7 ${shown === "both" ? "grid-cols-[minmax(0,1fr)] min-[97.5rem]:grid-cols-[minmax(0,1070px)_minmax(300px,1fr)]" : "grid-cols-[minmax(0,660px)_minmax(280px,1fr)] max-[63.75rem]:grid-cols-[minmax(0,1fr)]"} pr-7 max-[43.75rem]:pr-3`}
      >
        <div className="min-w-0 pt-2 pb-8 pl-3">
          {order.length === 0 && <p className="p-4 text-ink-soft">Say at which places yours is to stand.</p>}
          <Column onMove={move}>
            {order.map((one, i) => {
              const at = i + 1;
              const isOwn = "yours" in one;
              const other = isOwn ? undefined : lineUp.others[one.other];
              const take = isOwn ? takeOf(one.yours) : undefined;
              return (
                <Place
                  key={isOwn ? `own ${one.yours.take} ${one.yours.at}` : `other ${one.other}`}
                  at={at}
                  own={isOwn}
                  dim={lit.size > 0 && !isOwn && !lit.has(at)}
                >
                  {isOwn ? (
                    <span data-at={one.yours.at}>
                      <Handle at={at} name={`Yours, ${nameOf(one.yours)}`} onMove={move} />
                    </span>
                  ) : (
                    <Numeral at={at} />
                  )}
                  <div className="min-w-0">
                    <div className="flex flex-wrap gap-x-10 gap-y-3">
                      {devices.map((device) =>
                        take ? (
                          <div key={device} className="min-w-0 max-w-full" style={{ width: WIDTHS[device] }}>
                            <TakeResult
                              name={`take ${take.letter}`}
                              {...textsOf({ at, take: take.id })}
                              address={page.address}
                              query={phrase}
                              language={language}
                              device={device}
                              limits={limits}
                              onType={(field, text) => type(take, field, text)}
                            />
                          </div>
                        ) : (
                          <div key={device} className="min-w-0 max-w-full" style={{ width: WIDTHS[device] }}>
                            <DrawnResult
                              title={isOwn ? page.title : (other?.title ?? "")}
                              description={isOwn ? page.description : (other?.description ?? "")}
                              address={isOwn ? page.address : (other?.address ?? "")}
                              query={phrase}
                              language={language}
                              device={device}
                              limits={limits}
                            />
                          </div>
                        ),
                      )}
                    </div>
                    <p className="mt-0.5 flex flex-wrap gap-x-4 text-12">
                      {isOwn ? (
                        <WordSelect
                          label={`Wording at place ${at}`}
                          value={take?.id ?? ""}
                          options={[
                            ["", "as it is now"],
                            ...current.map(({ id, letter }) => [id, `take ${letter}`] as const),
                          ]}
                          onChange={(id) =>
                            change(
                              ({ places: was }) => ({
                                places: was.map((place) =>
                                  place.at === one.yours.at ? { ...place, take: id } : place,
                                ),
                              }),
                              "Wording of yours",
                            )
                          }
                          className="text-blue"
                        />
                      ) : (
                        <>
                          <Action onClick={() => setRival(other?.address ?? "")}>Hold its page beside yours</Action>
                          <Action
                            onClick={() =>
                              change(
                                (was) => ({ others: was.others.filter((_, n) => n !== one.other) }),
                                "Take a result out",
                              )
                            }
                          >
                            Take it out
                          </Action>
                        </>
                      )}
                    </p>
                  </div>
                </Place>
              );
            })}
          </Column>
          {lineUp.others.length === 0 && (
            <p className="mt-4 ml-11 max-w-[56ch] text-ink-soft">
              Nobody else stands here yet.{" "}
              <Action onClick={() => setOthers(true)}>Bring in the results to stand among…</Action>
            </p>
          )}
        </div>
        <div className="grid content-start gap-6 border-hairline pt-4 pb-8 pl-6 min-[63.8125rem]:border-l">
          <OpeningWords column={column} language={language} />
          <WhatOthersDo
            theirs={theirs}
            own={mine}
            phrase={phrase}
            brand={site.houseStyle.brand}
            language={language}
            limits={limits}
            lit={lit}
            onLight={setLit}
          />
          <ReallyShown
            shown={lineUp.shown}
            title={page.title}
            description={page.description}
            onKeep={(next) => change(() => ({ shown: next }), "What was really shown")}
          />
        </div>
      </div>
      {others && (
        <OthersDialog
          site={site}
          phrase={phrase}
          has={lineUp.others.length}
          onTake={(results) => change(() => ({ others: [...results] }), "Other results")}
          onClose={() => setOthers(false)}
        />
      )}
      {proof && <ProofDialog site={site} ids={ids} onClose={() => setProof(false)} />}
      {picture && (
        <PictureDialog
          name={`line-up ${phrase}`}
          query={phrase}
          language={language}
          limits={limits}
          devices={devices}
          results={order.map((one, i) => {
            const other = "yours" in one ? undefined : lineUp.others[one.other];
            const texts =
              "yours" in one
                ? textsOf(one.yours)
                : { title: other?.title ?? "", description: other?.description ?? "" };
            return { at: i + 1, address: other?.address ?? page.address, own: "yours" in one, ...texts };
          })}
          onClose={() => setPicture(false)}
        />
      )}
      {rival !== null && (
        <RivalBeside siteId={site.id} pageId={page.id} address={rival} phrase={phrase} onClose={() => setRival(null)} />
      )}
    </div>
  );
}

/** Widths of the boxes in which results are drawn, in px. */
const WIDTHS: Readonly<Record<Device, number>> = { desktop: 604, mobile: 336 };
