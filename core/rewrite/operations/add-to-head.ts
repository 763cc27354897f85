import { readPage } from "../../page/read.ts";
import { insertHeadElement } from "../insert.ts";
import { type Operation, patched, SETTLED, type Shape, valueIn } from "./operation.ts";

/** Elements that only the head may hold, such as an ownership code. */
export interface AddToHead extends Shape {
  op: "add-to-head";
  id: string;
  value: string;
  was: null;
}

/** Why the head may not hold a piece of markup (HTML 4.2.1, metadata content); null where it may. */
export function notForHead(html: string): string | null {
  if (!/<[a-z]/i.test(html)) return "There is no element in it. Paste the whole code, with its angle brackets.";
  const source = `<!doctype html><html><head>${html}</head><body></body></html>`;
  const { headEndedBy, swallowing, anchors } = readPage(source, { address: "https://a.example/" });
  if (headEndedBy)
    return headEndedBy.tag === null
      ? "Text cannot stand in the head."
      : `A ${headEndedBy.tag} element cannot stand in the head.`;
  return swallowing.length > 0 || anchors.headEnd < 0 ? "Something in it is not closed." : null;
}

export const addToHead: Operation<AddToHead> = {
  called: "added to the head",
  schema: ({ id, value, nothing }) => ({ id, value, was: nothing }),
  nodes: () => [],
  is: valueIn,
  plan: {
    html(page, { value }) {
      const html = value.trim();
      const wrong = notForHead(html);
      if (wrong) return wrong;
      if (page.source.includes(html)) return null;
      return patched({ patches: [insertHeadElement(page, "other", html)] });
    },
  },
  carry: (edit, { plan }) => (plan(edit) === null ? SETTLED : { kept: edit }),
  sample: (_, { fc }) =>
    fc.constant({ op: "add-to-head", id: "a", value: '<meta name="owner" content="x">', was: null }),
};
