import { memo, useEffect, useMemo, useRef, useState } from "react";
import { emptyBecause } from "#core/page/body";
import { redraftedSource } from "#core/rewrite/apply";
import { pictureAt } from "#core/site/facets/pictures";
import { useFiles, useTexts } from "../../store/files";
import { Action } from "../../ui/controls";
import type { Desk } from "../use-desk";
import { CHOSEN, framedSource, INDEX, namedBeside } from "./framed";
import { inFrame } from "./in-frame";

/** What of the desk it takes. */
type Taken = Pick<Desk, "edits" | "original" | "page" | "record">;

const NONE: readonly string[] = [];

/** The page in a frame without scripts and network, with each heading's level and each landmark marked on it. */
export const Looks = memo(function Looks({ desk }: { desk: Taken }) {
  const { original, edits, page, record } = desk;
  const [open, setOpen] = useState(false);
  const [which, setWhich] = useState<"redraft" | "original">("redraft");
  const frame = useRef<HTMLIFrameElement>(null);
  const named = useMemo(() => namedBeside(original), [original]);
  const files = useFiles(record.siteId, open ? named.pictures : NONE);
  const styles = useTexts(record.siteId, open ? named.styles : NONE);
  const source = useMemo(() => {
    if (!open) return "";
    const nonce = document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce ?? "";
    const at = (src: string) => pictureAt({ src }, original) ?? "";
    return framedSource(
      which === "original" ? original.source : redraftedSource(original, edits),
      original.address,
      nonce,
      { picture: (src) => files.get(at(src))?.url ?? null, style: (href) => styles.get(at(href)) ?? null },
    );
  }, [open, which, original, edits, files, styles]);
  // A heading that is chosen in the outline is found in the frame.
  useEffect(() => {
    if (!open) return;
    const find = (event: FocusEvent) => {
      const row =
        event.target instanceof Element ? event.target.closest("[data-outline-row]")?.closest("[data-anchor]") : null;
      const index = row?.getAttribute("data-anchor")?.split(" ")[1];
      const inside = frame.current?.contentDocument;
      if (!index || !inside) return;
      for (const chosen of inFrame.all(inside, `[${CHOSEN}]`)) inFrame.mark(chosen, CHOSEN, false);
      const [heading] = inFrame.all(inside, `[${INDEX}="${index}"]`);
      if (!heading) return;
      inFrame.mark(heading, CHOSEN, true);
      inFrame.show(heading);
    };
    document.addEventListener("focusin", find);
    return () => document.removeEventListener("focusin", find);
  }, [open]);
  if (original.format !== "html") return null;
  const loaded = () => {
    const inside = frame.current?.contentDocument;
    if (!inside) return;
    inFrame.listen(inside, "click", (event) => {
      event.preventDefault();
      const heading = event.target && inFrame.around(event.target as Element, `[${INDEX}]`);
      const row =
        heading &&
        document.querySelector(`[data-anchor="heading ${inFrame.value(heading, INDEX)}"] [data-outline-row]`);
      if (row instanceof HTMLElement) {
        row.focus();
        row.scrollIntoView({ block: "center" });
      }
    });
  };
  return (
    <section aria-labelledby="looks-heading">
      <div className="flex items-baseline gap-4">
        <h2 id="looks-heading" className="flex-1 font-serif text-18">
          How it looks
        </h2>
        {open && (
          <span className="flex gap-3">
            {(["redraft", "original"] as const).map((one) => (
              <button
                key={one}
                type="button"
                aria-pressed={which === one}
                onClick={() => setWhich(one)}
                className={which === one ? "border-ink border-b" : "text-ink-soft hover:text-ink"}
              >
                {one === "redraft" ? "Redraft" : "Original"}
              </button>
            ))}
          </span>
        )}
        <Action onClick={() => setOpen(!open)}>{open ? "Hide it" : "Show it"}</Action>
      </div>
      {open && (
        <>
          <p className="mt-1 text-ink-soft">
            {emptyBecause(page) ??
              "Without scripts, with the pictures and style sheets that were brought in. Press a heading to find it in the outline."}
          </p>
          <iframe
            ref={frame}
            title="The page as it looks"
            sandbox="allow-same-origin"
            srcDoc={source}
            onLoad={loaded}
            className="mt-3 h-[460px] w-full border border-hairline bg-[white]"
          />
        </>
      )}
    </section>
  );
});
