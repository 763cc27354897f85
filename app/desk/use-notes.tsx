import { useCallback, useEffect, useState } from "react";
import { useKeys } from "../ui/keys";
import { onDemand } from "../ui/on-demand";
import { useNewest } from "../ui/use-newest";
import type { Note } from "./state/use-findings";
import type { Desk } from "./use-desk";

const SetAsideDialog = onDemand(async () => (await import("../ui/set-aside-dialog")).SetAsideDialog);

/** What of the desk it takes. */
type Taken = Pick<Desk, "audited" | "edit" | "notes" | "setAsideFinding">;

/** Which note is selected, what is done with notes by key, and the dialog that sets one aside. */
export function useNotes(desk: Taken) {
  const [selected, setSelected] = useState<number | null>(null);
  const [asiding, setAsiding] = useState<Note | null>(null);
  const select = useCallback((n: number) => {
    setSelected(n);
    requestAnimationFrame(() => document.querySelector(`[data-note="${n}"]`)?.scrollIntoView({ block: "nearest" }));
  }, []);
  /** A step that was asked for before the notes were there. */
  const [wanted, setWanted] = useState(0);
  const step = (by: number) => {
    if (!desk.audited) {
      setWanted(by);
      return;
    }
    const at = desk.notes.findIndex(({ number }) => number === selected);
    const next = desk.notes[at < 0 ? (by > 0 ? 0 : desk.notes.length - 1) : at + by];
    if (next) select(next.number);
  };
  const newest = useNewest({ step });
  useEffect(() => {
    if (!desk.audited || wanted === 0) return;
    setWanted(0);
    newest.step(wanted);
  }, [desk.audited, wanted, newest]);
  const fix = (note: Note) => {
    if (note.finding.fix) desk.edit(note.finding.fix.edits, note.finding.fix.label);
  };
  useKeys("j", () => step(1));
  useKeys("k", () => step(-1));
  useKeys(".", () => {
    const note = desk.notes.find(({ number }) => number === selected);
    if (note) fix(note);
  });
  useKeys("escape", () => (document.activeElement instanceof HTMLElement ? document.activeElement.blur() : undefined), {
    enableOnFormTags: true,
    // A field that has given up what was typed says so.
    ignoreEventWhen: ({ defaultPrevented }) => defaultPrevented,
  });
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
  return { picking: { selected, onSelect: select }, fix, setAside: setAsiding, dialog };
}
