import { memo, useState } from "react";
import { otherHeadElements } from "#core/page/head";
import { canonicalOf, languageOf, type Page } from "#core/page/page";
import { robotsInWords, robotsOf } from "#core/page/robots-directives";
import type { Edit } from "#core/rewrite/edits";
import { notForHead } from "#core/rewrite/operations/add-to-head";
import { metaOf } from "#core/rewrite/set-meta";
import { Action, fieldClass } from "../../ui/controls";
import { useUnkept } from "../../ui/unkept";
import { NotesAt, type Picking } from "../anchored";
import { TextInPlace } from "../text-in-place";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "attempt" | "drop" | "edit" | "edits" | "notesAt" | "original" | "page">;

const CHARSET_BY = {
  "byte-order-mark": "by its byte order mark",
  header: "by the server’s header",
  meta: "by a meta element",
  fallback: "guessed, since nothing says so",
  text: "as it was pasted",
} as const;

interface HeadField {
  op: "set-language" | "set-robots" | "set-viewport" | "set-keywords" | "set-canonical";
  name: string;
  of: (page: Page) => string | null;
}

const FIELDS: HeadField[] = [
  { op: "set-language", name: "language", of: (page) => languageOf(page) || null },
  { op: "set-canonical", name: "canonical", of: canonicalOf },
  { op: "set-robots", name: "robots", of: (page) => metaOf(page, "robots")?.content ?? null },
  { op: "set-viewport", name: "viewport", of: (page) => metaOf(page, "viewport")?.content ?? null },
  { op: "set-keywords", name: "keywords", of: (page) => metaOf(page, "keywords")?.content ?? null },
];

/** What the head says that is no title or description, to be edited; and what is noted of the markup as a whole. */
export const Head = memo(function Head({ desk, ...picking }: Picking & { desk: Taken }) {
  const { page, original } = desk;
  const [adding, setAdding] = useState(false);
  const html = page.format === "html";
  const set = (op: HeadField["op"], value: string, was: string | null, name: string) =>
    desk.attempt({ op, value, was } as Edit, `${name[0]?.toUpperCase()}${name.slice(1)}`);
  const others = html
    ? otherHeadElements(page).filter(
        ({ text }) => !desk.edits.some((edit) => edit.op === "add-to-head" && edit.value === text),
      )
    : [];
  const added = desk.edits.filter((edit) => edit.op === "add-to-head");
  return (
    <section aria-labelledby="head-heading" data-anchor="head">
      <div className="flex">
        <h2 id="head-heading" className="font-serif text-18">
          Head
        </h2>
        <NotesAt desk={desk} at={{ part: "head" }} {...picking} />
      </div>
      {html && <p className="mt-1">{robotsInWords(robotsOf(page))}</p>}
      <dl className="mt-2 grid grid-cols-[7.5rem_1fr] gap-y-1">
        {FIELDS.filter(({ op }) => html || op === "set-canonical").map(({ op, name, of }) => {
          const value = of(page);
          const was = of(original);
          return (
            <div key={op} className="contents">
              <dt className="text-ink-soft">{name}</dt>
              <dd className="min-w-0">
                <TextInPlace
                  value={value ?? ""}
                  label={name}
                  empty="not set"
                  changed={value !== was}
                  className="w-full"
                  onKeep={(text) => set(op, text, was, name)}
                />
              </dd>
            </div>
          );
        })}
        <dt className="text-ink-soft">character set</dt>
        <dd>
          {page.charset.name}, {CHARSET_BY[page.charset.by]}
        </dd>
        <dt className="text-ink-soft">doctype</dt>
        <dd>{page.doctype ? page.doctype.publicId || page.doctype.name : "none"}</dd>
        {others.length > 0 && (
          <>
            <dt className="text-ink-soft">and also</dt>
            <dd className="min-w-0">
              <ul>
                {others.map(({ text, start }) => (
                  <li key={start} className="truncate font-mono text-12" title={text}>
                    {text}
                  </li>
                ))}
              </ul>
            </dd>
          </>
        )}
        {added.map((edit) => (
          <div key={edit.id} className="contents">
            <dt className="text-blue">added</dt>
            <dd className="flex min-w-0 items-baseline gap-3">
              <code className="min-w-0 truncate font-mono text-12 text-blue">{edit.value}</code>
              <Action removes onClick={() => desk.drop(edit, "Take it out of the head")}>
                Take it out
              </Action>
            </dd>
          </div>
        ))}
      </dl>
      {html &&
        (adding ? (
          <AddToHead
            onAdd={(value) => {
              const edit = { op: "add-to-head" as const, id: crypto.randomUUID(), value, was: null };
              if (desk.edit(edit, "Add to the head") === null) setAdding(false);
            }}
            onClose={() => setAdding(false)}
          />
        ) : (
          <p className="mt-2">
            <Action onClick={() => setAdding(true)}>Add code to this page’s head</Action>
          </p>
        ))}
    </section>
  );
});

/** A field for elements of the head; what cannot stand there is said at once. */
function AddToHead({ onAdd, onClose }: { onAdd: (html: string) => void; onClose: () => void }) {
  const [text, setText] = useState("");
  const wrong = text.trim() === "" ? null : notForHead(text);
  const ready = text.trim() !== "" && wrong === null;
  const add = async () => {
    if (ready) onAdd(text.trim());
    return ready;
  };
  useUnkept(text.trim() === "" ? null : "The code that you wrote is not in the head yet.", add);
  return (
    <div className="mt-2 grid gap-2 border-blue border-l-2 pl-3">
      <textarea
        // biome-ignore lint/a11y/noAutofocus: it was just asked for
        autoFocus
        aria-label="Code for the head"
        placeholder="<meta name=… content=…>"
        rows={3}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => e.key === "Escape" && onClose()}
        className={`${fieldClass} font-mono text-12`}
      />
      {wrong && (
        <p role="alert" className="text-red">
          {wrong}
        </p>
      )}
      <span className="flex gap-4">
        <Action disabled={!ready} onClick={() => void add()}>
          Add it
        </Action>
        <Action onClick={onClose}>Cancel</Action>
      </span>
    </div>
  );
}
