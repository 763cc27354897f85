import { useState } from "react";
import { parseAddress } from "#core/address/address";
import type { LeftOut } from "#core/exchange/zip";
import type { Prepared } from "../store/bring-in";
import { Action, fieldClass, MainButton } from "../ui/controls";
import { commonBeginning, faultsOf, UNSAID, withBeginning } from "./addresses";

/** Rows shown for correction; the rest are brought in as they are. */
const SHOWN = 200;

/** A page that was read, with the address that it is to have. */
export interface Reviewed {
  page: Prepared;
  address: string;
  /** Its canonical names another page that comes in too, so that it stands at its own place. */
  moved: boolean;
  leftOut: boolean;
}

/** What was read, with the address of each page to be corrected, before it is kept. */
export function Review({
  rows,
  beside,
  present,
  onRows,
  onKeep,
  onOthers,
}: {
  rows: readonly Reviewed[];
  /** Pictures and style sheets that come in with them. */
  beside: number;
  /** Ids of what was read of pages that are in the site already. */
  present: ReadonlySet<string>;
  onRows: (rows: Reviewed[]) => void;
  onKeep: (rows: readonly Reviewed[]) => void;
  onOthers: () => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState("");
  const unsaid = rows.some(({ address }) => address.startsWith(UNSAID));
  const common = unsaid ? UNSAID : commonBeginning(rows.map(({ address }) => address));
  /** The rows with the beginning that was typed; null where it is none. */
  const takeBeginning = (): readonly Reviewed[] | null => {
    if (typed === null || typed === common || (unsaid && typed.trim() === "")) return rows;
    const parsed = parseAddress(typed);
    if ("reason" in parsed) {
      setFault(parsed.reason);
      return null;
    }
    setFault("");
    setTyped(null);
    const changed = rows.map((row) => ({ ...row, address: withBeginning(row.address, common, parsed.address) }));
    onRows(changed);
    return changed;
  };
  const keep = () => {
    const final = takeBeginning();
    if (final) onKeep(final);
  };
  const taken = rows.filter(({ leftOut }) => !leftOut);
  const faults = faultsOf(taken.map(({ page: { id, path }, address }) => ({ id, path, address })));
  const again = taken.filter(({ page }) => present.has(page.id)).length;
  const change = (id: string, with_: Partial<Reviewed>) =>
    onRows(rows.map((row) => (row.page.id === id ? { ...row, ...with_ } : row)));
  // What has to be looked at stands first.
  const shown = [...rows.filter(({ page }) => faults.has(page.id)), ...rows.filter(({ page }) => !faults.has(page.id))];
  const clashes = [...faults.values()].filter((fault) => fault.startsWith("The same address")).length;
  return (
    <section aria-label="Pages to bring in">
      <p className="text-15">
        Each address comes from the page’s canonical, else from the site’s address and the file’s path. Correct what is
        wrong.
        {beside > 0 &&
          ` ${beside === 1 ? "A picture or style sheet comes" : `${beside} pictures and style sheets come`} with them.`}
        {again > 0 &&
          ` ${again} ${again === 1 ? "is" : "are"} in the site already: brought in again, with what you have redrafted carried over.`}
      </p>
      {common !== "" && (
        <Beginning
          unsaid={unsaid}
          value={typed ?? (unsaid ? "" : common)}
          fault={fault}
          onChange={setTyped}
          onTake={typed === null || typed === common ? null : () => void takeBeginning()}
        />
      )}
      {clashes > 0 && (
        <p role="alert" className="mt-4 border-red border-l-4 pl-3 text-15">
          {clashes === 1 ? "1 page has" : `${clashes} pages have`} the same address as another: correct{" "}
          {clashes === 1 ? "it" : "them"}, or leave {clashes === 1 ? "it" : "them"} out.
        </p>
      )}
      <ul className="mt-4 divide-y divide-hairline border-hairline border-y">
        {shown.slice(0, SHOWN).map(({ page, address, moved, leftOut }) => (
          <li
            key={page.id}
            className="grid grid-cols-[1fr_1.4fr_max-content] items-center gap-4 py-1.5 max-[43.75rem]:grid-cols-1 max-[43.75rem]:gap-1"
          >
            <span className={`min-w-0 ${leftOut ? "text-ink-soft line-through" : ""}`}>
              <span className="block truncate font-serif text-15">{page.derived.name || page.path}</span>
              <span className="block truncate font-mono text-12 text-ink-soft">{page.path}</span>
              {page.fault && <span className="text-red">could not be read: it comes in with the reason</span>}
              {present.has(page.id) && <span className="text-blue">brought in again</span>}
            </span>
            <span className="grid gap-0.5">
              <input
                aria-label={`Address of ${page.path}`}
                value={address.startsWith(UNSAID) ? `…/${address.slice(UNSAID.length)}` : address}
                disabled={leftOut || address.startsWith(UNSAID)}
                aria-invalid={faults.has(page.id) || undefined}
                onChange={(e) => change(page.id, { address: e.target.value, moved: false })}
                className="w-full rounded border border-edge bg-sheet px-2 py-1 font-mono text-12 aria-[invalid]:border-red disabled:text-ink-soft"
              />
              {faults.has(page.id) && <span className="text-12 text-red">{faults.get(page.id)}</span>}
              {moved && !faults.has(page.id) && (
                <span className="text-12 text-ink-soft">Its canonical names another page that comes in too.</span>
              )}
            </span>
            <Action removes={!leftOut} onClick={() => change(page.id, { leftOut: !leftOut })}>
              {leftOut ? "Bring it in" : "Leave it out"}
            </Action>
          </li>
        ))}
      </ul>
      {rows.length > SHOWN && <p className="mt-2 text-ink-soft">and {rows.length - SHOWN} more.</p>}
      <div className="mt-6 flex items-center gap-4">
        <MainButton onClick={keep} disabled={taken.length === 0}>
          Bring in {taken.length === 1 ? "1 page" : `${taken.length} pages`}
        </MainButton>
        <button type="button" className="text-blue hover:underline" onClick={onOthers}>
          Choose others
        </button>
      </div>
    </section>
  );
}

/** What all addresses begin with: asked for where nobody has said it, and changed in all of them at once. */
function Beginning({
  unsaid,
  value,
  fault,
  onChange,
  onTake,
}: {
  unsaid: boolean;
  value: string;
  fault: string;
  onChange: (typed: string) => void;
  /** Null where nothing has been typed. */
  onTake: (() => void) | null;
}) {
  const label = unsaid ? "Where does the site stand?" : "Every address begins with";
  return (
    <form
      className="mt-4 grid gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        onTake?.();
      }}
    >
      <label className="grid gap-1">
        <span className="text-15">{label}</span>
        <input
          aria-label={unsaid ? "Address of the site" : label}
          aria-invalid={fault !== "" || undefined}
          placeholder="https://www.your-site.example/"
          value={value}
          onChange={(e) => onChange(e.target.value)}
          className={`${fieldClass} w-full max-w-[26.25rem] font-mono text-13`}
        />
      </label>
      <span className="flex min-h-5 gap-3 text-12 text-ink-soft">
        {fault ? (
          <span role="alert" className="text-red">
            {fault}
          </span>
        ) : onTake ? (
          <Action onClick={onTake}>Change it in all</Action>
        ) : unsaid ? (
          "Some pages do not state their own address. It is needed to know which links lead to them."
        ) : (
          "Change it here where the same correction is to be made in all."
        )}
      </span>
    </form>
  );
}

/** What was not brought in: counted, and named with the reason. */
export function LeftOutList({ leftOut }: { leftOut: readonly LeftOut[] }) {
  if (leftOut.length === 0) return null;
  return (
    <section className="mt-8" aria-label="Left out">
      <h2 className="font-serif text-18">{leftOut.length} left out</h2>
      <ul className="mt-2 grid gap-1 text-ink-soft">
        {leftOut.slice(0, SHOWN).map(({ path, why }) => (
          <li key={path}>
            <span className="font-mono text-12">{path}</span>: {why}
          </li>
        ))}
      </ul>
      {leftOut.length > SHOWN && <p className="mt-2 text-ink-soft">and {leftOut.length - SHOWN} more.</p>}
    </section>
  );
}
