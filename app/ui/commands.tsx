import { Keyboard } from "lucide-react";
import { useState } from "react";
import type { Shortcut } from "../screens";
import type { SiteRecord } from "../store/records/sites";
import { IconButton, Keys } from "./controls";
import { useKeys } from "./keys";
import { onDemand } from "./on-demand";
import { useSoon } from "./use-soon";

const Palette = onDemand(async () => (await import("./palette")).Palette);
const Shortcuts = onDemand(async () => (await import("./shortcuts")).Shortcuts);

/** The command palette and the keys of a screen, and the buttons that open them. */
export function Commands({
  site,
  shortcuts = [],
}: {
  /** Null where no site is open. */
  site: SiteRecord | null;
  shortcuts?: readonly Shortcut[];
}) {
  // Once opened they stay: what has been typed into the palette and chosen there goes on.
  const [palette, setPalette] = useState<boolean | null>(null);
  const [help, setHelp] = useState<boolean | null>(null);
  // Whoever types at once after the key finds it there.
  useSoon(Palette.load);
  useKeys("mod+k", () => setPalette(true), {
    enableOnFormTags: true,
    enableOnContentEditable: true,
    preventDefault: true,
  });
  useKeys("?", () => setHelp(true), { preventDefault: true });
  return (
    <>
      <IconButton name="Keys and hints" keys="?" onClick={() => setHelp(true)}>
        <Keyboard size={16} aria-hidden />
      </IconButton>
      <button type="button" title="Command palette" onClick={() => setPalette(true)}>
        <Keys>Ctrl K</Keys>
      </button>
      {palette !== null && (
        <Palette open={palette} onOpenChange={setPalette} site={site} onHelp={() => setHelp(true)} />
      )}
      {help !== null && <Shortcuts open={help} onOpenChange={setHelp} shortcuts={shortcuts} />}
    </>
  );
}
