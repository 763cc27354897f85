import {
  DndContext,
  DragOverlay,
  PointerSensor,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { type ReactNode, useState } from "react";
import { pathOf } from "#core/address/address";
import { phraseKey } from "#core/phrase/phrase-key";
import type { PageRecord } from "../store/page-record";
import { ofPage } from "../ui/of-page";
import type { PhraseLine } from "./lines";

/** Pages that are offered while a phrase is dragged. */
const OFFERED = 60;

/**
 * What phrases can be dragged in: onto a page in the list, or onto one of those that stand beside it meanwhile. By keyboard a
 * phrase is given a page where it is chosen.
 */
export function Dragging({
  lineOf,
  onDropped,
  children,
}: {
  lineOf: (key: string) => PhraseLine | undefined;
  onDropped: (line: PhraseLine, pageId: string) => void;
  /** What is drawn, told which line is dragged. */
  children: (dragged: PhraseLine | null) => ReactNode;
}) {
  const [dragged, setDragged] = useState<PhraseLine | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }));
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragStart={({ active }) => setDragged(lineOf(String(active.id)) ?? null)}
      onDragCancel={() => setDragged(null)}
      onDragEnd={({ over }) => {
        setDragged(null);
        const page: unknown = over?.data.current?.page;
        if (dragged && typeof page === "string") onDropped(dragged, page);
      }}
    >
      {children(dragged)}
      <DragOverlay dropAnimation={null}>
        {dragged && <span className="floating inline-block px-3 py-1.5 font-serif text-15">{dragged.text}</span>}
      </DragOverlay>
    </DndContext>
  );
}

/** A phrase that can be taken by the pointer. */
export function DragSource({ name, children }: { name: string; children: ReactNode }) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: name });
  return (
    <span ref={setNodeRef} {...listeners} className={`touch-manipulation ${isDragging ? "opacity-40" : ""}`}>
      {children}
    </span>
  );
}

/** A page onto which a phrase can be dropped. `name` tells it from where else the page stands. */
export function DropPage({ name, page, children }: { name: string; page: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: name, data: { page } });
  return (
    <span
      ref={setNodeRef}
      data-over={isOver || undefined}
      className="block rounded outline-ink data-over:bg-marker data-over:outline-2"
    >
      {children}
    </span>
  );
}

/** Pages to drop a phrase on: those that have none first. */
export function DropPages({ dragged, pages }: { dragged: PhraseLine; pages: readonly PageRecord[] }) {
  const own = new Set([...dragged.targets, ...dragged.supporting].map(({ id }) => id));
  const without = pages.filter(({ phrase }) => phraseKey(phrase) === "");
  const others = pages.filter(({ id, phrase }) => phraseKey(phrase) !== "" && !own.has(id));
  return (
    <>
      <h2 className="font-medium font-serif text-18 leading-snug">Drop “{dragged.text}” on its page</h2>
      <ul className="mt-3 grid gap-0.5">
        {[...without, ...others].slice(0, OFFERED).map((page) => (
          <li key={page.id}>
            <DropPage name={`beside ${page.id}`} page={page.id}>
              <span className="block truncate px-2 pt-1" {...ofPage(page.language)}>
                {page.name || pathOf(page.address)}
              </span>
              <span className="block truncate px-2 pb-1 text-12 text-ink-soft">
                {phraseKey(page.phrase) === "" ? "has no phrase" : `is for “${page.phrase}”: it will support it`}
              </span>
            </DropPage>
          </li>
        ))}
      </ul>
    </>
  );
}
