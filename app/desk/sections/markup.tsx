import { memo } from "react";
import { contentWords, emptyBecause } from "#core/page/body";
import { languageOf } from "#core/page/page";
import { NotesAt, type Picking } from "../anchored";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "notesAt" | "page">;

/** What the body is made of, in a sentence, with what is noted of the page as a whole. */
export const Markup = memo(function Markup({ desk, ...picking }: Picking & { desk: Taken }) {
  const { page } = desk;
  if (page.format === "fields") return null;
  const number = new Intl.NumberFormat("en-GB");
  const many = (n: number, one: string) => `${number.format(n)} ${n === 1 ? one : `${one}s`}`;
  const paragraphs = page.blocks.filter(({ tag }) => tag === "p").length;
  const parts = [
    many(contentWords(page), "word"),
    many(paragraphs, "paragraph"),
    many(page.lists.length, "list"),
    many(page.tables.length, "table"),
    many(page.controls.length, "button"),
  ].filter((part) => !part.startsWith("0 "));
  return (
    <section aria-labelledby="body-heading" data-anchor="markup">
      <div className="flex">
        <h2 id="body-heading" className="font-serif text-18">
          Body and markup
        </h2>
        <NotesAt desk={desk} at={{ part: "markup" }} {...picking} />
      </div>
      <p className="mt-1 text-ink-soft">
        {parts.length > 0 && `${parts.join(", ")}.`} {emptyBecause(page)}
        {languageOf(page) && ` Language ${languageOf(page)}.`}
      </p>
    </section>
  );
});
