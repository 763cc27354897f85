import { memo, useCallback, useState } from "react";
import { Link as RouterLink } from "react-router";
import { pathOf } from "#core/address/address";
import { originsOf } from "#core/rewrite/origins";
import { useSite } from "../../routes/site";
import { linkToPage } from "../../screens";
import { type SiteAsked, useSiteAnswer } from "../../store/site-findings";
import { Action } from "../../ui/controls";
import { NotesAt, type Picking } from "../anchored";
import { TextInPlace } from "../text-in-place";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "attempt" | "edits" | "notes" | "notesAt" | "original" | "page" | "record">;

/** Links listed until more are asked for. */
const LISTED = 12;

/** What this page links to, with words and hints to be edited, and who links here. */
export const Links = memo(function Links({ desk, ...picking }: Picking & { desk: Taken }) {
  const { page, original, edits, record } = desk;
  const [all, setAll] = useState(false);
  const origins = originsOf(original, page, edits, "link");
  const noted = new Set(desk.notes.flatMap(({ finding: { at } }) => (at.part === "link" ? [at.index] : [])));
  const own = page.links.map((link, index) => ({ link, index }));
  // Links of the content first, and those that something is noted of; menus are the same on every page.
  const first = own.filter(({ link, index }) => noted.has(index) || link.landmark === null || link.landmark === "main");
  const shown = all || own.length <= LISTED ? own : first.slice(0, Math.max(LISTED, noted.size));
  return (
    <section aria-labelledby="links-heading">
      <div className="flex items-baseline gap-3">
        <h2 id="links-heading" className="font-serif text-18">
          Links
        </h2>
        <span className="text-ink-soft">{own.length === 1 ? "1 link from here" : `${own.length} links from here`}</span>
      </div>
      <ul className="mt-2 grid gap-1">
        {shown.map(({ link, index }) => {
          const name = `${link.href} ${index}`;
          const { key, index: from } = origins[index] ?? { key: null, index: -1 };
          const was = original.links[from];
          return (
            <li
              key={name}
              data-anchor={`link ${index}`}
              className="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)_minmax(0,0.7fr)] items-baseline gap-4"
            >
              <span className="flex min-w-0 items-baseline">
                <TextInPlace
                  value={link.text}
                  label={`Words of the link to ${link.href}`}
                  empty="no words"
                  changed={was !== undefined && was.text !== link.text}
                  readOnly={key ? null : "It is not in the original."}
                  className="font-serif text-15"
                  onKeep={(value) =>
                    key && desk.attempt({ op: "set-link-text", link: key, value, was: was?.text ?? "" }, "Link text")
                  }
                />
                <NotesAt desk={desk} at={{ part: "link", index: index }} {...picking} />
              </span>
              <span className="truncate font-mono text-12 text-ink-soft">{link.href}</span>
              <TextInPlace
                value={link.title ?? ""}
                label={`Hint of the link ${link.text || link.href}`}
                empty="no title attribute"
                changed={was !== undefined && (was.title ?? "") !== (link.title ?? "")}
                readOnly={key ? null : "It is not in the original."}
                className="text-12"
                onKeep={(value) =>
                  key && desk.attempt({ op: "set-link-title", link: key, value, was: was?.title ?? null }, "Link title")
                }
              />
            </li>
          );
        })}
      </ul>
      {own.length > shown.length && (
        <p className="mt-2">
          <Action onClick={() => setAll(true)}>Show all {own.length}, with menus and footer</Action>
        </p>
      )}
      <LinkedFrom pageId={record.id} />
    </section>
  );
});

/** Who links here, with which words. */
function LinkedFrom({ pageId }: { pageId: string }) {
  const site = useSite();
  const ask = useCallback((worker: SiteAsked) => worker.linksTo(pageId), [pageId]);
  const incoming = useSiteAnswer(site, ask);
  if (!incoming) return null;
  const content = incoming.filter(({ zone }) => zone === "content");
  const around = incoming.length - content.length;
  return (
    <div className="mt-3">
      <h3 className="text-ink-soft">
        {incoming.length === 0
          ? "No other page of the site links here."
          : `${content.length === 0 ? "No page links" : content.length === 1 ? "1 page links" : `${content.length} pages link`} here in the text${around > 0 ? `, ${around} from menus and footers` : ""}.`}
      </h3>
      <ul className="mt-1 grid gap-0.5">
        {content.slice(0, 20).map(({ id, address, text }) => (
          <li key={id} className="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] gap-4">
            <span className="truncate font-serif text-15">{text || "without words"}</span>
            <RouterLink to={linkToPage(site.id, id)} className="truncate font-mono text-12 text-blue hover:underline">
              {pathOf(address)}
            </RouterLink>
          </li>
        ))}
      </ul>
    </div>
  );
}
