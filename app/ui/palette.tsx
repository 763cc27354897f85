import { Command as Cmdk } from "cmdk";
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
import { type Command, commandsOffered } from "./screen-commands";
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
  const item =
    "flex cursor-default items-baseline gap-3 rounded px-2.5 py-1.5 data-[selected=true]:bg-tint data-[selected=true]:shadow-[inset_2px_0_0_var(--ink)]";
  return (
    <>
      {backup.input}
      <Dialog.Root open={open} onOpenChange={onOpenChange}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-40 bg-black/30" />
          <Dialog.Content
            aria-describedby={undefined}
            className="floating fixed top-[12vh] left-1/2 z-50 w-[560px] max-w-[94vw] -translate-x-1/2"
          >
            <Dialog.Title className="sr-only">Command palette</Dialog.Title>
            <Cmdk label="Command palette" loop>
              <Cmdk.Input
                value={search}
                onValueChange={setSearch}
                placeholder={site ? "Type a command or a page" : "Type a command"}
                className="w-full border-edge border-b bg-transparent px-4 py-3 text-15 outline-none"
              />
              <Cmdk.List className="max-h-[50vh] overflow-auto p-1.5">
                <Cmdk.Empty className="p-3 text-ink-soft">Nothing has that name.</Cmdk.Empty>
                <Cmdk.Group>
                  {[...commands, ...general].map(({ id = "", name, keys, run }) => (
                    <Cmdk.Item key={`${name} ${id}`} value={`${name} ${id}`} onSelect={close(run)} className={item}>
                      <span className="flex-1">{name}</span>
                      {keys && <Keys>{keys}</Keys>}
                    </Cmdk.Item>
                  ))}
                </Cmdk.Group>
                {search && site && (
                  <Cmdk.Group heading={<span className="px-2.5 text-12 text-ink-soft">Pages</span>}>
                    {pages.map((page) => (
                      <Cmdk.Item
                        key={page.id}
                        value={`${page.name} ${page.address} ${page.id}`}
                        onSelect={close(() => navigate(linkToPage(site.id, page.id)))}
                        className={item}
                      >
                        <span className="truncate" {...ofPage(page.language)}>
                          {page.name || "without a name"}
                        </span>
                        <span className="truncate font-mono text-12 text-ink-soft">{pathOf(page.address)}</span>
                      </Cmdk.Item>
                    ))}
                  </Cmdk.Group>
                )}
              </Cmdk.List>
            </Cmdk>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
