import { useLiveQuery } from "dexie-react-hooks";
import { BookOpenText, Files, ListChecks, ListOrdered, type LucideIcon, Redo2, TextSearch, Undo2 } from "lucide-react";
import type { ComponentProps, ReactNode } from "react";
import { Link, NavLink } from "react-router";
import { type AnyScreen, linkTo, type Screen as OneScreen, RAIL, screenOf } from "../screens";
import { db } from "../store/db";
import { useStorageLost } from "../store/lost";
import type { SiteRecord } from "../store/records/sites";
import { loadSites } from "../store/sites";
import { redo, undo } from "../store/transact";
import { Commands } from "./commands";
import { IconButton } from "./controls";
import { useKeys } from "./keys";
import { Menu, MenuLine, MenuLink } from "./menu";
import { useNotices } from "./notice";
import { type Command, useCommands } from "./screen-commands";
import { nameOfSite, SiteTold } from "./site-told";

/** What stands in the rail for a screen; not in screens.ts, with which routes and their types are made: the package holds two thousand icons. */
const ICONS: Record<(typeof RAIL)[number]["name"], LucideIcon> = {
  Findings: ListChecks,
  Pages: Files,
  Phrases: TextSearch,
  "Line-up": ListOrdered,
  "House style": BookOpenText,
};

/** The rail: the site on top, then the screens. */
export function Rail({ site }: { site: SiteRecord }) {
  const sites = useLiveQuery(async () => (await loadSites()).sites, []) ?? [];
  return (
    <nav
      aria-label="Screens"
      className="flex w-16 shrink-0 flex-col items-center border-hairline border-r bg-paper pt-2.5 print:hidden max-[43.75rem]:w-full max-[43.75rem]:flex-row max-[43.75rem]:gap-3 max-[43.75rem]:border-r-0 max-[43.75rem]:border-b max-[43.75rem]:px-2 max-[43.75rem]:pb-2"
    >
      <Menu
        side="right"
        trigger={
          <button
            type="button"
            aria-label={`Site: ${site.name}`}
            className="mb-4 grid h-9 w-9 place-items-center rounded border border-ink font-medium font-serif text-18 max-[43.75rem]:mb-0"
          >
            {(site.name || site.address.replace(/^https?:\/\/(?:www\.)?/, "")).slice(0, 1).toUpperCase()}
          </button>
        }
      >
        {sites.map((one) => (
          <MenuLink key={one.id} to={`/sites/${one.id}/findings`}>
            <SiteTold site={one} among={sites} />
          </MenuLink>
        ))}
        <MenuLine />
        <MenuLink to={linkTo(site, screenOf("site"))}>Name, address, backup, removal</MenuLink>
        <MenuLink to={`/bring-in?site=${site.id}`}>Bring in more pages…</MenuLink>
        <MenuLink to="/?all">All sites</MenuLink>
      </Menu>
      {RAIL.map((screen) => {
        const Icon = ICONS[screen.name];
        return (
          <NavLink key={screen.path} to={linkTo(site, screen)} className={railLink}>
            <Icon size={16} aria-hidden />
            <span className="text-center leading-tight">{screen.name}</span>
          </NavLink>
        );
      })}
    </nav>
  );
}

const SCREEN = "screen";

/** The first thing that Tab reaches: it leads past the rail. */
export function SkipLink() {
  return (
    <a
      href={`#${SCREEN}`}
      onClick={(event) => {
        event.preventDefault();
        document.getElementById(SCREEN)?.focus();
      }}
      className="floating absolute top-1 left-1 z-50 px-3 py-2 not-focus:sr-only"
    >
      Past the rail, to the screen
    </a>
  );
}

/** What stands beside the rail, or below it where the window is narrow: it is as high as the window leaves it, and scrolls within. */
export function Screen({ className = "", children }: { className?: string; children: ReactNode }) {
  return (
    <main id={SCREEN} tabIndex={-1} className={`flex min-h-0 min-w-0 flex-1 flex-col -outline-offset-2 ${className}`}>
      {children}
    </main>
  );
}

const railLink = "flex w-14 flex-col items-center gap-1 rounded py-1.5 text-12 aria-[current=page]:bg-tint";

