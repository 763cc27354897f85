import { useMemo, useState } from "react";
import { questionTagUnder } from "#core/compose/write-on-page";
import { blocksUnder } from "#core/page/body";
import type { TextBlock } from "#core/page/page";
import { contentOf, type Piece } from "#core/rewrite/content";
import { withContent } from "#core/rewrite/content-edit";
import { besideBlock } from "#core/rewrite/insert-beside";
import { moveText } from "#core/rewrite/move-text";
import type { NewBlock } from "#core/rewrite/new-block";
import { standing } from "#core/rewrite/operations/set-block-content";
import type { Origin } from "#core/rewrite/origins";
import { UNSURE } from "#core/rewrite/words-in-place";
import { Action } from "../../ui/controls";
import { Menu, MenuItem, MenuLine } from "../../ui/menu";
import { useNotices } from "../../ui/notice";
import { NotesAt, type Picking } from "../anchored";
import { type NotKept, TextInPlace } from "../text-in-place";
import type { Desk } from "../use-desk";
import { NewText } from "./new-text";
import { Paragraph } from "./paragraph";

/** What of the desk it takes. */
type Taken = Pick<Desk, "attempt" | "drop" | "edit" | "notesAt" | "original" | "page" | "redraft">;

/** Puts new blocks before or behind one of the page; gives back the reason where that cannot be. */
export function useInsert(desk: Taken, origins: readonly Origin[]) {
  return (block: number, before: boolean, blocks: NewBlock[]): string | null => {
    const edit = besideBlock(desk.page, origins, block, before, blocks, crypto.randomUUID());
    if (!edit) return "It cannot be told where this place is in the original. Put it beside another text.";
    return desk.attempt(edit, blocks.length > 1 ? "Question with answer" : "New text");
  };
}

const TAGS: Record<string, string> = {
  li: "•",
  td: "cell",
  th: "cell",
  dt: "term",
  dd: "meaning",
  blockquote: "quote",
};

/** The blocks that stand under a heading, each to be edited where it stands. */
export function Blocks({
  desk,
  origins,
  heading,
  indent,
  ...picking
}: Picking & { desk: Taken; origins: readonly Origin[]; heading: number; indent: string }) {
  const { page } = desk;
  const [asking, setAsking] = useState<{ block: number; question: boolean } | null>(null);
  /** What is being written: it goes along to another place, or becomes a question. */
  const [typed, setTyped] = useState<readonly string[]>([]);
  const insert = useInsert(desk, origins);
  const under = (blocksUnder(page).get(heading) ?? []).flatMap((index) => {
    const block = page.blocks[index];
    return block ? [{ block, index }] : [];
  });
  const last = under.at(-1)?.index ?? page.headings[heading]?.block ?? -1;
  const ask = (block: number, question: boolean) => setAsking({ block, question });
  const put = (beside: string) => (texts: string[]) => {
    if (!asking) return null;
    const body: NewBlock = { tag: beside === "li" ? "li" : "p", text: texts.at(-1) ?? "" };
    const question: NewBlock = { tag: questionTagUnder(page.headings[heading]), text: texts[0] ?? "" };
    return insert(asking.block, false, asking.question ? [question, body] : [body]);
  };
  return (
    <div className="mb-2" style={{ paddingLeft: indent }}>
      {under.map(({ block, index }) => (
        <div key={`${block.range.start} ${block.text.slice(0, 40)}`}>
          <Block desk={desk} block={block} index={index} origins={origins} onAsk={ask} {...picking} />
          {asking?.block === index && (
            <NewText
              what={asking.question ? "question" : "text"}
              begun={typed}
              onTyped={setTyped}
              onPut={put(block.tag)}
              onClose={() => setAsking(null)}
            />
          )}
        </div>
      ))}
      {under.length === 0 && last >= 0 && (
        <>
          <Action className="text-12" onClick={() => ask(last, false)}>
            Write something here
          </Action>
          {asking?.block === last && (
            <NewText what="text" begun={typed} onTyped={setTyped} onPut={put("p")} onClose={() => setAsking(null)} />
          )}
        </>
      )}
    </div>
  );
}

