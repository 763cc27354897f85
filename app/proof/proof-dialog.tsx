import { useEffect, useMemo, useState } from "react";
import { limitsOf } from "#core/settings/house-style";
import { type GatheredProof, gatherProof } from "../store/proof";
import type { SiteRecord } from "../store/records/sites";
import { type SiteAsked, useSiteAnswer } from "../store/site-findings";
import { Action, MainButton } from "../ui/controls";
import { download } from "../ui/download";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import ReturnedDialog from "./returned-dialog";

const number = new Intl.NumberFormat("en-GB");
const counted = (n: number, one: string, many: string) => `${number.format(n)} ${n === 1 ? one : many}`;

/** A proof of pages, to be sent to whoever approves them: what it holds is said before it is saved. */
export default function ProofDialog({
  site,
  ids,
  onClose,
}: {
  site: SiteRecord;
  ids: readonly string[];
  onClose: () => void;
}) {
  const { notify, fail } = useNotices();
  const [returned, setReturned] = useState(false);
  const ask = useMemo(() => (worker: SiteAsked) => worker.languagesOf(ids), [ids]);
  const languages = useSiteAnswer(site, ask);
  const [made, setMade] = useState<GatheredProof | null>(null);
  useEffect(() => {
    if (!languages) return;
    let gone = false;
    gatherProof(site, ids, languages).then((proof) => !gone && setMade(proof), fail);
    return () => {
      gone = true;
    };
  }, [site, ids, languages, fail]);
  const pages = made?.proof.pages ?? [];
  const changes = pages.reduce((sum, page) => sum + page.changes.length, 0);
  const takes = pages.reduce((sum, page) => sum + page.takes.length, 0);
  const save = async () => {
    if (!made) return;
    try {
      const [{ proofHtml }, { freeName }] = await Promise.all([
        import("#core/exchange/proof"),
        import("#core/exchange/file-name"),
      ]);
      const name = freeName(`proof ${made.proof.site.name} ${made.proof.at.slice(0, 10)}.html`, new Set());
      download(name, proofHtml(made.proof, limitsOf(site.houseStyle)), "text/html");
      notify("The proof is saved", "Send the file; the answers come back as a file too.");
      onClose();
    } catch (error) {
      fail(error);
    }
  };
  if (returned) return <ReturnedDialog site={site} onClose={onClose} />;
  return (
    <Modal
      open
      onOpenChange={(open) => !open && onClose()}
      title="A proof for approval"
      description="One file that opens in any browser: results before and after on both devices, takes and reasons. Whoever gets it says of each change whether it is right, and sends back a small file."
    >
      <p className="mt-4" aria-live="polite">
        {!made
          ? "Putting it together…"
          : pages.length === 0
            ? "Nothing is changed on these pages, and no takes are kept, so that there is nothing to show."
            : `${counted(pages.length, "page", "pages")} with ${counted(changes, "change", "changes")}${takes > 0 ? ` and ${counted(takes, "take", "takes")}` : ""}.`}
        {made && pages.length > 0 && made.without > 0 && (
          <span className="text-ink-soft">
            {" "}
            {counted(made.without, "page has", "pages have")} nothing to show, and stay out.
          </span>
        )}
      </p>
      <p className="mt-4 flex items-center gap-5">
        <MainButton disabled={pages.length === 0} onClick={() => void save()}>
          Save the proof
        </MainButton>
        <Action onClick={onClose}>Cancel</Action>
        <span className="flex-1" />
        <Action onClick={() => setReturned(true)}>Answers have come back…</Action>
      </p>
    </Modal>
  );
}
