import { ArrowDown, ArrowUp } from "lucide-react";
import {
  type KeyboardEvent,
  memo,
  type ReactNode,
  useCallback,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import { useNavigate } from "react-router";
import type { ResultLimits } from "#core/settings/house-style";
import type { PageRecord } from "../store/page-record";
import { NotPrinted, ROW, ROWS, useDrawnRows } from "../ui/drawn-rows";
import { Tick } from "../ui/tick";
import { useNewest } from "../ui/use-newest";
import { CellEditor, type Leave } from "./cell-editor";
import type { Column, EditedAs } from "./columns/column";
import { type ColumnSet, columnsIn } from "./columns/sets";
import { type CellRuler, rulerOf, TextCell } from "./columns/text-cell";
import { copiedText, pastedLines } from "./pasted";
import { type Sorting, sortPages, toggled } from "./sort";

/** A block of cells, by the places of its corners; `row` counts the shown pages, `column` the columns. */
export interface Block {
  row: number;
  column: number;
  toRow: number;
  toColumn: number;
}

/** One cell that is given another text. */
export interface CellChange {
  page: PageRecord;
  edits: EditedAs;
  text: string;
}

/** How high the headings of the columns are, in px. */
const HEADINGS = 34;

/** The text that a cell is edited as. */
export const cellText = (page: PageRecord, edits: EditedAs): string => (edits === "kind" ? page.kind : page[edits]);

/**
 * The pages as a spreadsheet: arrows move, typing edits, blocks are copied out and pasted in. What is pasted is handed to
 * `onPaste` to be looked at first; one cell that was typed to `onEdit`.
 */
export function Grid({
  pages,
  groups,
  set,
  limits,
  link,
  selected,
  onSelect,
  onEdit,
  onPaste,
  onLeave,
  pending,
}: {
  pages: PageRecord[];
  groups: ReadonlyMap<string, string>;
  set: ColumnSet;
  limits: ResultLimits;
  link: (page: PageRecord) => string;
  selected: ReadonlySet<string>;
  onSelect: (ids: ReadonlySet<string>) => void;
  onEdit: (change: CellChange) => void;
  onPaste: (changes: CellChange[], cells: number) => void;
  /** Goes on to what is done with the ticked pages, if there are any; tells whether it did. */
  onLeave: () => boolean;
  /** Texts that are being kept, by page id and column, shown until they are. */
  pending: ReadonlyMap<string, string>;
}) {
  const navigate = useNavigate();
  const [sorting, setSorting] = useState<Sorting>(null);
  const [active, setActive] = useState<Block | null>(null);
  /** The cell that was left last: arrows go on from there. */
  const left = useRef({ row: 0, column: 0 });
  const [editing, setEditing] = useState<{ row: number; column: number; start: string } | null>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const lastTicked = useRef<number | null>(null);
  const [width, setWidth] = useState(Number.POSITIVE_INFINITY);
  useLayoutEffect(() => {
    const watch = new ResizeObserver(([entry]) => setWidth(entry?.contentRect.width ?? 0));
    if (scroller.current) {
      setWidth(scroller.current.clientWidth);
      watch.observe(scroller.current);
    }
    return () => watch.disconnect();
  }, []);
  const { columns, few } = useMemo(() => columnsIn(set, width), [set, width]);
  const room = few ? "gap-3 px-3" : "gap-5 px-6";
  const rows = useMemo(() => sortPages(pages, columns, sorting), [pages, columns, sorting]);
  const tracks = `28px ${columns.map((one) => one.track).join(" ")}`;
  const virtual = useDrawnRows({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 64,
    // The headings of the columns stand over the first of the rows that are seen.
    scrollPaddingEnd: HEADINGS,
    getItemKey: useCallback((i: number) => rows[i]?.id ?? i, [rows]),
  });
  const items = virtual.getVirtualItems();

  // Another set of columns or another filter begins without an active cell.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what makes the places mean something else
  useEffect(() => {
    setEditing(null);
    setActive((at) =>
      at && at.row < rows.length
        ? {
            ...at,
            column: Math.min(at.column, columns.length - 1),
            toRow: at.row,
            toColumn: Math.min(at.column, columns.length - 1),
          }
        : null,
    );
  }, [set, few, rows.length]);

  const editsOf = (column: number) => columns[column]?.edits;
  /** Whether typing begins an edit in the column. */
  const types = (column: number) => editsOf(column) !== undefined && editsOf(column) !== "kind";
  const pageAt = (row: number) => rows[row];
  const goTo = (row: number, column: number, extend = false) => {
    const to = {
      row: Math.max(0, Math.min(rows.length - 1, row)),
      column: Math.max(0, Math.min(columns.length - 1, column)),
    };
    setActive((at) =>
      extend && at ? { ...at, toRow: to.row, toColumn: to.column } : { ...to, toRow: to.row, toColumn: to.column },
    );
    virtual.scrollToIndex(to.row);
  };
  const edit = (row: number, column: number, typed?: string) => {
    const page = pageAt(row);
    const edits = editsOf(column);
    if (!page || !edits) return;
    setActive({ row, column, toRow: row, toColumn: column });
    setEditing({ row, column, start: typed ?? pending.get(`${page.id} ${edits}`) ?? cellText(page, edits) });
  };
  const leave = (row: number, column: number, how: Leave) => {
    setEditing(null);
    if (how === "down") goTo(row + 1, column);
    else if (how === "left") goTo(row, column - 1);
    else if (how === "right") {
      if (column + 1 < columns.length) goTo(row, column + 1);
      else goTo(row + 1, 0);
    }
    if (how !== "stay") scroller.current?.focus();
  };
  const keep = (text: string, how: Leave) => {
    if (!editing) return;
    const page = pageAt(editing.row);
    const edits = editsOf(editing.column);
    if (page && edits && text.trim() !== cellText(page, edits)) onEdit({ page, edits, text });
    leave(editing.row, editing.column, how);
  };
  const block = active && {
    from: Math.min(active.row, active.toRow),
    to: Math.max(active.row, active.toRow),
    left: Math.min(active.column, active.toColumn),
    right: Math.max(active.column, active.toColumn),
  };

  const key = (event: KeyboardEvent) => {
    // What is typed into a field inside is the field's own.
    if (event.target !== scroller.current) return;
    const { key: pressed, shiftKey } = event;
    const command = event.ctrlKey || event.metaKey;
    if (pressed === "Tab" && !shiftKey && onLeave()) {
      event.preventDefault();
      return;
    }
    if (command && pressed.toLowerCase() === "a") {
      onSelect(new Set(rows.map((row) => row.id)));
      event.preventDefault();
      return;
    }
    if (!active) {
      if (pressed === "Escape") onSelect(new Set());
      if (/^Arrow/.test(pressed) && rows.length > 0) {
        goTo(left.current.row, left.current.column);
        event.preventDefault();
      }
      return;
    }
    const at = shiftKey ? { row: active.toRow, column: active.toColumn } : active;
    const shown = Math.max(1, items.length - 8);
    const by = steps(pressed, shown);
    if (by) {
      const toEnd = command && pressed !== "ArrowLeft" && pressed !== "ArrowRight";
      const row = toEnd && by.row !== 0 ? (by.row > 0 ? rows.length - 1 : 0) : at.row + by.row;
      const column = Number.isFinite(by.column) ? at.column + by.column : by.column > 0 ? columns.length - 1 : 0;
      const home = command && !Number.isFinite(by.column);
      goTo(home ? (by.column > 0 ? rows.length - 1 : 0) : row, column, shiftKey);
    } else if (pressed === "F2") edit(active.row, active.column);
    else if (pressed === "Enter") {
      const page = pageAt(active.row);
      if (editsOf(active.column)) edit(active.row, active.column);
      else if (page) navigate(link(page));
    } else if (pressed === "Escape") {
      // First out of the cell, which is gone on from; what is ticked stays so.
      left.current = active;
      setActive(null);
    } else if (pressed === " ") tick(active.row, false);
    else if (pressed === "Delete" || pressed === "Backspace") clear();
    else if (!command && !event.altKey && pressed.length === 1 && types(active.column))
      edit(active.row, active.column, pressed);
    else return;
    event.preventDefault();
  };

  const tick = (row: number, range: boolean) => {
    const next = new Set(selected);
    const from = range && lastTicked.current !== null ? lastTicked.current : row;
    const on = !selected.has(rows[row]?.id ?? "");
    for (let i = Math.min(from, row); i <= Math.max(from, row); i++) {
      const id = rows[i]?.id;
      if (id && on) next.add(id);
      else if (id) next.delete(id);
    }
    lastTicked.current = row;
    onSelect(next);
  };
  const cellsOf = (): { page: PageRecord; column: number }[][] => {
    if (!block) return [];
    return rows
      .slice(block.from, block.to + 1)
      .map((page) =>
        Array.from({ length: block.right - block.left + 1 }, (_, i) => ({ page, column: block.left + i })),
      );
  };
  const clear = () => {
    const changes = cellsOf()
      .flat()
      .flatMap(({ page, column }) => {
        const edits = editsOf(column);
        return edits && edits !== "kind" && cellText(page, edits) !== "" ? [{ page, edits, text: "" }] : [];
      });
    if (changes.length > 0) onPaste(changes, changes.length);
  };
  const copy = (event: ClipboardEvent) => {
    if (!block || !event.clipboardData || document.activeElement !== scroller.current) return;
    const lines = cellsOf().map((line) =>
      line.map(({ page, column }) => {
        const edits = editsOf(column);
        return edits ? cellText(page, edits) : column === 0 ? page.address : String(columns[column]?.value(page) ?? "");
      }),
    );
    event.clipboardData.setData("text/plain", copiedText(lines));
    event.preventDefault();
  };
  const paste = (event: ClipboardEvent) => {
    if (!block || !event.clipboardData || document.activeElement !== scroller.current) return;
    event.preventDefault();
    const lines = pastedLines(event.clipboardData.getData("text/plain"));
    // One text over a block of cells fills all of them.
    const one = lines.length === 1 && lines[0]?.length === 1;
    const down = one ? block.to - block.from + 1 : lines.length;
    const across = one ? block.right - block.left + 1 : Math.max(...lines.map((line) => line.length));
    const changes: CellChange[] = [];
    for (let i = 0; i < down; i++) {
      for (let k = 0; k < across; k++) {
        const page = pageAt(block.from + i);
        const edits = editsOf(block.left + k);
        const text = (one ? lines[0]?.[0] : lines[i]?.[k])?.trim();
        if (page && edits && text !== undefined && text !== cellText(page, edits)) changes.push({ page, edits, text });
      }
    }
    onPaste(changes, down * across);
  };

  const acts = useNewest<RowActs>({
    onTick: tick,
    onKeep: keep,
    onCancel: () => {
      if (editing) leave(editing.row, editing.column, "stay");
      scroller.current?.focus();
    },
    onCell: (row, column, shift, twice) => {
      if (twice) edit(row, column);
      else {
        goTo(row, column, shift);
        scroller.current?.focus({ preventScroll: true });
      }
    },
  });

  // Where no text is selected, browsers send what is copied and pasted to the document.
  const clipboard = useRef({ copy, paste });
  clipboard.current = { copy, paste };
  useEffect(() => {
    const onCopy = (event: ClipboardEvent) => clipboard.current.copy(event);
    const onPaste = (event: ClipboardEvent) => clipboard.current.paste(event);
    document.addEventListener("copy", onCopy);
    document.addEventListener("paste", onPaste);
    return () => {
      document.removeEventListener("copy", onCopy);
      document.removeEventListener("paste", onPaste);
    };
  }, []);

  // Of a row that was scrolled away nothing is there to be named.
  const isDrawn = active !== null && items.some(({ index }) => index === active.row);
  const allTicked = rows.length > 0 && selected.size >= rows.length;
  return (
    <div className="relative flex min-h-[min(320px,60vh)] flex-1 flex-col print:block short:h-[80vh] short:flex-none after:pointer-events-none after:absolute after:hidden after:inset-0 after:z-30 after:outline-2 after:outline-blue after:-outline-offset-2 has-[>[role=grid]:focus-visible]:after:block">
      {/* biome-ignore lint/a11y/useSemanticElements: rows are positioned one by one, which table elements cannot be */}
      <div
        ref={scroller}
        role="grid"
        aria-label="Pages"
        aria-rowcount={rows.length + 1}
        aria-colcount={columns.length + 1}
        aria-multiselectable
        aria-activedescendant={active && isDrawn ? `cell-${active.row}-${active.column}` : undefined}
        tabIndex={0}
        onKeyDown={key}
        className="min-h-0 flex-1 scroll-pt-9 overflow-auto outline-none"
      >
        {/* biome-ignore lint/a11y/useSemanticElements: see above */}
        {/* biome-ignore lint/a11y/useFocusableInteractive: the grid has the focus */}
        <div
          role="row"
          style={{ gridTemplateColumns: tracks }}
          className={`sticky top-0 z-20 grid items-center border-hairline border-y bg-sheet py-1 ${room}`}
        >
          {/* biome-ignore lint/a11y/useSemanticElements: see above */}
          {/* biome-ignore lint/a11y/useFocusableInteractive: its box is focused */}
          <div role="columnheader">
            <Tick
              inGrid
              label="Select all"
              checked={allTicked}
              onChange={() => onSelect(allTicked ? new Set() : new Set(rows.map((row) => row.id)))}
            />
          </div>
          {columns.map((column) => {
            const sorted = sorting?.id === column.id ? (sorting.desc ? "descending" : "ascending") : "none";
            return (
              // biome-ignore lint/a11y/useSemanticElements: see above
              // biome-ignore lint/a11y/useFocusableInteractive: its button is focused
              <div key={column.id} role="columnheader" aria-sort={sorted}>
                <button
                  type="button"
                  onClick={() => setSorting((was) => toggled(was, column))}
                  className="flex items-center gap-1 font-medium text-12 text-ink-soft hover:text-ink"
                >
                  {column.header}
                  {sorted === "ascending" && <ArrowUp size={12} aria-hidden />}
                  {sorted === "descending" && <ArrowDown size={12} aria-hidden />}
                </button>
              </div>
            );
          })}
        </div>
        {/* biome-ignore lint/a11y/useSemanticElements: see above */}
        <div role="rowgroup" className={ROWS} style={{ height: virtual.getTotalSize() }}>
          {items.map((item) => {
            const page = rows[item.index];
            if (!page) return null;
            const inBlock = block && item.index >= block.from && item.index <= block.to;
            return (
              <GridRow
                key={page.id}
                page={page}
                columns={columns}
                link={link}
                index={item.index}
                start={item.start}
                tracks={tracks}
                room={room}
                measure={virtual.measureElement}
                label={groups.get(page.id) ?? ""}
                ticked={selected.has(page.id)}
                left={inBlock ? block.left : null}
                right={inBlock ? block.right : null}
                activeColumn={active?.row === item.index ? active.column : null}
                editing={editing?.row === item.index ? editing : null}
                limits={limits}
                pending={pending}
                {...acts}
              />
            );
          })}
        </div>
      </div>
      <NotPrinted of={rows.length} />
    </div>
  );
}

/** How far a key moves the active cell; an endless number of columns means to the edge. */
function steps(pressed: string, shown: number): { row: number; column: number } | null {
  switch (pressed) {
    case "ArrowDown":
      return { row: 1, column: 0 };
    case "ArrowUp":
      return { row: -1, column: 0 };
    case "ArrowLeft":
      return { row: 0, column: -1 };
    case "ArrowRight":
      return { row: 0, column: 1 };
    case "PageDown":
      return { row: shown, column: 0 };
    case "PageUp":
      return { row: -shown, column: 0 };
    case "Home":
      return { row: 0, column: Number.NEGATIVE_INFINITY };
    case "End":
      return { row: 0, column: Number.POSITIVE_INFINITY };
    default:
      return null;
  }
}

/** What is done with a row, by functions that stay the same. */
interface RowActs {
  onTick: (index: number, shift: boolean) => void;
  onKeep: (text: string, leave: Leave) => void;
  onCancel: () => void;
  onCell: (row: number, column: number, shift: boolean, twice: boolean) => void;
}

interface GridRowProps extends RowActs {
  page: PageRecord;
  columns: readonly Column[];
  link: (page: PageRecord) => string;
  index: number;
  start: number;
  tracks: string;
  /** Between the cells, and to the edges. */
  room: string;
  measure: (element: Element | null) => void;
  /** What is said over the first row of a group. */
  label: string;
  ticked: boolean;
  /** The columns of it that are in the marked block. */
  left: number | null;
  right: number | null;
  activeColumn: number | null;
  editing: { column: number; start: string } | null;
  limits: ResultLimits;
  pending: ReadonlyMap<string, string>;
}

/** A row, drawn anew only where something of it is another. */
const GridRow = memo(function GridRow({
  page,
  columns,
  link,
  index,
  start,
  tracks,
  room,
  measure,
  label,
  ticked,
  onTick,
  left,
  right,
  activeColumn,
  editing,
  limits,
  pending,
  onKeep,
  onCancel,
  onCell,
}: GridRowProps) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: rows are positioned one by one
    // biome-ignore lint/a11y/useFocusableInteractive: the grid has the focus
    <div
      role="row"
      aria-rowindex={index + 2}
      aria-selected={ticked}
      data-index={index}
      ref={measure}
      style={{ transform: `translateY(${start}px)` }}
      className={`${ROW} top-0 border-hairline border-b ${ticked ? "bg-tint" : ""}`}
    >
      {label && (
        // biome-ignore lint/a11y/useSemanticElements: see above
        // biome-ignore lint/a11y/useFocusableInteractive: the grid has the focus
        <div role="gridcell" className="px-6 pt-3 font-medium text-red">
          {label}
        </div>
      )}
      <div className={`grid ${room}`} style={{ gridTemplateColumns: tracks }} role="presentation">
        {/* biome-ignore lint/a11y/useSemanticElements: see above */}
        {/* biome-ignore lint/a11y/useFocusableInteractive: its box is focused */}
        <div role="gridcell" className="py-2.5 pt-3">
          <Tick
            inGrid
            label={`Select ${page.name || page.address}`}
            checked={ticked}
            onChange={(shift) => onTick(index, shift)}
          />
        </div>
        {columns.map((column, i) => {
          const { edits, ruler, mono, header } = column;
          const isEditing = editing?.column === i;
          let content: ReactNode;
          if (isEditing && edits) {
            content = (
              <CellEditor
                label={`${header} of ${page.name || page.address}`}
                language={page.language}
                edits={edits}
                start={editing.start}
                ruler={ruler ? rulerOf(ruler, limits) : null}
                onKeep={onKeep}
                onCancel={onCancel}
              />
            );
          } else if (edits && edits !== "kind") {
            const shown = pending.get(`${page.id} ${edits}`) ?? cellText(page, edits);
            const cellRuler: CellRuler | null = ruler ? rulerOf(ruler, limits) : null;
            const px = ruler === "title" ? page.titlePx : page.descriptionPx;
            content = (
              <TextCell
                text={shown}
                language={page.language}
                empty={edits === "slug" ? "the start page" : "none"}
                px={px}
                ruler={cellRuler}
                pattern={(edits === "title" || edits === "description") && page.patterned.includes(edits)}
                mono={mono ?? false}
              />
            );
          } else content = column.cell?.(page, link) ?? String(column.value(page));
          const chosen = left !== null && right !== null && i >= left && i <= right;
          return (
            // biome-ignore lint/a11y/useSemanticElements: see above
            // biome-ignore lint/a11y/useFocusableInteractive: the grid has the focus
            // biome-ignore lint/a11y/useKeyWithClickEvents: keys are the grid's
            <div
              key={column.id}
              id={`cell-${index}-${i}`}
              role="gridcell"
              aria-selected={chosen}
              aria-readonly={edits === undefined}
              onClick={(event) =>
                !isEditing &&
                !(event.target instanceof Element && event.target.closest("a")) &&
                onCell(index, i, event.shiftKey, false)
              }
              onDoubleClick={() => edits && !isEditing && onCell(index, i, false, true)}
              className={`-mx-2 min-w-0 px-2 py-2.5 ${chosen ? "bg-tint" : ""} ${activeColumn === i && !isEditing ? "outline outline-1 outline-blue -outline-offset-1" : ""}`}
            >
              {content}
            </div>
          );
        })}
      </div>
    </div>
  );
});
