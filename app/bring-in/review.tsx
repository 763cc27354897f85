import type { LeftOut } from "#core/exchange/zip";
import type { Prepared } from "../store/bring-in";
import { MainButton } from "../ui/controls";

/** Rows shown for correction; the rest are brought in as they are. */
const SHOWN = 200;

/** What was read, with the address of each page to be corrected, before it is kept. */
export function Review({
  prepared,
  beside,
  known,
  onAddress,
  onKeep,
  onOthers,
}: {
  prepared: readonly Prepared[];
  /** Pictures and style sheets that come in with them. */
  beside: number;
  /** Addresses that are in the site already. */
  known: ReadonlySet<string>;
  onAddress: (id: string, address: string) => void;
  onKeep: () => void;
  onOthers: () => void;
}) {
  const again = prepared.filter(({ address }) => known.has(address)).length;
  return (
    <section aria-label="Pages to bring in">
      <p className="text-15">
        Each address comes from the page’s canonical, else from the base address and the file’s path. Correct what is
        wrong.
        {beside > 0 &&
          ` ${beside === 1 ? "A picture or style sheet comes" : `${beside} pictures and style sheets come`} with them.`}
        {again > 0 &&
          ` ${again} ${again === 1 ? "is" : "are"} in the site already: brought in again, with what you have redrafted carried over.`}
      </p>
      <ul className="mt-4 divide-y divide-hairline border-hairline border-y">
        {prepared.slice(0, SHOWN).map((page) => (
          <li key={page.id} className="grid grid-cols-[1fr_1.4fr] items-center gap-4 py-1.5 max-[700px]:grid-cols-1">
            <span className="min-w-0">
              <span className="block truncate font-serif text-15">{page.derived.name || page.path}</span>
              <span className="block truncate font-mono text-12 text-soft">{page.path}</span>
              {page.fault && <span className="text-red">could not be read: it comes in with the reason</span>}
              {known.has(page.address) && <span className="text-blue">brought in again</span>}
            </span>
            <input
              aria-label={`Address of ${page.path}`}
              value={page.address}
              onChange={(e) => onAddress(page.id, e.target.value)}
              className="w-full rounded border border-hairline bg-sheet px-2 py-1 font-mono text-12"
            />
          </li>
        ))}
      </ul>
      {prepared.length > SHOWN && <p className="mt-2 text-soft">and {prepared.length - SHOWN} more.</p>}
      <div className="mt-6 flex items-center gap-4">
        <MainButton onClick={onKeep}>
          Bring in {prepared.length === 1 ? "1 page" : `${prepared.length} pages`}
        </MainButton>
        <button type="button" className="text-blue hover:underline" onClick={onOthers}>
          Choose others
        </button>
      </div>
    </section>
  );
}

/** What was not brought in: counted, and named with the reason. */
export function LeftOutList({ leftOut }: { leftOut: readonly LeftOut[] }) {
  if (leftOut.length === 0) return null;
  return (
    <section className="mt-8" aria-label="Left out">
      <h2 className="font-serif text-18">{leftOut.length} left out</h2>
      <ul className="mt-2 grid gap-1 text-soft">
        {leftOut.slice(0, SHOWN).map(({ path, why }) => (
          <li key={path}>
            <span className="font-mono text-12">{path}</span>: {why}
          </li>
        ))}
      </ul>
      {leftOut.length > SHOWN && <p className="mt-2 text-soft">and {leftOut.length - SHOWN} more.</p>}
    </section>
  );
}
