import { memo, type RefObject, useRef, useState } from "react";
import { runsFromRight } from "#core/measure/direction";
import { advances } from "#core/measure/width";
import { descriptionOf, titleOf } from "#core/page/page";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { leadWidth, resultOf, setDescription, setTitle } from "#core/result/result";
import { type Device, descriptionStyle, titleStyle } from "#core/result/styles";
import { followsPattern } from "#core/rewrite/follows-pattern";
import type { ResultLimits } from "#core/settings/house-style";
import type { BesideTitle } from "../../result/use-result-parts";
import { Hint } from "../../ui/hints";
import { onDemand } from "../../ui/on-demand";
import { ResultField } from "../field";
import { type Notch, Ruler } from "../ruler";
import type { Note } from "../state/use-findings";
import type { Desk } from "../use-desk";
import { descriptionEdit, titleEdit } from "../wording";

const ResultMore = onDemand(async () => (await import("./result-more")).default);
const PictureAtSide = onDemand(async () => (await import("../../result/picture-at-side")).PictureAtSide);
const PartsDrawn = onDemand(async () => (await import("../../result/parts-drawn")).PartsDrawn);
const PhraseOptions = onDemand(async () => (await import("../../phrases/phrase-options")).PhraseOptions);

/** What of the desk it takes. */
type Taken = Pick<
  Desk,
  "edit" | "edits" | "houseStyle" | "notes" | "original" | "page" | "record" | "setKind" | "setPhrase"
>;

const NOTHING_BESIDE: BesideTitle = { parts: [], triedOn: new Set(), lead: "" };

const DEVICES: Device[] = ["desktop", "mobile"];
/** The width of the ruler, in px. */
const RULED = 640;
/** The line in which a description is set on the desktop, in px. */
const DESCRIPTION_LINE = 600;
const NAMES: Record<Device, string> = { desktop: "Desktop", mobile: "Mobile" };

interface Selection {
  selected: number | null;
  onSelect: (n: number) => void;
}

/** What there is room for: both devices beside each other, one of them with a switch, or the mobile one alone. */
export type ResultRoom = "both" | "one" | "mobile";

/** The search result as the editor. */
export const SearchResult = memo(function SearchResult({
  desk,
  siteName,
  limits,
  room,
  titleRef,
  descriptionRef,
  ...selection
}: {
  desk: Taken;
  siteName: string;
  limits: ResultLimits;
  room: ResultRoom;
  titleRef: RefObject<HTMLTextAreaElement | null>;
  descriptionRef: RefObject<HTMLTextAreaElement | null>;
} & Selection) {
  const [asked, setAsked] = useState<string | null>(null);
  const query = asked ?? desk.record.phrase;
  const [drawn, setDrawn] = useState(NOTHING_BESIDE);
  const field = useRef<HTMLTextAreaElement>(null);
  const [device, setDevice] = useState<Device>("desktop");
  // The name that the page states for its site; until that is known, what the site is called here.
  const [stated] = drawn.parts.find(({ id }) => id === "site-name")?.shown ?? [];
  const shown = room === "both" ? DEVICES : room === "one" ? [device] : (["mobile"] as const);
  return (
    <section
      aria-labelledby="result-heading"
      onFocusCapture={({ target }) => {
        if (target instanceof HTMLTextAreaElement && /^(?:Title|Description) on /.test(target.ariaLabel ?? ""))
          field.current = target;
      }}
    >
      <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 id="result-heading" className="font-serif text-18">
          Search result
        </h2>
        <label className="flex items-baseline gap-1.5 text-ink-soft">
          for
          <input
            aria-label="Target phrase"
            list="phrases-of-site"
            placeholder="its target phrase"
            value={desk.record.phrase}
            onChange={(e) => desk.setPhrase(e.target.value)}
            size={Math.max(16, desk.record.phrase.length)}
            className="max-w-[18.75rem] bg-marker px-1 text-ink "
          />
          <PhraseOptions id="phrases-of-site" siteId={desk.record.siteId} />
        </label>
        <select
          aria-label="Kind of this page"
          value={desk.record.kind}
          onChange={(e) => desk.setKind(e.target.value as PageKind)}
          title={desk.record.kindBy === "guess" ? "guessed" : "chosen"}
          className="border-graphite border-b border-dotted bg-transparent text-ink-soft [field-sizing:content]"
        >
          {Object.entries(PAGE_KINDS).map(([kind, { one }]) => (
            <option key={kind} value={kind}>
              {one}
            </option>
          ))}
        </select>
        {desk.edits.filter(followsPattern).map(({ op, pattern }) => (
          <span key={op} className="text-blue" title={pattern}>
            {op === "set-title" ? "title" : "description"} from a pattern
          </span>
        ))}
        <span className="flex-1" />
        {room === "one" && (
          <fieldset className="flex gap-3">
            <legend className="sr-only">Device</legend>
            {DEVICES.map((one) => (
              <button
                key={one}
                type="button"
                aria-pressed={device === one}
                onClick={() => setDevice(one)}
                className="text-ink-soft aria-pressed:text-ink aria-pressed:underline aria-pressed:underline-offset-4"
              >
                {NAMES[one]}
              </button>
            ))}
          </fieldset>
        )}
      </div>
      {room !== "mobile" && (
        <Hint of="ruler" done={desk.edits.some(({ op }) => op === "set-title")} className="mt-3 max-w-[640px]" />
      )}
      <div className="flex gap-10">
        {shown.map((one, i) => (
          <OneResult
            key={one}
            device={one}
            desk={desk}
            siteName={stated ?? siteName}
            limits={limits}
            query={query}
            drawn={drawn}
            alone={room === "mobile"}
            refs={i === 0 ? { titleRef, descriptionRef } : {}}
            {...selection}
          />
        ))}
      </div>
      <ResultMore
        desk={desk}
        limits={limits}
        query={query}
        onQuery={setAsked}
        field={field}
        onDrawn={setDrawn}
        waiting={<p className="mt-3 h-[22px]" />}
      />
    </section>
  );
});

