import { memo, useState } from "react";
import { parseAddress } from "#core/address/address";
import { slugOf } from "#core/address/slug";
import { Action } from "../../ui/controls";
import { Numerals } from "../field";
import type { Desk } from "../use-desk";

/** What of the desk it takes. */
type Taken = Pick<Desk, "attempt" | "notes" | "original" | "page" | "record" | "setAddress">;

/** The page's address with its slug edited in place, and what the head says about it. */
export const Address = memo(function Address({
  desk,
  selected,
  onSelect,
}: {
  desk: Taken;
  selected: number | null;
  onSelect: (n: number) => void;
}) {
  const { page, original, record } = desk;
  const slug = slugOf(page.address);
  const was = slugOf(original.address);
  const notes = desk.notes.filter((n) => n.finding.at.part === "slug");
  const [draft, setDraft] = useState<string | null>(null);
  const [correcting, setCorrecting] = useState<string | null>(null);
  const [fault, setFault] = useState("");
  const start = page.address.slice(0, page.address.lastIndexOf(slug));
  const rest = page.address.slice(start.length + slug.length);
  const correct = () => {
    const parsed = parseAddress(correcting ?? "");
    if ("reason" in parsed) {
      setFault(parsed.reason);
      return;
    }
    setFault("");
    setCorrecting(null);
    if (parsed.address !== record.address) desk.setAddress(parsed.address);
  };
  const keep = () => {
    const edit = { op: "set-slug" as const, value: draft ?? slug, was };
    const refused = draft === null || draft.trim() === slug ? null : desk.attempt(edit, "Slug");
    setFault(refused ? `Not kept. ${refused}` : "");
    if (!refused) setDraft(null);
  };
  return (
    <section aria-labelledby="address-heading" data-anchor="slug">
      <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 id="address-heading" className="font-serif text-18">
          Address
        </h2>
        {slug !== was && (
          <span className="text-blue">was {was}; the change list says so, links and redirects are still to follow</span>
        )}
        <span className="flex-1" />
        {correcting === null && <Action onClick={() => setCorrecting(record.address)}>Correct the address</Action>}
      </div>
      {correcting === null ? (
        <p className="mt-1 break-all font-mono text-12 text-ink-soft leading-7">
          {slug === "" ? (
            page.address
          ) : (
            <>
              {start}
              <input
                aria-label="Slug"
                value={draft ?? slug}
                size={Math.max(6, (draft ?? slug).length)}
                onChange={(e) => setDraft(e.target.value)}
                onBlur={keep}
                onKeyDown={(e) => {
                  if (e.key === "Enter") keep();
                  if (e.key !== "Escape") return;
                  setDraft(null);
                  setFault("");
                }}
                className={`max-w-full border-graphite border-b border-dotted bg-transparent ${slug === was ? "text-ink" : "text-blue"}`}
              />
              {rest}
            </>
          )}
          <Numerals notes={notes} selected={selected} onSelect={onSelect} />
        </p>
      ) : (
        <form
          className="mt-2 flex items-baseline gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            correct();
          }}
        >
          <input
            // biome-ignore lint/a11y/noAutofocus: the editor has just asked to write here
            autoFocus
            aria-label="Address of the page"
            value={correcting}
            onChange={(e) => setCorrecting(e.target.value)}
            onKeyDown={(e) => e.key === "Escape" && setCorrecting(null)}
            className="flex-1 rounded border border-edge bg-transparent px-2 py-1 font-mono text-12"
          />
          <Action type="submit">Keep</Action>
          <Action onClick={() => setCorrecting(null)}>Cancel</Action>
        </form>
      )}
      {fault && (
        <p role="alert" className="mt-1 text-red">
          {fault}
        </p>
      )}
    </section>
  );
});
