import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { GripVertical } from "lucide-react";
import type { KeyboardEvent, ReactNode } from "react";

/** The numbered column, in which the page's own results are taken by pointer or moved by the arrow keys. */
export function Column({ onMove, children }: { onMove: (from: number, to: number) => void; children: ReactNode }) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragEnd={({ active, over }) => {
        const [from, to] = [active.data.current?.at, over?.data.current?.at];
        if (typeof from === "number" && typeof to === "number" && from !== to) onMove(from, to);
      }}
    >
      <ol aria-label="Results">{children}</ol>
    </DndContext>
  );
}

/** A place of the column, onto which one's own result can be dropped. */
export function Place({
  at,
  own,
  dim,
  children,
}: {
  at: number;
  own: boolean;
  /** Others are shown in its stead. */
  dim: boolean;
  children: ReactNode;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: `place ${at}`, data: { at } });
  return (
    <li
      ref={setNodeRef}
      className={`grid grid-cols-[44px_minmax(0,1fr)] border-hairline border-b py-2.5 ${own ? "border-l-[3px] border-l-blue" : "border-l-[3px] border-l-transparent"} ${isOver ? "bg-marker" : ""} ${dim ? "set-back" : ""}`}
    >
      {children}
    </li>
  );
}

/** The number of somebody else's place. */
export const Numeral = ({ at }: { at: number }) => (
  <span className="pr-3 text-right font-serif text-15 text-ink-soft leading-[20px] tabular-nums">{at}</span>
);

/** The number of one's own, by which it is moved. */
export function Handle({ at, name, onMove }: { at: number; name: string; onMove: (from: number, to: number) => void }) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: `own ${at}`, data: { at } });
  const keys = (event: KeyboardEvent) => {
    const step = event.key === "ArrowUp" ? -1 : event.key === "ArrowDown" ? 1 : 0;
    if (step === 0 || at + step < 1) return;
    event.preventDefault();
    onMove(at, at + step);
  };
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      data-own={name}
      aria-label={`${name}, place ${at}: drag it, or press the up and down arrow`}
      title="Drag it, or press ↑ and ↓"
      onKeyDown={keys}
      className={`flex h-6 cursor-grab touch-none items-center justify-end pr-3 font-serif text-15 text-blue leading-[20px] tabular-nums ${isDragging ? "opacity-40" : ""}`}
    >
      <GripVertical size={12} aria-hidden className="mr-1 text-graphite" />
      {at}
    </button>
  );
}