function OneResult({
  device,
  desk,
  siteName,
  limits,
  query,
  drawn,
  alone,
  refs,
  ...selection
}: {
  device: Device;
  desk: Taken;
  siteName: string;
  limits: ResultLimits;
  query: string;
  drawn: BesideTitle;
  /** There is no room for the other device: what is lost there is told beside it. */
  alone: boolean;
  refs: {
    titleRef?: RefObject<HTMLTextAreaElement | null>;
    descriptionRef?: RefObject<HTMLTextAreaElement | null>;
  };
} & Selection) {
  const { page, original, notes } = desk;
  const { lead } = drawn;
  const [picture] = drawn.parts.find(({ id }) => id === "picture")?.shown ?? [];
  const title = titleOf(page);
  const description = descriptionOf(page);
  const { title: titleCut, description: descriptionCut, trail, bold } = resultOf(page, device, limits, query, lead);
  const desktop = device === "desktop";
  const width = desktop ? RULED : limits.titleMobile + 16;
  const of = (part: Note["finding"]["at"]["part"]) => notes.filter((note) => note.finding.at.part === part);
  return (
    <div className={`result-${device} mt-3 min-w-0`} style={{ width, maxWidth: "100%" }}>
      <div className="flex items-center gap-2.5">
        <span
          aria-hidden
          className="grid h-[26px] w-[26px] place-items-center rounded-full border border-hairline font-serif text-[13px]"
        >
          {siteName.slice(0, 1)}
        </span>
        <span className="min-w-0 leading-tight">
          <span className="block truncate text-[14px]">{siteName}</span>
          <span className="block truncate text-[12px] text-ink-soft">{trail.join(" › ")}</span>
        </span>
        {picture && <PictureAtSide siteId={desk.record.siteId} address={picture} />}
      </div>
      <div
        data-anchor="title"
        className="mt-2.5"
        style={desktop ? undefined : { width: limits.titleMobile, maxWidth: "100%" }}
      >
        <ResultField
          label={`Title on ${device}`}
          value={title}
          onChange={(value) => desk.edit(titleEdit(original, value), "Title", "title")}
          lostFrom={titleCut.end}
          described={lossInWords(device, titleCut)}
          bold={[]}
          notes={of("title")}
          className="text-[20px] leading-[32px] text-result-title"
          placeholder="No title yet"
          {...(refs.titleRef && { fieldRef: refs.titleRef })}
          {...selection}
        />
      </div>
      {desktop ? (
        <div className="mt-1">
          <Ruler
            width={width}
            notches={titleNotches(title, titleCut.lost !== "", limits)}
            rising={titleCut.px <= width}
            fromRight={runsFromRight(title) ? width : null}
          />
        </div>
      ) : (
        <Lost device="mobile" cut={titleCut} />
      )}
      {alone && <Lost device="desktop" cut={setTitle(title, "desktop", limits)} />}
      <div
        data-anchor="description"
        className="mt-2"
        style={{ width: desktop ? DESCRIPTION_LINE : limits.titleMobile, maxWidth: "100%" }}
      >
        <ResultField
          label={`Description on ${device}`}
          value={description}
          onChange={(value) => desk.edit(descriptionEdit(original, value), "Description", "description")}
          lostFrom={descriptionCut.end}
          described={lossInWords(device, descriptionCut)}
          bold={bold}
          lead={lead}
          leadTried={drawn.triedOn.has("date")}
          notes={of("description")}
          className="text-[14px] leading-[24px] text-result-text"
          placeholder="No description yet: searchers are shown words from the page"
          {...(refs.descriptionRef && { fieldRef: refs.descriptionRef })}
          {...selection}
        />
      </div>
      {desktop ? (
        <div className="mt-1">
          <Ruler
            width={width}
            notches={descriptionNotches(description, descriptionCut.lost !== "", limits, lead)}
            rising={descriptionCut.px + leadWidth(lead, device) <= 2 * DESCRIPTION_LINE}
            fromRight={runsFromRight(description) ? DESCRIPTION_LINE : null}
          />
        </div>
      ) : (
        <Lost device="mobile" cut={descriptionCut} />
      )}
      {alone && <Lost device="desktop" cut={setDescription(description, "desktop", limits, bold, lead)} />}
      {drawn.parts.length > 0 && <PartsDrawn parts={drawn.parts} triedOn={drawn.triedOn} />}
    </div>
  );
}

