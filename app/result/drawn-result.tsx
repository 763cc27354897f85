import { memo, useMemo } from "react";
import { boldOf, setDescription, setTitle } from "#core/result/result";
import { type Device, descriptionLine } from "#core/result/styles";
import { addressTrail } from "#core/result/trail";
import type { ResultLimits } from "#core/settings/house-style";
import { stretches } from "../desk/field";
import { ofPage } from "../ui/of-page";

/** A result as a searcher sees it, at true scale: cut where it is cut, the query's words in bold. */
export const DrawnResult = memo(function DrawnResult({
  title,
  description,
  address,
  query,
  language,
  device,
  limits,
  marked = NONE,
}: {
  title: string;
  description: string;
  address: string;
  query: string;
  language: string;
  device: Device;
  limits: ResultLimits;
  /** Words of the title that are underlined. */
  marked?: readonly { start: number; end: number }[];
}) {
  const trail = useMemo(() => addressTrail(address), [address]);
  return (
    <span className={`result-${device} block min-w-0`}>
      <Trail trail={trail} />
      <DrawnTitle text={title} language={language} device={device} limits={limits} marked={marked} />
      <DrawnDescription text={description} query={query} language={language} device={device} limits={limits} />
    </span>
  );
});

const NONE: readonly { start: number; end: number }[] = [];

export const Trail = ({ trail }: { trail: readonly string[] }) => (
  <span className="block truncate text-12 text-ink-soft" dir="ltr">
    {trail.join(" › ")}
  </span>
);

/** A title as far as it is shown. */
function DrawnTitle({
  text,
  language,
  device,
  limits,
  marked,
}: {
  text: string;
  language: string;
  device: Device;
  limits: ResultLimits;
  marked: readonly { start: number; end: number }[];
}) {
  const { end, shown } = setTitle(text, device, limits);
  return (
    <span
      className="block break-words text-[20px] text-result-title leading-[26px]"
      style={{ maxWidth: device === "desktop" ? limits.titleDesktop : limits.titleMobile }}
      {...ofPage(language)}
    >
      {text === "" ? (
        <span className="text-graphite">No title</span>
      ) : (
        <>
          {stretches(text.slice(0, end), end, [], [], marked).map(({ stretch, end: at }) => (
            <span key={at} className={stretch.marked ? "underline decoration-dotted underline-offset-4" : ""}>
              {stretch.text}
            </span>
          ))}
          {shown.slice(end)}
        </>
      )}
    </span>
  );
}

/** A description as far as it is shown, the query's words in bold. */
function DrawnDescription({
  text,
  query,
  language,
  device,
  limits,
}: {
  text: string;
  query: string;
  language: string;
  device: Device;
  limits: ResultLimits;
}) {
  const bold = useMemo(() => boldOf(query, text, language), [query, text, language]);
  const { end, shown } = setDescription(text, device, limits, bold);
  return (
    <span
      className="block break-words text-[14px] text-result-text leading-[20px]"
      style={{ maxWidth: descriptionLine(device, limits) }}
      {...ofPage(language)}
    >
      {stretches(text.slice(0, end), end, bold, []).map(({ stretch, end: at }) => (
        <span key={at} className={stretch.bold ? "font-bold" : ""}>
          {stretch.text}
        </span>
      ))}
      {shown.slice(end)}
    </span>
  );
}
