import { type RefObject, useState } from "react";
import { advances } from "#core/measure/width";
import { descriptionOf, titleOf } from "#core/page/page";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import type { PartId, ResultPart } from "#core/result/parts/part";
import { leadWidth, resultOf, setDescription, setTitle } from "#core/result/result";
import { type Device, descriptionStyle, titleStyle } from "#core/result/styles";
import { followsPattern } from "#core/rewrite/follows-pattern";
import type { ResultLimits } from "#core/settings/house-style";
import { PartsDrawn } from "../../result/parts-drawn";
import { leadIn, useResultParts } from "../../result/use-result-parts";
import { useSite } from "../../routes/site";
import { Action } from "../../ui/controls";
import { Hint } from "../../ui/hints";
import { onDemand } from "../../ui/on-demand";
import { ResultField } from "../field";
import { type Notch, Ruler } from "../ruler";
import type { Note } from "../state/use-findings";
import type { Desk } from "../use-desk";
import { descriptionEdit, titleEdit } from "../wording";

const PhraseOptions = onDemand(async () => (await import("../../phrases/phrase-options")).PhraseOptions);

const Instead = onDemand(async () => (await import("./instead")).default);
const OtherWordings = onDemand(async () => (await import("./other-wordings")).default);
const Takes = onDemand(async () => (await import("./takes")).default);
const ResultParts = onDemand(async () => (await import("./result-parts")).default);

/** What of the desk it takes. */
type Taken = Pick<
  Desk,
  "edit" | "edits" | "houseStyle" | "notes" | "original" | "page" | "record" | "setKind" | "setPhrase"
>;

/** What can be opened under the result. */
const OPENED = [
  ["wordings", "Other wordings"],
  ["takes", "Takes"],
  ["parts", "What stands in it"],
  ["instead", "What may be shown instead"],
] as const;
type Opened = (typeof OPENED)[number][0];

const NOTHING: ReadonlySet<PartId> = new Set();

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
export function SearchResult({
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
  const site = useSite();
  const [open, setOpen] = useState<Opened | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const query = asked ?? desk.record.phrase;
  const [triedOn, setTriedOn] = useState<ReadonlySet<PartId>>(NOTHING);
  const parts = useResultParts(desk.page, query, site.houseStyle.brand);
  const [device, setDevice] = useState<Device>("desktop");
  const shown = room === "both" ? DEVICES : room === "one" ? [device] : (["mobile"] as const);
  return (
    <section aria-labelledby="result-heading">
      <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 id="result-heading" className="font-serif text-18">
          Search result
        </h2>
        <label className="flex items-baseline gap-1.5 text-soft">
          for
          <input
            aria-label="Target phrase"
            list="phrases-of-site"
            placeholder="its target phrase"
            value={desk.record.phrase}
            onChange={(e) => desk.setPhrase(e.target.value)}
            size={Math.max(16, desk.record.phrase.length)}
            className="max-w-[300px] bg-marker px-1 text-ink placeholder:text-soft"
          />
          <PhraseOptions id="phrases-of-site" siteId={desk.record.siteId} />
        </label>
        <select
          aria-label="Kind of this page"
          value={desk.record.kind}
          onChange={(e) => desk.setKind(e.target.value as PageKind)}
          title={desk.record.kindBy === "guess" ? "guessed" : "chosen"}
          className="border-graphite border-b border-dotted bg-transparent text-soft [field-sizing:content]"
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
                className="text-soft aria-pressed:text-ink aria-pressed:underline aria-pressed:underline-offset-4"
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
            siteName={siteName}
            limits={limits}
            query={query}
            parts={parts}
            triedOn={triedOn}
            alone={room === "mobile"}
            refs={i === 0 ? { titleRef, descriptionRef } : {}}
            {...selection}
          />
        ))}
      </div>
      <div className="mt-3 flex flex-wrap items-baseline gap-x-5 gap-y-1 text-12">
        <label className="flex items-baseline gap-1.5 text-soft">
          searched for:
          <input
            aria-label="Query to try"
            value={query}
            placeholder="a query"
            onChange={(e) => setAsked(e.target.value)}
            size={Math.max(10, query.length)}
            className="max-w-[200px] border-hairline border-b bg-transparent text-ink outline-none focus-visible:border-blue"
          />
        </label>
        {OPENED.map(([id, label]) => (
          <Action key={id} aria-expanded={open === id} onClick={() => setOpen(open === id ? null : id)}>
            {open === id ? `Hide ${label.charAt(0).toLowerCase()}${label.slice(1)}` : label}
          </Action>
        ))}
      </div>
      {open === "wordings" && <OtherWordings desk={desk} limits={limits} />}
      {open === "takes" && <Takes desk={desk} limits={limits} query={query} />}
      {open === "instead" && <Instead desk={desk} limits={limits} query={query} />}
      {open === "parts" && (
        <ResultParts
          parts={parts}
          triedOn={triedOn}
          onTry={(id, on) => {
            const next = new Set(triedOn);
            if (on) next.add(id);
            else next.delete(id);
            setTriedOn(next);
          }}
        />
      )}
    </section>
  );
}