/** For those who hear the field: how wide its text is, and what is lost of it. */
const lossInWords = (device: Device, { lost, px }: ReturnType<typeof setTitle>) =>
  `${Math.round(px)} px on ${device}${lost === "" ? "" : `, which loses “${lost.slice(0, 200)}”`}`;

/** Where there is no room for a ruler: how wide a text is, and what is lost of it. */
function Lost({ device, cut: { lost, px } }: { device: Device; cut: { lost: string; px: number } }) {
  return (
    <p className="mt-1 font-sans text-12 text-graphite">
      {Math.round(px)} px on {device}
      {lost && <span className="text-red">, loses “{lost.length > 60 ? `${lost.slice(0, 58)}…` : lost}”</span>}
    </p>
  );
}

/** Where the title ends on each device, measured in the desktop face that the ruler stands under. */
function titleNotches(title: string, cuts: boolean, limits: ResultLimits): Notch[] {
  const notches: Notch[] = [{ at: limits.titleDesktop, name: "desktop", cuts }];
  const mobile = setTitle(title, "mobile", limits);
  if (mobile.lost !== "") {
    const at = advances(title.slice(0, 2000), titleStyle("desktop"))[Math.min(mobile.end, 2000)] ?? 0;
    if (at <= 620) notches.push({ at, name: "mobile", cuts: true, dashed: true });
  }
  return notches;
}

/** Where this description is cut, in px within its last line, which the ruler stands under; a cut in an earlier line has none. */
export function descriptionNotches(text: string, cuts: boolean, limits: ResultLimits, lead: string): Notch[] {
  const sums = advances(text.slice(0, 2000), descriptionStyle("desktop"));
  const begin = leadWidth(lead, "desktop");
  const lines = begin + (sums.at(-1) ?? 0) > DESCRIPTION_LINE ? 2 : 1;
  const mobile = setDescription(text, "mobile", limits, [], lead);
  const mobileAt = begin + (sums[Math.min(mobile.end, 2000)] ?? limits.descriptionMobile);
  const all: Notch[] = [
    { at: limits.descriptionDesktop, name: "desktop", cuts },
    { at: mobileAt, name: "mobile", cuts: mobile.lost !== "", dashed: true },
  ];
  return all.flatMap((notch) => {
    const at = lines === 2 ? notch.at - DESCRIPTION_LINE : notch.at;
    return notch.cuts && at > 0 ? { ...notch, at } : [];
  });
}
