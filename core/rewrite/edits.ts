import { sameBlock } from "../structured-data/block-text.ts";
import { followsPattern } from "./follows-pattern.ts";
import { type AddToHead, addToHead } from "./operations/add-to-head.ts";
import { type EditSource, editSource } from "./operations/edit-source.ts";
import { type InsertBlocks, insertBlocks } from "./operations/insert-blocks.ts";
import { type MakeHeading, makeHeading } from "./operations/make-heading.ts";
import { type MergeHeadings, mergeHeadings } from "./operations/merge-headings.ts";
import { type MoveBlock, moveBlock } from "./operations/move-block.ts";
import type { Bound, Operation } from "./operations/operation.ts";
import { type RemoveBlock, removeBlock } from "./operations/remove-block.ts";
import { type RemoveHeading, removeHeading } from "./operations/remove-heading.ts";
import { type RemoveMarkupData, removeMarkupData } from "./operations/remove-markup-data.ts";
import { type SetAlt, setAlt } from "./operations/set-alt.ts";
import { type SetBlockContent, setBlockContent } from "./operations/set-block-content.ts";
import { type SetBlockText, setBlockText } from "./operations/set-block-text.ts";
import { type SetCanonical, setCanonical } from "./operations/set-canonical.ts";
import { type SetData, setData } from "./operations/set-data.ts";
import { type SetDescription, setDescription } from "./operations/set-description.ts";
import { type SetHeadingId, setHeadingId } from "./operations/set-heading-id.ts";
import { type SetHeadingLevel, setHeadingLevel } from "./operations/set-heading-level.ts";
import { type SetHeadingText, setHeadingText } from "./operations/set-heading-text.ts";
import { type SetKeywords, setKeywords } from "./operations/set-keywords.ts";
import { type SetLanguage, setLanguage } from "./operations/set-language.ts";
import { type SetLinkHref, setLinkHref } from "./operations/set-link-href.ts";
import { type SetLinkText, setLinkText } from "./operations/set-link-text.ts";
import { type SetLinkTitle, setLinkTitle } from "./operations/set-link-title.ts";
import { type SetRobots, setRobots } from "./operations/set-robots.ts";
import { type SetSlug, setSlug } from "./operations/set-slug.ts";
import { type SetTitle, setTitle } from "./operations/set-title.ts";
import { type SetViewport, setViewport } from "./operations/set-viewport.ts";
import { type WrapInLink, wrapInLink } from "./operations/wrap-in-link.ts";

/**
 * One change to a page, small and serialisable. `was` is what it replaces, as it stood in the original; null where there
 * was nothing. A redraft holds at most one edit for a node and field. A new operation is a file of its own and its name in
 * the two lists here.
 */
export type Edit =
  | SetTitle
  | SetDescription
  | SetCanonical
  | SetSlug
  | SetHeadingLevel
  | SetHeadingText
  | SetHeadingId
  | RemoveHeading
  | MakeHeading
  | MergeHeadings
  | SetBlockText
  | SetBlockContent
  | RemoveBlock
  | MoveBlock
  | InsertBlocks
  | EditSource
  | SetAlt
  | SetLinkText
  | SetLinkTitle
  | SetLinkHref
  | WrapInLink
  | SetLanguage
  | SetRobots
  | SetKeywords
  | SetViewport
  | AddToHead
  | RemoveMarkupData
  | SetData;

type EditOf<O extends Edit["op"]> = Extract<Edit, { op: O }>;

