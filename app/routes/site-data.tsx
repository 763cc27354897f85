import { useMemo, useState } from "react";
import { Link, useSearchParams } from "react-router";
import type { SiteWide } from "#core/compose/site-wide";
import type { Asked } from "#core/proposals/all";
import { screenTitle } from "../document-title";
import { ProposalPreview } from "../proposals/preview";
import { screenOf } from "../screens";
import { usePageRows } from "../store/rows";
import { questionOf } from "../store/site-data";
import { BelowPages, Screen } from "../ui/frame";
import { useSame } from "../ui/use-same";
import { useSite } from "./site";

export const meta = screenTitle("siteData");

type What = SiteWide["what"];
const WHATS: [what: What, name: string, says: string][] = [
  ["organisation", "Whoever runs the site", "name, logo and profiles, as the house style has them"],
  ["site", "The site", "its name and address, and who publishes it"],
  ["trail", "The way to each page", "from the home page through the pages whose addresses stand above it"],
];
const NONE: string[] = [];

/** Entities that all pages state alike: what stating them changes on each page, then done on all in one action. */
export default function SiteDataScreen() {
  const site = useSite();
  const rows = usePageRows(site.id);
  const [params, setParams] = useSearchParams();
  const what = (WHATS.find(([one]) => one === params.get("what"))?.[0] ?? "organisation") as What;
  const home = params.get("on") === "home" && what !== "trail";
  const organisation = site.houseStyle.data?.organisation ?? null;
  const choose = (next: Record<string, string>) =>
    setParams({ what, ...(home && { on: "home" }), ...next }, { replace: true });
  const [round, setRound] = useState(0);
  const question = useSame(rows && questionOf(site, rows, what, home));
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is asked anew once it has been applied
  const asked = useMemo(
    (): Asked | null => question && { way: "structuredData", id: crypto.randomUUID(), ...question.asked },
    [question, round],
  );
  const name = WHATS.find(([one]) => one === what)?.[1] ?? "";
  const lacking = what === "organisation" && !organisation;
  return (
    <Screen>
      <BelowPages site={site} screen={screenOf("siteData")} />
      <div className="flex min-h-0 flex-1 bg-sheet max-[62.5rem]:flex-col max-[62.5rem]:overflow-y-auto">
        <section
          aria-label="What is stated"
          className="w-[20rem] shrink-0 overflow-y-auto border-hairline border-r px-6 py-5 max-[62.5rem]:w-full"
        >
          <h2 className="font-serif text-18">Structured data for every page</h2>
          <ul className="mt-2">
            {WHATS.map(([one, label, says]) => (
              <li key={one}>
                <button
                  type="button"
                  aria-pressed={what === one}
                  onClick={() => choose({ what: one })}
                  className={`-mx-3 w-[calc(100%+1.5rem)] border-l-2 px-3 py-2 text-left ${what === one ? "border-blue bg-tint" : "border-transparent hover:bg-tint"}`}
                >
                  <span className="block font-serif text-15">{label}</span>
                  <span className="block text-ink-soft">{says}</span>
                </button>
              </li>
            ))}
          </ul>
          {what !== "trail" && (
            <fieldset className="mt-4 grid gap-1">
              <legend className="text-ink-soft">On</legend>
              {(["all", "home"] as const).map((one) => (
                <label key={one} className="flex items-center gap-1.5">
                  <input
                    type="radio"
                    name="on"
                    checked={home === (one === "home")}
                    onChange={() => choose({ on: one })}
                  />
                  {one === "home" ? "the home page alone" : "every page"}
                </label>
              ))}
            </fieldset>
          )}
          <p className="mt-4 text-ink-soft">
            It is written into{" "}
            {site.houseStyle.data?.written === "graph" ? "the graph of each page" : "a block of its own on each page"},
            as the{" "}
            <Link to={`/sites/${site.id}/house-style#data`} className="text-blue underline">
              house style
            </Link>{" "}
            says.
          </p>
        </section>
        <section aria-label="What changes" className="flex min-w-0 flex-1 flex-col">
          {lacking ? (
            <p className="p-6 font-serif text-15 text-ink-soft">
              The house style does not say yet who runs the site.{" "}
              <Link to={`/sites/${site.id}/house-style#data`} className="text-blue underline">
                Add it there
              </Link>
              , then state it here.
            </p>
          ) : (
            <div className="flex min-h-0 flex-1 flex-col px-6 py-5">
              <ProposalPreview
                site={site}
                pages={rows ?? []}
                ids={question?.ids ?? NONE}
                asked={asked}
                label={`State ${name.charAt(0).toLowerCase()}${name.slice(1)}`}
                listClass="max-h-[calc(100vh-180px)]"
                onApplied={() => setRound((n) => n + 1)}
              />
            </div>
          )}
        </section>
      </div>
    </Screen>
  );
}
