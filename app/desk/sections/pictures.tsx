import { memo } from "react";
import type { Image } from "#core/page/page";
import { originsOf } from "#core/rewrite/origins";
import { pictureAt } from "#core/site/facets/pictures";
import { useFiles } from "../../store/files";
import { Action } from "../../ui/controls";
import { Thumbnail } from "../../ui/thumbnail";
import { NotesAt, type Picking } from "../anchored";
import { TextInPlace } from "../text-in-place";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "attempt" | "edits" | "notesAt" | "original" | "page" | "record">;

const nameOf = ({ src }: Image) =>
  !src
    ? "no address"
    : src.startsWith("data:")
      ? "in the source itself"
      : (src.split(/[?#]/)[0]?.split("/").filter(Boolean).at(-1) ?? src);

/** The page's pictures in a strip, with their alternative texts. Shown are files that were brought in: none is ever fetched. */
export const Pictures = memo(function Pictures({ desk, ...picking }: Picking & { desk: Taken }) {
  const { page, original, edits, record } = desk;
  const origins = originsOf(original, page, edits, "picture");
  const places = page.images.map((image) => pictureAt(image, page));
  const files = useFiles(
    record.siteId,
    places.flatMap((place) => place ?? []),
  );
  if (page.images.length === 0) return null;
  const without = page.images.filter(({ alt, silent }) => alt === null && !silent).length;
  return (
    <section aria-labelledby="pictures-heading">
      <div className="flex items-baseline gap-3">
        <h2 id="pictures-heading" className="font-serif text-18">
          Pictures
        </h2>
        <span className="text-ink-soft">
          {page.images.length === 1 ? "1 picture" : `${page.images.length} pictures`}
          {without > 0 && `, ${without} without alternative text`}
        </span>
      </div>
      <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(12.5rem,1fr))] gap-x-5 gap-y-4">
        {page.images.map((image, index) => {
          const name = `${image.src} ${index}`;
          const { key, index: from } = origins[index] ?? { key: null, index: -1 };
          const was = original.images[from]?.alt ?? null;
          const set = (value: string, label: string) =>
            key && desk.attempt({ op: "set-alt", picture: key, value, was }, label);
          const decorative = image.alt === "" || image.silent;
          return (
            <li key={name} data-anchor={`picture ${index}`} className="min-w-0 border-hairline border-t pt-2">
              <Thumbnail file={files.get(places[index] ?? "")} />
              <p className="flex items-baseline gap-1 text-12 text-ink-soft">
                <span className="truncate font-mono">{nameOf(image)}</span>
                <span className="whitespace-nowrap">
                  {image.width && image.height ? `${image.width} × ${image.height}` : ""}
                </span>
                <NotesAt desk={desk} at={{ part: "picture", index: index }} {...picking} />
              </p>
              <TextInPlace
                value={image.alt ?? ""}
                label={`Alternative text of ${nameOf(image)}`}
                empty={decorative ? "for looks only" : "no alternative text"}
                changed={image.alt !== was}
                readOnly={key ? null : "It is not in the original."}
                className="mt-1 font-serif text-15 leading-snug"
                onKeep={(text) => set(text, "Alternative text")}
              />
              {image.alt !== "" && key && (
                <p className="mt-1 text-12">
                  <Action onClick={() => set("", "For looks only")}>It is for looks only</Action>
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
});
