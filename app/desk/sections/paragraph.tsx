import { type ReactNode, useEffect, useRef, useState } from "react";
import { isText, type Piece } from "#core/rewrite/content";
import { onDemand } from "../../ui/on-demand";

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
  changed,
  className,
  onKeep,
}: {
  pieces: readonly Piece[];
  /** Its words. */
  text: string;
  changed: boolean;
  className: string;
  /** The reason where it cannot be kept. */
  onKeep: (pieces: Piece[]) => string | null;
}) {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const back = useRef(false);
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
        label="Text"
        onKeep={onKeep}
        onClose={close}
      />
    );
  return (
    <button
      ref={button}
      type="button"
      aria-label={`Text: ${text}`}
      onPointerEnter={ParagraphEditor.load}
      onFocus={ParagraphEditor.load}
      onClick={() => setOpen(true)}
      className={`${look} cursor-text text-left`}
    >
      {drawn(pieces)}
    </button>
  );
}