export const OPERATIONS: { readonly [O in Edit["op"]]: Operation<EditOf<O>> } = {
  "set-title": setTitle,
  "set-description": setDescription,
  "set-canonical": setCanonical,
  "set-slug": setSlug,
  "set-heading-level": setHeadingLevel,
  "set-heading-text": setHeadingText,
  "set-heading-id": setHeadingId,
  "remove-heading": removeHeading,
  "make-heading": makeHeading,
  "merge-headings": mergeHeadings,
  "set-block-text": setBlockText,
  "set-block-content": setBlockContent,
  "remove-block": removeBlock,
  "move-block": moveBlock,
  "insert-blocks": insertBlocks,
  "edit-source": editSource,
  "set-alt": setAlt,
  "set-link-text": setLinkText,
  "set-link-title": setLinkTitle,
  "set-link-href": setLinkHref,
  "wrap-in-link": wrapInLink,
  "set-language": setLanguage,
  "set-robots": setRobots,
  "set-keywords": setKeywords,
  "set-viewport": setViewport,
  "add-to-head": addToHead,
  "remove-markup-data": removeMarkupData,
  "set-data": setData,
};

/** What there is to know of an edit's operation. */
export const operationOf = <E extends Edit>({ op }: E): Operation<E> => OPERATIONS[op] as unknown as Operation<E>;

/** An edit that was not carried out, and why, in words for the editor. */
export interface Refusal {
  edit: Edit;
  reason: string;
}

/** The nodes that an edit is bound to, by kind. */
export const nodesOf = (edit: Edit): readonly Bound[] => operationOf(edit).nodes(edit);

function nodeOf(edit: Edit): string {
  if ("id" in edit) return edit.id;
  const [first] = nodesOf(edit);
  if (!first) return "";
  const { text, id, nth, of, before, after } = first.key;
  return JSON.stringify([text, id, nth, of, before, after]);
}

/** The same for two edits exactly where they change the same field of the same node. */
export function slotOf(edit: Edit): string {
  const apart = operationOf(edit).slot?.(edit);
  return apart === undefined ? `${edit.op} ${nodeOf(edit)}` : `${edit.op} ${nodeOf(edit)} ${apart}`;
}

/** What an edit changes, as a change list names it. */
export function fieldOf(edit: Edit): string {
  const { called, namesNode } = operationOf(edit);
  const [node] = nodesOf(edit);
  return node && namesNode ? `${called}: ${node.key.text}` : called;
}

/** The value an edit sets, as text for lists and spreadsheets. */
export const newValueOf = (edit: Edit): string => operationOf(edit).is(edit);

/** What an edit replaces, as text for lists and spreadsheets. */
export const wasOf = (edit: Edit): string => operationOf(edit).was?.(edit) ?? String(edit.was ?? "");

/** Whether an edit sets what was there already, so that it need not be kept. */
export const changesNothing = (edit: Edit): boolean => operationOf(edit).isNothing?.(edit) ?? false;

/**
 * A redraft with one more edit: it takes the place of an earlier one for the same node and field, keeping what that one
 * replaced; an edit that sets the original's own value removes it.
 */
export function withEdit(edits: readonly Edit[], edit: Edit): Edit[] {
  const earlier = edits.find((e) => slotOf(e) === slotOf(edit) || rewrites(edit, e));
  const bound = earlier ? takenOver(edit, earlier) : edit;
  const slot = slotOf(bound);
  const rest = edits.filter((e) => slotOf(e) !== slot);
  // Once a node is removed or has become another, its other edits are no more.
  const gone = new Set(operationOf(edit).ends ? nodesOf(edit).map(({ kind, key }) => kind + JSON.stringify(key)) : []);
  const kept = rest.filter((e) => !nodesOf(e).some(({ kind, key }) => gone.has(kind + JSON.stringify(key))));
  return changesNothing(bound) && !followsPattern(bound) ? kept : [...kept, bound];
}

/** An edit in the place of an earlier one: it keeps what that one replaced, its name, and where its values came from. */
const takenOver = (edit: Edit, earlier: Edit): Edit =>
  ({
    ...edit,
    was: earlier.was,
    ...("id" in earlier && { id: earlier.id }),
    ...("evidence" in earlier && !("evidence" in edit) && { evidence: earlier.evidence }),
  }) as Edit;

/** Whether an edit changes what an earlier one of the redraft has written. */
const rewrites = (edit: Edit, earlier: Edit): boolean =>
  edit.op === "set-data" && earlier.op === "set-data" && edit.was !== null && sameBlock(edit.was, earlier.value);
