import type { ResultLimits } from "#core/settings/house-style";
import { ofPage } from "../../ui/of-page";
import { WidthLine } from "../width-line";

/** How wide a text may be: its cuts, and the width that the ruler's whole length stands for, in px of the search result. */
export interface CellRuler {
  limits: number[];
  span: number;
}

/** The widths that a ruler in a cell shows. */
export function rulerOf(kind: "title" | "description", limits: ResultLimits): CellRuler {
  return kind === "title"
    ? { limits: [limits.titleDesktop], span: 720 }
    : { limits: [limits.descriptionMobile, limits.descriptionDesktop], span: 1100 };
}

/** A text as a cell shows it, with its ruler. */
export function TextCell({
  text: shown,
  language,
  empty,
  px,
  ruler,
  pattern,
  mono,
}: {
  text: string;
  language: string;
  empty: string;
  px: number;
  ruler: CellRuler | null;
  pattern: boolean;
  mono: boolean;
}) {
  if (shown === "") return <span className="text-ink-soft">{empty}</span>;
  return (
    <>
      <span
        {...(mono ? {} : ofPage(language))}
        className={`line-clamp-2 break-words ${mono ? "font-mono text-12" : ""}`}
      >
        {shown.slice(0, 400)}
      </span>
      {ruler && <WidthLine px={px} limits={ruler.limits} span={ruler.span} />}
      {pattern && <span className="block text-12 text-blue">from a pattern</span>}
    </>
  );
}
