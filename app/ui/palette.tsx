import { useLiveQuery } from "dexie-react-hooks";
import { Dialog } from "radix-ui";
import { useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { pathOf } from "#core/address/address";
import { linkTo, linkToPage, SCREENS, screenOf } from "../screens";
import { loadPageRecords } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { loadSites } from "../store/sites";
import { ofPage } from "../ui/of-page";
import { Keys } from "./controls";
import { Ground } from "./modal";
import { type Command, commandsOffered } from "./screen-commands";
import { SearchGroup, SearchList, SearchOption } from "./search-list";
import { nameOfSite } from "./site-told";
import { switchTheme } from "./theme";
import { useBackup } from "./use-backup";

export function Palette({
  open,
  onOpenChange,
  site,
  onHelp,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** Null where no site is open. */
  site: SiteRecord | null;
  onHelp: () => void;
}) {
  const navigate = useNavigate();
  const backup = useBackup();
  const [search, setSearch] = useState("");
  const searching = open && search !== "";
  const pages =
    useLiveQuery(
      async () => (searching && site ? (await loadPageRecords(site.id)).slice(0, 2000) : []),
      [searching, site?.id],
    ) ?? [];
  const sites = useLiveQuery(async () => (open && !site ? (await loadSites()).sites : []), [open, site === null]) ?? [];
  // biome-ignore lint/correctness/useExhaustiveDependencies: as the screen is when it opens
  const commands = useMemo(commandsOffered, [open]);
  const close = (run: () => void) => () => {
    onOpenChange(false);
    setSearch("");
    run();
  };
  const general: Command[] = [
    ...(site ? SCREENS.map((screen) => ({ name: screen.command, run: () => navigate(linkTo(site, screen)) })) : []),
    { name: "Bring in pages", run: () => navigate(site ? `/bring-in?site=${site.id}` : "/bring-in") },
    { name: "All sites", run: () => navigate("/?all") },
    ...sites.map((one) => ({
      id: one.id,
      name: `Open ${nameOfSite(one)}`,
      run: () => navigate(linkTo(one, screenOf("findings"))),
    })),
    { name: "Switch between dark and light", run: switchTheme },
    { name: "Make a backup of everything", run: backup.make },
    { name: "Put a backup back…", run: backup.putBack },
    { name: "Keys and hints", keys: "?", run: onHelp },
  ];
  return (
    <>
      {backup.input}
      <Dialog.Root open={open} onOpenChange={onOpenChange}>
        <Dialog.Portal>
          <Ground />
          <Dialog.Content
            aria-describedby={undefined}
            className="floating fixed top-[12vh] left-1/2 z-50 w-[35rem] max-w-[94vw] -translate-x-1/2"
          >
            <Dialog.Title className="sr-only">Command palette</Dialog.Title>
            <SearchList
              label="Command palette"
              placeholder={site ? "Type a command or a page" : "Type a command"}
              empty="Nothing has that name."
              find={search}
              onFind={setSearch}
            >
              <SearchGroup>
                {[...commands, ...general].map(({ id = "", name, keys, run }) => (
                  <SearchOption key={`${name} ${id}`} value={`${name} ${id}`} onChoose={close(run)}>
                    <span className="flex-1">{name}</span>
                    {keys && <Keys>{keys}</Keys>}
                  </SearchOption>
                ))}
              </SearchGroup>
              {search && site && (
                <SearchGroup name="Pages">
                  {pages.map((page) => (
                    <SearchOption
                      key={page.id}
                      value={`${page.name} ${page.address} ${page.id}`}
                      onChoose={close(() => navigate(linkToPage(site.id, page.id)))}
                    >
                      <span className="truncate" {...ofPage(page.language)}>
                        {page.name || "without a name"}
                      </span>
                      <span className="truncate font-mono text-12 text-ink-soft">{pathOf(page.address)}</span>
                    </SearchOption>
                  ))}
                </SearchGroup>
              )}
            </SearchList>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
