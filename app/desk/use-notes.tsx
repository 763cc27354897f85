import { useCallback, useEffect, useMemo, useState } from "react";
import type { Finding } from "#core/findings/finding";
import { inPageOrder } from "#core/findings/place";
import { focusAround, isTyped } from "../ui/focus-on";
import { useKeys } from "../ui/keys";
import { onDemand } from "../ui/on-demand";
import { useCommands } from "../ui/screen-commands";
import { useNewest } from "../ui/use-newest";
import type { Note } from "./state/use-findings";
import type { Desk } from "./use-desk";

const SetAsideDialog = onDemand(async () => (await import("../ui/set-aside-dialog")).SetAsideDialog);

/** What of the desk it takes. */
type Taken = Pick<Desk, "audited" | "edit" | "notes" | "setAsideFinding" | "settled">;

/** Which note is selected, what is done with notes by key, and the dialog that sets one aside. */
export function useNotes(desk: Taken) {
  // The finding, not its number: once it is settled the selection waits there, and no other takes its place.
  const [selectedFinding, setSelected] = useState<Finding | null>(null);
  const [asiding, setAsiding] = useState<Note | null>(null);
  const { notes, settled } = desk;
  const at = selectedFinding === null ? undefined : notes.find(({ finding }) => finding.key === selectedFinding.key);
  const selected = at?.number ?? null;
  const finding = useNewest({ of: (n: number) => notes.find(({ number }) => number === n)?.finding ?? null });
  const select = useCallback(
    (n: number) => {
      setSelected(finding.of(n));
      requestAnimationFrame(() => document.querySelector(`[data-note="${n}"]`)?.scrollIntoView({ block: "nearest" }));
    },
    [finding],
  );
  /** A step that was asked for before the notes were there. */
  const [wanted, setWanted] = useState(0);
  const step = (by: number) => {
    if (!desk.audited) {
      setWanted(by);
      return;
    }
    const place = (note: Note) => (selectedFinding ? inPageOrder(note.finding, selectedFinding) : by);
    const index = at
      ? notes.indexOf(at) + by
      : by > 0
        ? notes.findIndex((n) => place(n) > 0)
        : notes.findLastIndex((n) => place(n) < 0);
    const next = notes[index];
    if (next) select(next.number);
  };
  const steps = useNewest({ step });
  useEffect(() => {
    if (!desk.audited || wanted === 0) return;
    setWanted(0);
    steps.step(wanted);
  }, [desk.audited, wanted, steps]);
  const fix = (note: Note) => {
    setSelected(note.finding);
    if (note.finding.fix) desk.edit(note.finding.fix.edits, note.finding.fix.label);
  };
  useKeys("j", () => step(1));
  useKeys("k", () => step(-1));
  useKeys(".", () => {
    if (at) fix(at);
  });
  useKeys("escape", ({ target }) => target instanceof Element && isTyped(target) && focusAround(target), {
    enableOnFormTags: true,
    // A field that has given up what was typed says so.
    ignoreEventWhen: ({ defaultPrevented }) => defaultPrevented,
  });
  useCommands(() => (at ? [{ name: "Set the selected note aside…", run: () => setAsiding(at) }] : []));
  const dialog = asiding && (
    <SetAsideDialog
      found={asiding.finding.message}
      onClose={() => setAsiding(null)}
      onDone={(scope, reason) => {
        desk.setAsideFinding(asiding.finding, scope, reason);
        setAsiding(null);
      }}
    />
  );
  const waitsAt = at === undefined ? settled.find(({ key }) => key === selectedFinding?.key) : undefined;
  const picking = useMemo(() => ({ selected, onSelect: select }), [selected, select]);
  return { picking, waitsAt, fix, setAside: setAsiding, dialog };
}
