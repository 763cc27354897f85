import { type ReactNode, useMemo } from "react";
import { lackingWords, openingWords, sharedWords, type TitleTraits, traitsOf } from "#core/result/line-up";
import type { ResultLimits } from "#core/settings/house-style";
import { Action } from "../ui/controls";
import { ofPage } from "../ui/of-page";
import { listInWords } from "./words";

/** A result of the column, as it is compared. */
export interface InColumn {
  /** Its place, from 1. */
  at: number;
  title: string;
  description: string;
  /** “as it is now”, “take B”; null for somebody else's. */
  wording: string | null;
}

const traitsIn = (one: InColumn, how: Parameters<typeof traitsOf>[1]) => ({ ...one, traits: traitsOf(one.title, how) });

/** The first words of every result in a column: what a hurried reader sees. */
export function OpeningWords({ column, language }: { column: readonly InColumn[]; language: string }) {
  return (
    <section aria-label="Opening words">
      <h2 className="font-medium font-serif text-15">Opening words</h2>
      <ol className="mt-1.5 grid gap-1">
        {column.map(({ at, title, wording }) => {
          const { opening, rest } = openingWords(title, language);
          return (
            <li key={at} className="grid grid-cols-[32px_minmax(0,1fr)] items-baseline gap-x-1.5">
              <span className="text-right text-12 text-ink-soft tabular-nums">{at}</span>
              <span className="truncate font-serif text-15" {...ofPage(language)}>
                <span className={wording === null ? "" : "text-blue"}>{opening || "no title"}</span>
                <span className="text-graphite">{rest}</span>
              </span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** What the others do and yours do not, in words; pressing a count shows which. */
export function WhatOthersDo({
  theirs,
  own,
  phrase,
  brand,
  language,
  limits,
  lit,
  onLight,
}: {
  theirs: readonly InColumn[];
  own: readonly InColumn[];
  phrase: string;
  brand: string;
  language: string;
  limits: ResultLimits;
  lit: ReadonlySet<number>;
  onLight: (places: ReadonlySet<number>) => void;
}) {
  // What the others do stays the same while somebody types.
  const others = useMemo(
    () => theirs.map((one) => traitsIn(one, { phrase, language, limits })),
    [theirs, phrase, language, limits],
  );
  const shared = useMemo(() => sharedWords(theirs, language), [theirs, language]);
  // The same wording at two places counts once.
  const yours = own
    .filter((one, i) => own.findIndex(({ wording }) => wording === one.wording) === i)
    .map((one) => traitsIn(one, { phrase, language, limits, brand }));
  const lacking = lackingWords(
    shared,
    [phrase, ...own.flatMap(({ title, description }) => [title, description])],
    language,
  );
  if (others.length === 0) return null;
  const which = (has: (traits: TitleTraits) => boolean) => ({
    places: new Set(others.filter((one) => has(one.traits)).map(({ at }) => at)),
    yours: yours.filter((one) => has(one.traits)),
  });
  const pressed = { lit, onLight, of: others.length };
  const mine = (list: readonly { wording: string | null }[], does: string, not: string) =>
    yours.length === 0
      ? ""
      : list.length === 0
        ? ` ${not}`
        : list.length === yours.length
          ? ` ${does}`
          : ` Of yours ${listInWords(list.map(({ wording }) => wording ?? ""))} ${list.length === 1 ? "does" : "do"}.`;
  const numbers = which(({ numbers }) => numbers.length > 0);
  const years = which(({ years }) => years.length > 0);
  const questions = which(({ question }) => question);
  const brands = which(({ brand }) => brand !== "");
  const first = which(({ phraseFirst }) => phraseFirst);
  const given = listInWords(others.flatMap(({ traits }) => traits.numbers.slice(0, 1)));
  const widths = others.map(({ traits }) => traits.px).sort((a, b) => a - b);
  const measured = yours.map(({ wording, traits }) => `${traits.px} (${wording})`);
  return (
    <section aria-label="What the others do">
      <h2 className="font-medium font-serif text-15">What the others do</h2>
      <ul className="mt-1.5 grid gap-2 font-serif text-15 leading-snug">
        <li>
          <Count {...pressed} places={numbers.places} /> {verb(numbers.places, "gives", "give")} a number
          {given && `: ${given}`}.{mine(numbers.yours, "So do yours.", "Yours give none.")}
        </li>
        <li>
          <Count {...pressed} places={years.places} /> {verb(years.places, "names", "name")} a year.
          {mine(years.yours, "So do yours.", "Yours do not.")}
        </li>
        <li>
          <Count {...pressed} places={questions.places} /> {verb(questions.places, "asks", "ask")} a question.
          {mine(questions.yours, "So do yours.", "Yours do not.")}
        </li>
        <li>
          <Count {...pressed} places={brands.places} /> {verb(brands.places, "ends in its brand", "end in their brand")}
          .{mine(brands.yours, "So do yours.", "Yours do not.")}
        </li>
        {phrase !== "" && (
          <li>
            <Count {...pressed} places={first.places} />{" "}
            {verb(first.places, "begins with the phrase", "begin with the phrase")}.
            {mine(first.yours, "So do yours.", "Yours do not.")}
          </li>
        )}
        <li>
          They are {widths[0]} to {widths.at(-1)} px wide{measured.length > 0 && `; yours ${listInWords(measured)}`}.
        </li>
        <li>
          {lacking.length === 0 ? (
            "They share no word that yours lacks."
          ) : (
            <>
              Words that they share and yours {yours.length === 1 ? "lacks" : "lack"}:{" "}
              {lacking.map(({ text }, i) => {
                const places = new Set(
                  others
                    .filter((one) => `${one.title} ${one.description}`.toLowerCase().includes(text))
                    .map(({ at }) => at),
                );
                return (
                  <span key={text}>
                    {i > 0 && ", "}
                    <Lights places={places} lit={lit} onLight={onLight}>
                      {text}
                    </Lights>
                  </span>
                );
              })}
              .
            </>
          )}
        </li>
      </ul>
      {lit.size > 0 && (
        <p className="mt-2 text-12">
          <Action onClick={() => onLight(new Set())}>Show all alike again</Action>
        </p>
      )}
    </section>
  );
}

interface Lighting {
  lit: ReadonlySet<number>;
  onLight: (places: ReadonlySet<number>) => void;
}

/** Words that show, when they are pressed, which results they speak of. */
function Lights({ places, lit, onLight, children }: Lighting & { places: ReadonlySet<number>; children: ReactNode }) {
  const lights = places.size > 0 && lit.size === places.size && [...places].every((at) => lit.has(at));
  return (
    <button
      type="button"
      aria-pressed={lights}
      onClick={() => onLight(lights ? new Set() : places)}
      className="border-graphite border-b border-dotted aria-pressed:bg-marker"
    >
      {children}
    </button>
  );
}

/** “3 of 7”, or “None”. */
const Count = ({ places, of, ...lighting }: Lighting & { places: ReadonlySet<number>; of: number }) =>
  places.size === 0 ? (
    "None"
  ) : (
    <Lights places={places} {...lighting}>
      {places.size} of {of}
    </Lights>
  );

const verb = (places: ReadonlySet<number>, one: string, many: string) =>
  places.size === 1 || places.size === 0 ? one : many;
