import { useSearchParams } from "react-router";
import type { PageRecord } from "../store/db";
import { type Doubled, matches, type Show } from "./filter";

const plural = (n: number, one: string, many: string) => (n === 1 ? one : many);

/** What the site needs, in a sentence; each of its parts is a filter. */
export function Sentence({ pages, doubled, show }: { pages: readonly PageRecord[]; doubled: Doubled; show: Show }) {
  const [params, setParams] = useSearchParams();
  const count = (which: Show) => pages.filter(matches(which, doubled)).length;
  const choose = (which: Show) => {
    const next = new URLSearchParams(params);
    if (which === "all" || which === show) next.delete("show");
    else next.set("show", which);
    setParams(next, { replace: true });
  };
  const part = (which: Show, says: (n: number) => string) => {
    const n = count(which);
    if (n === 0 && which !== "all") return null;
    return (
      <button
        key={which}
        type="button"
        aria-pressed={show === which && which !== "all"}
        onClick={() => choose(which)}
        className="border-graphite border-b border-dotted px-0.5 aria-pressed:border-transparent aria-pressed:bg-marker"
      >
        {says(n)}
      </button>
    );
  };
  const needs = [
    part("must", (n) => `${n} must be mended`),
    part("no-title", (n) => `${n} ${plural(n, "has", "have")} no title`),
    part("no-description", (n) => `${n} ${plural(n, "has", "have")} no description`),
    part("title-cut", (n) => `${n} ${plural(n, "title is", "titles are")} cut`),
    part("description-cut", (n) => `${n} ${plural(n, "description is", "descriptions are")} cut`),
    part("title-doubled", (n) => `${n} share a title`),
    part("description-doubled", (n) => `${n} share a description`),
    part("no-phrase", (n) => `${n} ${plural(n, "has", "have")} no phrase`),
  ].filter((one) => one !== null);
  const done = [part("redrafted", (n) => `${n} redrafted`), part("ready", (n) => `${n} ready`)].filter(
    (one) => one !== null,
  );
  const listed = (parts: typeof needs) =>
    parts.map((one, i) => (
      <span key={one.key}>
        {i > 0 && (i === parts.length - 1 ? " and " : ", ")}
        {one}
      </span>
    ));
  return (
    <p className="max-w-[62ch] font-serif text-18 leading-[1.7]" aria-live="polite">
      {part("all", (n) => `${n} ${plural(n, "page", "pages")}`)}. {needs.length > 0 && <>{listed(needs)}. </>}
      {done.length > 0 && <>{listed(done)}.</>}
    </p>
  );
}
