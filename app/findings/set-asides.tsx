import { useState } from "react";
import { Link } from "react-router";
import { pathOf } from "#core/address/address";
import { TOLD } from "#core/rules/told";
import { linkToPage } from "../screens";
import type { PageRecord } from "../store/page-record";
import type { SetAsideRecord } from "../store/records/set-asides";
import type { SiteRecord } from "../store/records/sites";
import { takeBackUp, useSetAsides } from "../store/set-asides";
import { Action } from "../ui/controls";
import { useNotices } from "../ui/notice";

/** What was set aside on a site, with its reasons, to be read and taken back up. */
export function SetAsides({ site, pages }: { site: SiteRecord; pages: readonly PageRecord[] | null }) {
  const all = useSetAsides(site.id);
  const [open, setOpen] = useState(false);
  const { fail } = useNotices();
  if (all.length === 0) return null;
  const where = ({ scope, pageId }: SetAsideRecord) => {
    if (scope === "site") return "on the whole site";
    const page = pages?.find(({ id }) => id === pageId);
    if (!page) return "on a page that is gone";
    return (
      <Link to={linkToPage(site.id, page.id)} className="font-mono text-12 text-blue hover:underline">
        {pathOf(page.address)}
      </Link>
    );
  };
  return (
    <section aria-label="Set aside" className="border-hairline border-b py-2 pl-[29px]">
      <p className="flex items-baseline justify-between gap-4 text-ink-soft">
        {all.length === 1 ? "1 finding is set aside, with its reason." : `${all.length} are set aside, with reasons.`}
        <Action aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Close" : all.length === 1 ? "Read it" : "Read them"}
        </Action>
      </p>
      {open && (
        <ul className="mt-2 grid gap-2">
          {all.map((one) => (
            <li key={one.id}>
              <p>
                <span className="font-serif text-15">{capital(TOLD.get(one.rule)?.finds ?? one.rule)}</span>,{" "}
                {where(one)}
              </p>
              <p className="flex gap-4 text-ink-soft">
                <span>“{one.reason}”</span>
                <Action onClick={() => void takeBackUp(one).catch(fail)}>Take back up</Action>
              </p>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
