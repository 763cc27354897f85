import type { Page } from "../../page/page.ts";
import { carryNode } from "../carry-node.ts";
import { linksAsHanded } from "../handing.ts";
import { checked, destination, linkTail } from "../markdown-blocks.ts";
import { setAttribute } from "../markup.ts";
import type { NodeKey } from "../node.ts";
import { findNode, identity, keyOf } from "../resolve.ts";
import { ofOnlyNode } from "../row.ts";
import { type Operation, type Planned, patched, SETTLED, type Shape, setsWhatWas, valueIn } from "./operation.ts";

/** Where a link leads, as it is written: relative or in full. */
export interface SetLinkHref extends Shape {
  op: "set-link-href";
  link: NodeKey;
  value: string;
  was: string;
}

/** Why a link cannot lead to an address; null where it can. */
export function notForHref(value: string): string | null {
  if (value === "") return "A link has to lead somewhere. Type an address, or take the link out.";
  if (/\s/.test(value)) return "An address has no spaces: write %20 instead.";
  return /^(?:javascript|data|vbscript):/i.test(value) ? "A link cannot run a script here. Type an address." : null;
}

/** After it was changed a link no longer bears the key's address. */
const inPlace = (page: Page, { link: { text, nth, of }, value, was }: SetLinkHref): boolean => {
  const words = text.slice(was.length + 1);
  const now = identity(`${value} ${words}`);
  return now !== text && "index" in findNode(page, "link", { text: now, ...(of === 1 && { nth: nth ?? 1, of }) });
};

const plan =
  (run: (page: Page, index: number, value: string) => Planned) =>
  (page: Page, edit: SetLinkHref): Planned => {
    const value = edit.value.trim();
    const wrong = notForHref(value);
    if (wrong) return wrong;
    const found = findNode(page, "link", edit.link);
    if ("reason" in found) return inPlace(page, edit) ? null : found.reason;
    return page.links[found.index]?.href === value ? null : run(page, found.index, value);
  };

const inHtml = plan((page, index, value) => {
  const link = page.links[index];
  return link ? patched({ patches: [setAttribute(page.source, link.range, "href", value)] }) : null;
});

const inMarkdown = plan((page, index, value) => {
  const link = page.links[index];
  if (!link) return null;
  const { start, end } = link.range;
  const tail = linkTail(page.source.slice(start, end));
  if (!tail) return "The address of this link stands elsewhere in the file. Edit the source instead.";
  const patch = { start: start + tail.index, end, text: `](${destination(value)}${tail.hint})` };
  return patched(checked(page, { patches: [patch] }, null, (read) => read.links[index]?.href === value));
});

const nodes = ({ link }: SetLinkHref) => [{ kind: "link" as const, key: link }];
const standing = (page: Page, index: number) => page.links[index]?.href ?? "";

export const setLinkHref: Operation<SetLinkHref> = {
  called: "link address",
  namesNode: true,
  schema: ({ key, value, text }) => ({ link: key.required(), value, was: text.required() }),
  nodes,
  is: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, row) =>
    ofOnlyNode(page, "link", row.named, (key, index) => ({
      op: "set-link-href",
      link: key,
      value: row.is,
      was: standing(page, index),
    })),
  plan: { html: inHtml, markdown: inMarkdown },
  standing,
  carry: (edit, carrying) => (carrying.plan(edit) === null ? SETTLED : carryNode(edit, { nodes, standing }, carrying)),
  takenOver: ({ value, link: key, was }, now, handing) =>
    linksAsHanded(now, handing, (link) => link.href === value && identity(`${was} ${link.text}`) === key.text),
  sample: (page, { fc, ofEach }) =>
    ofEach(page.links, (i, { href: was }) =>
      fc
        .constantFrom("/new", "https://a.example/?a=1&b=2", "../up(1).html")
        .map((value): SetLinkHref => ({ op: "set-link-href", link: keyOf(page, "link", i), value, was })),
    ),
};
