import { type RefObject, useEffect, useState } from "react";
import { descriptionOf, titleOf } from "#core/page/page";
import { setDescription, setTitle } from "#core/result/result";
import type { Device } from "#core/result/styles";
import type { ResultLimits } from "#core/settings/house-style";
import { showPart } from "./contents";
import type { Desk } from "./use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "page">;

/** Whether the search result has been scrolled away upwards. */
function useScrolledAway(sheet: RefObject<HTMLElement | null>): boolean {
  const [away, setAway] = useState(false);
  useEffect(() => {
    const result = sheet.current?.querySelector("#result-heading")?.closest("section");
    const root = sheet.current?.closest("[data-scroll]");
    if (!result || !root) return;
    const watch = new IntersectionObserver(
      ([entry]) =>
        entry && setAway(!entry.isIntersecting && entry.boundingClientRect.top < (entry.rootBounds?.top ?? 0)),
      // What is left of it behind the strip counts as gone.
      { root, rootMargin: "-80px 0px 0px 0px" },
    );
    watch.observe(result);
    return () => watch.disconnect();
  }, [sheet]);
  return away;
}

/** A text as far as it is shown, and behind a stroke what is lost of it. */
function Cut({ text, cut: { end, lost } }: { text: string; cut: { end: number; lost: string } }) {
  return (
    <>
      {text.slice(0, end).trimEnd()}
      {lost && <span className="text-graphite"> | {lost}</span>}
    </>
  );
}

/** The search result as it stays over the sheet while something below it is worked on. */
export function ResultStrip({
  desk: { page },
  sheet,
  device,
  limits,
}: {
  desk: Taken;
  sheet: RefObject<HTMLElement | null>;
  device: Device;
  limits: ResultLimits;
}) {
  const away = useScrolledAway(sheet);
  const [title, description] = [titleOf(page), descriptionOf(page)];
  return (
    <div className="sticky top-0 z-20 h-0 print:hidden">
      {away && (
        <button
          type="button"
          onClick={() => showPart("result")}
          className={`result-${device} -inset-x-[21px] absolute top-0 border-hairline border-b bg-sheet px-[21px] py-2 text-left`}
        >
          <span className="sr-only">Search result: </span>
          <span className="block truncate text-[17px] text-result-title leading-[22px]">
            {title ? <Cut text={title} cut={setTitle(title, device, limits)} /> : "No title yet"}
          </span>
          <span className="line-clamp-2 text-12 text-result-text leading-[15px]">
            {description ? (
              <Cut text={description} cut={setDescription(description, device, limits)} />
            ) : (
              "No description yet: searchers are shown words from the page"
            )}
          </span>
        </button>
      )}
    </div>
  );
}
