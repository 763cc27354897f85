import type { HeadingKey, Page } from "../../page/page.ts";
import { withNode } from "../at-node.ts";
import { carryNode } from "../carry-node.ts";
import { standsAsHanded } from "../handing.ts";
import { setAttribute } from "../markup.ts";
import { type Operation, type Planned, patched, type Shape, setsWhatWas, valueIn } from "./operation.ts";

/** A heading's `id`, for links that lead to it. */
export interface SetHeadingId extends Shape {
  op: "set-heading-id";
  heading: HeadingKey;
  value: string;
  was: string | null;
}

const nodes = ({ heading }: SetHeadingId) => [{ kind: "heading" as const, key: heading }];
const standing = (page: Page, index: number) => page.headings[index]?.id ?? null;

export const setHeadingId: Operation<SetHeadingId> = {
  called: "heading id",
  schema: ({ key, value, nothing }) => ({ heading: key.required(), value, was: nothing }),
  nodes,
  is: valueIn,
  isNothing: setsWhatWas,
  plan: {
    html: (page, edit) =>
      withNode(page, "heading", edit.heading, (index): Planned => {
        const heading = page.headings[index];
        const value = edit.value.trim();
        if (!heading || !/^\S+$/.test(value)) return "An id is one word without spaces.";
        if (heading.id === value) return null;
        if (page.ids.some(({ id }) => id === value)) return `The id “${value}” is on the page already.`;
        return patched({ patches: [setAttribute(page.source, heading.range, "id", value)] });
      }),
  },
  standing,
  carry: (edit, carrying) => carryNode(edit, { nodes, standing }, carrying),
  takenOver: ({ value }, now, handing) =>
    standsAsHanded(now, handing, (page) => page.headings.filter(({ id }) => id === value).length),
  sample: ({ headings }, { fc, ofEach }) =>
    ofEach(headings, (_, { key, id: was }) =>
      fc.constantFrom("new-id", "x").map((value): SetHeadingId => ({ op: "set-heading-id", heading: key, value, was })),
    ),
};