/** The site's name in a title line, which leads to what is known of the site as a whole. */
export function SiteName({ site, as: As = "span" }: { site: SiteRecord; as?: "h1" | "span" }) {
  return (
    <As className="min-w-0 font-medium font-serif text-15">
      <Link
        to={linkTo(site, screenOf("site"))}
        title="Name, address, backup, removal"
        className="block truncate hover:underline"
      >
        {nameOfSite(site)}
      </Link>
    </As>
  );
}

/** The title line of a screen that is reached from the pages. */
export function BelowPages({ site, screen }: { site: SiteRecord; screen: OneScreen }) {
  return (
    <TitleLine site={site} screen={screen}>
      <Link
        to={`/sites/${site.id}/pages${screen.beside ? `?columns=${screen.beside}` : ""}`}
        className="truncate text-ink-soft hover:text-ink"
      >
        {site.name || site.address}
      </Link>
      <span aria-hidden className="text-ink-soft">
        /
      </span>
      <ScreenTitle>{screen.name}</ScreenTitle>
    </TitleLine>
  );
}

/** The name of what a screen shows, whole at any text size: up to three lines. */
export const ScreenTitle = (props: ComponentProps<"h1">) => (
  <h1 {...props} className="line-clamp-3 min-w-0 break-words font-medium font-serif text-15 leading-tight" />
);

/** The title line: where you are, that all is kept, undo and redo, the palette; and the keys of the screen. */
export function TitleLine({
  site,
  children,
  kept,
  actions,
  screen,
  commands = [],
}: {
  site: SiteRecord;
  children: ReactNode;
  kept?: string | null;
  /** What is done with the page, always within reach. */
  actions?: ReactNode;
  screen: AnyScreen;
  commands?: readonly Command[];
}) {
  useCommands(() => commands);
  const { notify, announce, fail } = useNotices();
  const lost = useStorageLost();
  const undoable = useLiveQuery(() => db().actions.where("[siteId+undone]").equals([site.id, 0]).last(), [site.id]);
  const redoable = useLiveQuery(() => db().actions.where("[siteId+undone]").equals([site.id, 1]).first(), [site.id]);
  const step = async (run: typeof undo, verb: string, past: string) => {
    try {
      const done = await run(site.id);
      if (!done) notify(`Nothing to ${verb}`);
      else if (done.left > 0)
        notify(
          `${done.label}: partly left as it is`,
          `${done.left} of its places have changed since, and were not touched.`,
        );
      else announce(`${past}: ${done.label}`);
    } catch (error) {
      fail(error);
    }
  };
  const everywhere = { enableOnFormTags: true, enableOnContentEditable: true, preventDefault: true } as const;
  useKeys("mod+z", () => void step(undo, "undo", "Undone"), everywhere);
  useKeys("mod+shift+z, mod+y", () => void step(redo, "do again", "Done again"), everywhere);
  return (
    <header className="flex min-h-11 shrink-0 items-center gap-4 border-hairline border-b bg-paper px-5">
      <div className="flex min-w-0 flex-1 items-baseline gap-3">{children}</div>
      <span role="status" className="whitespace-nowrap text-ink-soft max-[43.75rem]:sr-only">
        {!lost && kept}
      </span>
      {actions && (
        <div className="flex items-center gap-4 whitespace-nowrap max-[43.75rem]:hidden print:hidden">{actions}</div>
      )}
      <div className="flex items-center gap-1 print:hidden">
        <IconButton
          name={undoable ? `Undo: ${undoable.label}` : "Undo"}
          keys="Ctrl Z"
          disabled={!undoable}
          onClick={() => void step(undo, "undo", "Undone")}
        >
          <Undo2 size={16} aria-hidden />
        </IconButton>
        <IconButton
          name={redoable ? `Redo: ${redoable.label}` : "Redo"}
          keys="Ctrl Shift Z"
          disabled={!redoable}
          onClick={() => void step(redo, "do again", "Done again")}
        >
          <Redo2 size={16} aria-hidden />
        </IconButton>
      </div>
      <div className="flex items-center gap-4 print:hidden">
        <Commands site={site} shortcuts={screen.keys ?? []} />
      </div>
    </header>
  );
}
