import { Link } from "react-router";
import { linkTo, screenOf } from "../screens";
import type { Overview } from "../store/records/overviews";
import type { SiteRecord } from "../store/records/sites";
import { Action } from "../ui/controls";

/** Folders that are named. */
const MOST = 12;
const number = new Intl.NumberFormat("en-GB");
const counted = (n: number, one: string, many: string) => `${number.format(n)} ${n === 1 ? one : many}`;

/** Beside the findings: what belongs to the whole site, its folders, and what was done. */
export function Side({
  site,
  overview,
  below,
  onBelow,
}: {
  site: SiteRecord;
  overview: Overview;
  below: string;
  onBelow: (path: string) => void;
}) {
  const { pages, rules, folders, pictures, withoutAlt, withData, redrafted, ready, settled } = overview;
  const on = (rule: string) => rules.find((one) => one.rule === rule)?.pages ?? 0;
  const [broken, orphans] = [on("link/broken"), on("link/orphan-page")];
  const links = [
    broken > 0 && `broken on ${counted(broken, "page", "pages")}`,
    orphans > 0 && counted(orphans, "orphan", "orphans"),
  ].filter((one) => one !== false);
  const whole = [
    {
      screen: screenOf("pictures"),
      told:
        pictures === 0
          ? "none"
          : `in ${counted(pictures, "place", "places")}, ${number.format(withoutAlt)} without alternative text`,
    },
    { screen: screenOf("html"), told: "against the standard" },
    { screen: screenOf("headings"), told: "the same fault on many pages" },
    { screen: screenOf("siteData"), told: `on ${number.format(withData)} of ${counted(pages, "page", "pages")}` },
  ];
  return (
    <aside
      aria-label="Of the whole site"
      className="sticky top-0 max-h-[calc(100dvh-2.75rem)] w-[23.25rem] shrink-0 self-start overflow-y-auto px-6 py-6 max-[62.5rem]:static max-[62.5rem]:max-h-none max-[62.5rem]:w-full max-[62.5rem]:border-hairline max-[62.5rem]:border-t max-[43.75rem]:px-4"
    >
      <h2 className="font-semibold">Of the whole site</h2>
      <dl className="mt-2 grid gap-y-1.5">
        {whole.map(({ screen, told }) => (
          <div key={screen.path} className="flex min-h-6 flex-wrap items-center justify-between gap-x-4">
            <dt>
              <Link to={linkTo(site, screen)} className="text-blue hover:underline">
                {screen.name}
              </Link>
            </dt>
            <dd className="text-ink-soft">{told}</dd>
          </div>
        ))}
        <div className="flex min-h-6 flex-wrap items-center justify-between gap-x-4">
          <dt>
            <Link to={`${linkTo(site, screenOf("pages"))}?columns=links`} className="text-blue hover:underline">
              Links
            </Link>
          </dt>
          <dd className="text-ink-soft">{links.length > 0 ? links.join(", ") : "none broken"}</dd>
        </div>
      </dl>
      <h2 className="mt-6 font-semibold">By folder</h2>
      <ul className="mt-2 grid gap-y-1.5">
        {folders.slice(0, MOST).map(({ path, pages, must }) => (
          <li key={path} className="flex min-h-6 items-center justify-between gap-4">
            {path === "/" ? (
              <span>at the root</span>
            ) : (
              <Action
                aria-pressed={below === path}
                onClick={() => onBelow(below === path ? "" : path)}
                className="truncate aria-pressed:bg-marker"
              >
                {path}
              </Action>
            )}
            <span className="whitespace-nowrap text-ink-soft">
              {counted(pages, "page", "pages")}
              {must > 0 && `, ${number.format(must)} must`}
            </span>
          </li>
        ))}
        {folders.length > MOST && <li className="text-ink-soft">and {number.format(folders.length - MOST)} more</li>}
      </ul>
      <h2 className="mt-6 font-semibold">Since it was brought in</h2>
      <p className="mt-2 text-ink-soft">
        {redrafted === 0
          ? "Nothing has been redrafted yet."
          : `${counted(redrafted, "page is", "pages are")} redrafted, ${number.format(ready)} ready.`}
        {settled > 0 && ` ${counted(settled, "change is", "changes are")} taken over by the site.`}
      </p>
    </aside>
  );
}
