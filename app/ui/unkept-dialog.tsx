import { useState } from "react";
import { Action, MainButton } from "./controls";
import { Modal } from "./modal";
import type { Unkept } from "./unkept";

/** What is not kept yet, asked about before its screen is left. */
export function UnkeptDialog({
  all,
  onLeave,
  onStay,
}: {
  all: readonly Unkept[];
  onLeave: () => void;
  onStay: () => void;
}) {
  const [busy, setBusy] = useState(false);
  const keepers = all.flatMap(({ keep }) => keep ?? []);
  const canKeep = keepers.length === all.length;
  const keepAll = async () => {
    setBusy(true);
    const kept = await Promise.all(keepers.map((keep) => keep()));
    if (kept.every(Boolean)) onLeave();
    else onStay();
  };
  return (
    <Modal open onOpenChange={onStay} title="This is not kept yet" description={all.map(({ what }) => what).join(" ")}>
      <div className="mt-5 flex flex-wrap items-center gap-5">
        <MainButton busy={busy} onClick={() => (canKeep ? void keepAll() : onStay())}>
          {canKeep ? "Keep it and go on" : "Go back to it"}
        </MainButton>
        <Action removes onClick={onLeave}>
          Let it go
        </Action>
        {canKeep && <Action onClick={onStay}>Stay here</Action>}
      </div>
    </Modal>
  );
}