function Block({
  desk,
  block,
  index,
  origins,
  onAsk,
  ...picking
}: Picking & {
  desk: Taken;
  block: TextBlock;
  index: number;
  origins: readonly Origin[];
  onAsk: (block: number, question: boolean) => void;
}) {
  const { fail } = useNotices();
  const { page } = desk;
  const origin = origins[index];
  const was = desk.original.blocks[origin?.index ?? -1];
  const key = origin?.key;
  const added = origin?.added;
  // A keystroke in the title leaves the texts as they are.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the page is what its blocks and its source say
  const content = useMemo(() => contentOf(page, index), [page.blocks, page.source, index]);
  const write = (pieces: readonly Piece[]) =>
    desk.redraft((now) => withContent({ ...now, origins }, index, pieces), "Text");
  const keep = (value: string): NotKept | string | null => {
    if (key && was) {
      const edit = { op: "set-block-text" as const, block: key, value, was: was.text };
      const reason = desk.attempt(edit, "Text");
      if (!reason?.startsWith(UNSURE)) return reason;
      const plainly = () => desk.edit({ ...edit, plain: true }, "Text, without its markup");
      return { reason, instead: { label: "Set all of it as plain text", run: plainly } };
    }
    if (!added) return null;
    const blocks = added.blocks.map((one) => (one.text === block.text ? { ...one, text: value } : one));
    return desk.attempt({ ...added, blocks }, "Text");
  };
  const remove = () => {
    if (key && was) desk.edit({ op: "remove-block", block: key, was: was.text }, "Remove text");
    else if (added) {
      const blocks = added.blocks.filter((one) => one.text !== block.text);
      if (blocks.length > 0) desk.edit({ ...added, blocks }, "Remove text");
      else desk.drop(added, "Remove text");
    }
  };
  const move = (by: -1 | 1) => {
    const reason = desk.redraft((now) => moveText({ ...now, origins, block: index, by }), "Move text");
    if (reason) fail(new Error(reason));
  };
  const heading = (level: number) =>
    key && desk.edit({ op: "make-heading", block: key, level, was: block.text }, `Make it an H${level}`);
  const level = Math.min(6, (desk.page.headings[block.heading]?.level ?? 1) + 1);
  return (
    <div data-anchor={`block ${index}`} className="group flex items-baseline gap-2 py-0.5">
      <Menu
        trigger={
          <button
            type="button"
            aria-label={`${TAGS[block.tag] ?? "¶"}: with the text ${block.text.slice(0, 40)}`}
            className="w-10 shrink-0 text-left text-12 text-graphite hover:text-ink"
          >
            {TAGS[block.tag] ?? "¶"}
          </button>
        }
      >
        <MenuItem onChoose={() => heading(level)}>Make it an H{level}</MenuItem>
        <MenuItem onChoose={() => setTimeout(() => onAsk(index, false))}>Add a text after it…</MenuItem>
        {block.tag !== "li" && (
          <MenuItem onChoose={() => setTimeout(() => onAsk(index, true))}>
            Add a question with its answer after it…
          </MenuItem>
        )}
        <MenuLine />
        <MenuItem onChoose={() => move(-1)}>Move it up</MenuItem>
        <MenuItem onChoose={() => move(1)}>Move it down</MenuItem>
        <MenuItem onChoose={remove}>Remove it</MenuItem>
      </Menu>
      {key && was && typeof content !== "string" ? (
        <Paragraph
          pieces={content}
          text={block.text}
          changed={standing(page, index) !== standing(desk.original, origin.index)}
          className="min-w-0 flex-1 leading-snug"
          onKeep={write}
        />
      ) : (
        <TextInPlace
          value={block.text}
          label="Text"
          empty=""
          changed={!was || was.text !== block.text}
          readOnly={key || added ? null : "It cannot be told where this text stands in the original."}
          className="min-w-0 flex-1 leading-snug"
          onKeep={keep}
        />
      )}
      <NotesAt desk={desk} at={{ part: "block", index: index }} {...picking} />
    </div>
  );
}