function OneResult({
  device,
  desk,
  siteName,
  limits,
  query,
  parts,
  triedOn,
  alone,
  refs,
  ...selection
}: {
  device: Device;
  desk: Taken;
  siteName: string;
  limits: ResultLimits;
  query: string;
  parts: readonly ResultPart[];
  triedOn: ReadonlySet<PartId>;
  /** There is no room for the other device: what is lost there is told beside it. */
  alone: boolean;
  refs: {
    titleRef?: RefObject<HTMLTextAreaElement | null>;
    descriptionRef?: RefObject<HTMLTextAreaElement | null>;
  };
} & Selection) {
  const { page, original, notes } = desk;
  const lead = leadIn(parts, triedOn);
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
          className="grid h-[26px] w-[26px] place-items-center rounded-full border border-hairline font-serif text-13"
        >
          {siteName.slice(0, 1)}
        </span>
        <span className="min-w-0 leading-tight">
          <span className="block truncate text-[14px]">{siteName}</span>
          <span className="block truncate text-12 text-soft">{trail.join(" › ")}</span>
        </span>
      </div>
      <div data-anchor="title" className="mt-2.5" style={desktop ? undefined : { width: limits.titleMobile }}>
        <ResultField
          label={`Title on ${device}`}
          value={title}
          onChange={(value) => desk.edit(titleEdit(original, value), "Title", "title")}
          lostFrom={titleCut.end}
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
          bold={bold}
          lead={lead}
          leadTried={triedOn.has("date") && lead !== ""}
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
          />
        </div>
      ) : (
        <Lost device="mobile" cut={descriptionCut} />
      )}
      {alone && <Lost device="desktop" cut={setDescription(description, "desktop", limits, bold, lead)} />}
      <PartsDrawn parts={parts} triedOn={triedOn} />
    </div>
  );
}

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

/** Where a description is cut, in the line in which that happens. */
function descriptionNotches(text: string, cuts: boolean, limits: ResultLimits, lead: string): Notch[] {
  const inLine = (px: number) => (px > DESCRIPTION_LINE ? px - DESCRIPTION_LINE : px);
  const mobile = setDescription(text, "mobile", limits, [], lead);
  const sums = advances(text.slice(0, 2000), descriptionStyle("desktop"));
  const mobileAt =
    mobile.lost === ""
      ? limits.descriptionMobile
      : leadWidth(lead, "desktop") + (sums[Math.min(mobile.end, 2000)] ?? limits.descriptionMobile);
  return [
    { at: inLine(limits.descriptionDesktop), name: "desktop", cuts },
    { at: inLine(mobileAt), name: "mobile", cuts: mobile.lost !== "", dashed: true },
  ];
}
