import { type ReactNode, type Ref, useEffect, useImperativeHandle, useRef, useState } from "react";
import { isText, type Piece } from "#core/rewrite/content";
import { useOfPage } from "../../ui/of-page";
import { onDemand } from "../../ui/on-demand";
import type { TextInPlaceHandle } from "../text-in-place";

const ParagraphEditor = onDemand(async () => (await import("./paragraph-editor")).default);

const LOOKS: Record<string, string> = {
  link: "underline decoration-graphite underline-offset-2",
  emphasis: "italic",
  strong: "font-semibold",
  code: "font-mono text-[0.92em]",
};

const drawn = (pieces: readonly Piece[]): ReactNode[] =>
  pieces.map((piece, i) => {
    const key = `${i} ${isText(piece) ? piece.text.slice(0, 20) : piece.name}`;
    const looks = piece.marks.map(({ name, href }) => LOOKS[href === null ? name : "link"] ?? "").join(" ");
    if (isText(piece))
      return looks ? (
        <span key={key} className={looks}>
          {piece.text}
        </span>
      ) : (
        piece.text
      );
    if (piece.name === "break") return <br key={key} />;
    return piece.label || piece.name === "picture" ? (
      <span key={key} className="rounded-xs border border-hairline px-1 font-sans text-12 text-graphite">
        {piece.label || piece.name}
      </span>
    ) : null;
  });

/** A text of the page as it is marked up, edited where it stands. */
export function Paragraph({
  pieces,
  text,
  label = "Text",
  changed,
  className,
  onKeep,
  ref,
}: {
  ref?: Ref<TextInPlaceHandle>;
  pieces: readonly Piece[];
  /** Its words. */
  text: string;
  label?: string;
  changed: boolean;
  className: string;
  /** The reason where it cannot be kept. */
  onKeep: (pieces: Piece[]) => string | null;
}) {
  const words = useOfPage();
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const back = useRef(false);
  useImperativeHandle(ref, () => ({ open: () => setOpen(true) }), []);
  useEffect(() => {
    if (!open && back.current) button.current?.focus();
    back.current = false;
  }, [open]);
  const look = `break-words ${changed ? "text-blue" : ""} ${className}`;
  const close = (byKey: boolean) => {
    back.current = byKey;
    setOpen(false);
  };
  if (open)
    return (
      <ParagraphEditor
        waiting={<span className={look}>{drawn(pieces)}</span>}
        pieces={pieces}
        label={label}
        onKeep={onKeep}
        onClose={close}
      />
    );
  return (
    <button
      {...words}
      ref={button}
      type="button"
      aria-label={`${label}: ${text}`}
      onPointerEnter={ParagraphEditor.load}
      onFocus={ParagraphEditor.load}
      onClick={() => setOpen(true)}
      className={`${look} cursor-text text-left`}
    >
      {drawn(pieces)}
    </button>
  );
}
